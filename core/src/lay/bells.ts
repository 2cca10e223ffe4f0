import { waresOn, type Ware, type Served } from '../counter/index.js';
import { boundsOf, sector } from '../cut/index.js';
import { asFood, baseOf, type Thing } from './thing.js';

/** A bell over what smells, where something delicate shares its board: smell overstates taste, and it is kept in. */
export interface Bell {
  readonly thing: Thing;
  /** The smallest of the shop that goes over it; null: one is to be hired, so wide. */
  readonly ware: Ware | null;
  /** Inside, mm: the thing and a finger's room round it. */
  readonly needs: number;
}

/** A finger's room to lift it without touching what lies under it, mm. House's own figure. */
const ROOM = 15;

/** How wide a thing lies: a whole by its outline, a patch as a disc of its area. */
function acrossOf({ lies, outline, area }: Thing): number {
  if (lies === 'patch') return 2 * Math.sqrt(area / Math.PI);
  const { min, max } = boundsOf(outline);
  return Math.hypot(max[0] - min[0], max[1] - min[1]);
}

/** Bells for what is strong, the shop's own where there is one for each board that is large enough; none where nothing delicate lies there. */
export function bellsFor(things: readonly Thing[], counter: Served, boards = 1): Bell[] {
  if (!things.some(({ traits }) => traits.delicate)) return [];
  const left = waresOn(counter)
    .filter(({ use, diameter }) => use === 'bell' && diameter !== null)
    .flatMap((ware) =>
      Array.from(
        { length: Math.floor(ware.lots.reduce((sum, { pieces }) => sum + pieces, 0) / boards) },
        () => ware,
      ),
    )
    .sort((a, b) => a.diameter! - b.diameter!);
  return things
    .map(asFood)
    .filter(({ traits }) => traits.strong)
    .map((thing) => {
      const needs = Math.ceil(acrossOf(thing) + 2 * ROOM);
      const at = left.findIndex(
        (ware) => ware.diameter! >= needs && (ware.height ?? Infinity) > thing.height,
      );
      const [ware = null] = at < 0 ? [] : left.splice(at, 1);
      return { thing, ware, needs };
    });
}

/** A bell that is to be hired is higher than what stands under it by this much, mm. House's own figure. */
const HEADROOM = 40;

/** What a person put under its bell takes the bell's room, and smells no more: it may stand beside what is delicate. */
export const underBells = (
  things: readonly Thing[],
  ids: readonly string[],
  bells: readonly Bell[],
): readonly Thing[] =>
  things.map((thing) => {
    const bell = ids.includes(baseOf(thing)) && bells.find((one) => one.thing.id === thing.id);
    if (!bell) return thing;
    const radius = (bell.ware?.diameter ?? bell.needs) / 2;
    return {
      ...thing,
      bare: thing,
      lies: 'whole',
      outline: sector(radius, 0, 360),
      area: Math.PI * radius ** 2,
      height: bell.ware?.height ?? thing.height + HEADROOM,
      traits: { ...thing.traits, strong: false, face: null, leans: false, rolls: false },
    };
  });
