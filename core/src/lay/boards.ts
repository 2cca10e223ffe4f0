import { isBoxed, suitsAll, type Brief } from '../brief/index.js';
import { waresOn, type Ware, type Served } from '../counter/index.js';
import { memoisedBy } from '../units/index.js';

/** A board as something to lie on; round by its diameter, else length by width. mm. */
export interface Board {
  readonly id: string;
  readonly name: string;
  readonly material: Ware['material'];
  /** As its ware is entered, by which it is drawn; its material decides where it is unknown. */
  readonly colour?: string;
  readonly length: number;
  readonly width: number;
  readonly round: boolean;
  readonly rim: number;
  /** mm; 0: nothing is carried, it is the table itself. */
  readonly thick: number;
  /** How many there are. */
  readonly count: number;
}

export const boardArea = ({ length, width, round }: Board): number =>
  round ? (Math.PI * length * length) / 4 : length * width;

/** Share of the board's area that is covered, by manner (docs/trade.md `lay/boards BANDS`). */
export const BANDS: Record<Brief['manner'], readonly [low: number, high: number]> = {
  plain: [0.55, 0.65],
  usual: [0.7, 0.8],
  lavish: [0.88, 0.95],
};

/** Boxes for one person (docs/trade.md `lay/boards BOXES`); the house's own measures. */
const boxOf = (id: string, length: number, width: number): Board => ({
  id,
  name: id,
  material: 'other',
  length,
  width,
  round: false,
  rim: 40,
  thick: 1,
  count: 500,
});
const BOXES = [boxOf('small box', 200, 140), boxOf('box', 240, 170), boxOf('large box', 300, 210)];
export const isBox = ({ id }: Board): boolean => BOXES.some((box) => box.id === id);
/** The tiers of a stand, the lowest first: round plates of usual sizes. House's own measures. */
export const TIERS: readonly Board[] = [300, 250, 200].map((diameter, i) => ({
  id: `tier-${i + 1}`,
  name: (['bottom tier', 'middle tier', 'top tier'] as const)[i]!,
  material: 'ceramic',
  length: diameter,
  width: diameter,
  round: true,
  rim: 0,
  thick: 6,
  count: 6,
}));

/** A table of unknown size. */
const TABLE = { length: 1200, width: 600 };

/** A board of unknown thickness, mm. House's own figure. */
const USUAL_THICK = 20;

function boardOf(ware: Ware): Board[] {
  const { diameter, length, width, rim, material, id, name, colours } = ware;
  const [colour] = colours;
  const thick = ware.height ?? USUAL_THICK;
  const count = ware.lots.reduce((sum, { pieces }) => sum + pieces, 0);
  if (count === 0) return [];
  if (diameter)
    return [
      {
        id,
        name,
        material,
        colour,
        length: diameter,
        width: diameter,
        round: true,
        rim: rim ?? 0,
        thick,
        count,
      },
    ];
  return length && width
    ? [{ id, name, material, colour, length, width, round: false, rim: rim ?? 0, thick, count }]
    : [];
}

const shopBoards = memoisedBy((counter: Served) =>
  waresOn(counter).flatMap((ware) => (ware.use === 'board' ? boardOf(ware) : [])),
);

/** Boards of the shop, without those that are oiled with what somebody here must not have. */
const boardsOfShop = (brief: Brief, counter: Served): Board[] => {
  const oiled = new Set(
    waresOn(counter)
      .filter((ware) => !suitsAll(ware, brief))
      .map(({ id }) => id),
  );
  return shopBoards(counter).filter(({ id }) => !oiled.has(id));
};

/** What an order may be laid on: boxes, a bare table, or the boards of customer and shop; the tiers of a stand are a way of their own. */
export function boardsFor(brief: Brief, counter: Served): Board[] {
  if (isBoxed(brief)) return BOXES;
  if (brief.surface === 'bare table') {
    const { length, width } = brief.tableSize ?? TABLE;
    return [
      {
        id: 'table',
        name: 'table',
        material: 'other',
        length,
        width,
        round: false,
        rim: 0,
        thick: 0,
        count: 1,
      },
    ];
  }
  const own = brief.wares.flatMap(({ name, use, count, length, width, diameter }, i): Board[] => {
    if (use !== 'board' || !(diameter || (length && width))) return [];
    return [
      {
        id: `own-${i}`,
        name,
        material: 'unknown',
        length: diameter ?? length!,
        width: diameter ?? width!,
        round: Boolean(diameter),
        rim: 0,
        thick: USUAL_THICK,
        count,
      },
    ];
  });
  return [...own, ...boardsOfShop(brief, counter)];
}
