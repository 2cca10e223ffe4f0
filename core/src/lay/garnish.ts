import { purchase, type Purchase } from '../amount/index.js';
import { companyOf, type Brief } from '../brief/index.js';
import { mayOffer } from '../care/index.js';
import {
  companionsOn,
  garnishStem,
  garnishTrouble,
  isCompanion,
  type Companion,
  type GarnishStem,
  type Good,
  type Served,
} from '../counter/index.js';
import { sector } from '../cut/index.js';
import { grams } from '../units/index.js';
import { areaOf } from './geometry.js';
import { BUNCH } from './sprigs.js';
import { PLAIN, type Thing } from './thing.js';

/** What may decorate a board, by species: what it is called, g of a sprig or pinch, mm across, and whether its stem comes out before eating. */
interface Kind {
  readonly stems: readonly GarnishStem[];
  readonly grams: number;
  readonly across: number;
  readonly stemOut: boolean;
}
const herb = (name: GarnishStem, weight: number, across = 70): Kind => ({
  stems: [name],
  grams: weight,
  across,
  stemOut: true,
});
const petal = (...stems: GarnishStem[]): Kind => ({ stems, grams: 0.3, across: 35, stemOut: false });
const pinch = (...stems: GarnishStem[]): Kind => ({ stems, grams: 2, across: 40, stemOut: false });

/**
 * The allowlist: herbs by the sprig, seeds, zest and edible petals (docs/trade.md `lay/garnish GARNISHES`; weights are the house's own). What is not on it is refused.
 */
const GARNISHES: readonly Kind[] = [
  herb('rosemary', 1.5, 90),
  herb('thyme', 0.6),
  herb('sage', 0.8),
  herb('mint', 0.8),
  herb('basil', 0.8),
  herb('dill', 0.7),
  herb('parsley', 1),
  herb('oregano', 0.6),
  herb('marjoram', 0.6),
  herb('tarragon', 0.6),
  { stems: ['chive'], grams: 0.4, across: 80, stemOut: false },
  pinch('pomegranate seed', 'pomegranate'),
  pinch('sesame'),
  pinch('fennel seed'),
  pinch('pumpkin seed'),
  pinch('zest'),
  petal('nasturtium'),
  petal('viola', 'pansy'),
  petal('borage'),
  petal('calendula', 'marigold petal'),
  petal('cornflower'),
  petal('chive blossom'),
];

const KIND_OF: ReadonlyMap<GarnishStem, Kind> = new Map(
  GARNISHES.flatMap((kind) => kind.stems.map((stem) => [stem, kind] as const)),
);

export type GarnishRefusal = 'poisonous' | 'not on the list' | 'no food supplier' | 'not for these guests';

/** What is known of a garnish by its name; null where nothing may be made of it. */
const kindOf = (text: string): Kind | null => {
  const verdict = garnishStem(text);
  return 'stem' in verdict ? KIND_OF.get(verdict.stem)! : null;
};

const isGarnish = ({ role }: Companion): boolean => role === 'garnish';
/** What of the counter is there to decorate with. */
export const garnishShelf = (counter: Served): readonly Companion[] =>
  companionsOn(counter).filter(isGarnish);

/**
 * May this decorate a board? Only what is on the allowlist and on the counter, from a food supplier: florist's flowers and
 * household greens may be sprayed or poisonous. Source: common practice, no source.
 */
export function garnishVerdict(
  text: string,
  counter: Served,
  brief: Brief,
): { readonly good: Companion } | { readonly refused: GarnishRefusal } {
  const verdict = garnishStem(text);
  if ('refused' in verdict) return verdict;
  const kind = kindOf(text);
  const good = garnishShelf(counter).find(({ name, style }) => kindOf(`${name} ${style}`) === kind);
  if (!good) return { refused: 'no food supplier' };
  return mayDecorate(good, brief) ? { good } : { refused: 'not for these guests' };
}

/**
 * What a guest at this board must not eat never decorates it, by hand neither: what lies there is eaten, or touches what is; nor
 * what is poisonous or not known, whichever way it came to the counter.
 */
export const mayDecorate = (good: Companion, brief: Brief): boolean =>
  garnishTrouble(good) === null && mayOffer(good, companyOf(brief));

/** A garnish of an order, weighed and priced. */
export interface Garnish extends Purchase {
  readonly good: Companion;
  readonly sprigs: number;
  readonly stemOut: boolean;
}

/** What was asked for, as far as the order has it and its guests may have it. */
export function garnishOf(
  wanted: readonly { readonly id: string; readonly sprigs: number }[],
  goods: ReadonlyMap<string, Good>,
  brief: Brief,
): Garnish[] {
  return wanted.flatMap(({ id, sprigs }) => {
    const good = goods.get(id);
    if (!good || !isCompanion(good) || !isGarnish(good) || !mayDecorate(good, brief)) return [];
    const { grams: each, stemOut } = kindOf(`${good.name} ${good.style}`)!;
    return [{ ...purchase(good, grams(Math.ceil(each * sprigs)), brief.practice), good, sprigs, stemOut }];
  });
}

/** Garnish as it lies: bunches of three, each a small thing of its own. */
export function garnishThings(garnishes: readonly Garnish[], boards: number): Thing[] {
  return garnishes.flatMap(({ good, sprigs }) => {
    const { across, grams: each } = kindOf(`${good.name} ${good.style}`)!;
    const here = Math.max(1, Math.round(sprigs / boards));
    const outline = sector(across / 4, 0, 360).map(([x, y]) => [2 * x, y] as const);
    return Array.from({ length: Math.ceil(here / BUNCH) }, (_, i): Thing => {
      const pieces = Math.min(BUNCH, here - i * BUNCH);
      return {
        // A herb may lie there as a companion too.
        id: `${good.id}--sprigs-${i + 1}`,
        name: good.name,
        lies: 'whole',
        outline,
        area: areaOf(outline),
        height: 12,
        grams: each * pieces,
        pieces,
        colours: good.colours,
        traits: { ...PLAIN, kind: 'garnish', colour: good.colours[0]! },
        vessel: null,
        beside: [],
      };
    });
  });
}
