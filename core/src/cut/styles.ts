import { edibleByRind } from '../amount/index.js';
import { densityOf, trimOf, type Cheese } from '../counter/index.js';
import { cubeEdge, discGrams, sectorArea, wedgeAngle } from './geometry.js';

/** What lies on the board after the cut, as the eye sees it; no two cheeses should look alike. */
export type CutLook =
  | 'whole'
  | 'pearl'
  | 'wedge'
  | 'coin'
  | 'triangle'
  | 'cube'
  | 'slice'
  | 'chunk'
  | 'nugget'
  | 'baton'
  | 'crumble'
  | 'spoonful';

/** One piece: what of it is eaten, its rind off where that is not, and its longest straight measure. */
export interface Piece {
  readonly grams: number;
  readonly longestMm: number;
}

export type CutStyleId =
  | 'lid off'
  | 'spooned'
  | 'opened whole'
  | 'pearls'
  | 'coins'
  | 'tip wedges'
  | 'first wedge out'
  | 'centre wedges'
  | 'nose to rind slices'
  | 'diagonal triangles'
  | 'long triangles'
  | 'cubes'
  | 'fanned slices'
  | 'batons'
  | 'rough chunks'
  | 'nuggets'
  | 'crumbled blue'
  | 'small blue wedges'
  | 'dice'
  | 'broken';

export interface CutStyle {
  readonly id: CutStyleId;
  readonly look: CutLook;
  readonly knife: string;
  /** 0 never, 1 at a pinch, 2 well, 3 the usual cut. */
  readonly suits: (cheese: Cheese) => 0 | 1 | 2 | 3;
  /** The piece, for a cheese of which `gross` grams are bought. */
  readonly piece: (cheese: Cheese, gross: number) => Piece;
}

const is = <T>(x: T, ...options: T[]) => options.includes(x);
const round = (cheese: Cheese) => is(cheese.form.shape, 'wheel', 'drum', 'half wheel', 'wedge');
/** A piece that is set out whole: up to about a pound. */
const SMALL_GRAMS = 500;
const small = (cheese: Cheese) => cheese.form.grams <= SMALL_GRAMS;
const flows = (cheese: Cheese) => cheese.paste === 'runny' || cheese.rind.kind === 'bark';

/** Supple paste slices clean and lies in a fan; a washed block has no better cut. Common practice, no source. */
function fans({ texture, paste, form: { shape, grams } }: Cheese): 0 | 2 | 3 {
  if (paste !== 'supple') return 0;
  if (texture === 'washed' && shape === 'block') return 3;
  return is(texture, 'semi-soft', 'firm') && grams > SMALL_GRAMS ? 2 : 0;
}

const TARGET_GRAMS = 12;
const BATON_MM = { side: 11, length: 55 };
const SLICE_MM = { thick: 5, width: 30, length: 60 };
/** Cuts that go by a size, mm. */
export const CUT_MM = { coins: 10, cubes: 18, dice: 15 } as const;

/** What of a whole piece is eaten, its rind off where that is not. */
const eaten = (cheese: Cheese): number => cheese.form.grams * edibleByRind(cheese);
/** So many equal pieces of the whole that each comes near the target weight: a multiple of `by`, at least `least`. */
const piecesOf = (cheese: Cheese, by: number, least: number): number =>
  Math.max(least, by * Math.round(eaten(cheese) / TARGET_GRAMS / by));

/** Equal wedges of one small whole cheese, each near the target weight; an even number, at least four. */
function centreWedge(cheese: Cheese): Piece {
  const radius = (cheese.form.diameter ?? 80) / 2;
  return { grams: eaten(cheese) / piecesOf(cheese, 2, 4), longestMm: radius };
}

/** What the whole round weighs of which this is the wheel, or the half. */
export const roundGrams = ({ form }: Cheese): number => form.grams * (form.shape === 'half wheel' ? 2 : 1);

/** Long triangles, rind to point, sliced from a wedge of the wheel parallel to its face, as thick as the target weighs. */
function longTriangle(cheese: Cheese, gross: number): Piece {
  const diameter = cheese.form.diameter ?? 200;
  const angle = Math.max(6, Math.min(15, wedgeAngle(gross, roundGrams(cheese))));
  const perMm = sectorArea(diameter, angle) * densityOf(cheese.form) * edibleByRind(cheese);
  const thick = Math.max(4, Math.min(8, TARGET_GRAMS / perMm));
  return { grams: perMm * thick, longestMm: diameter / 2 };
}

const block = (cheese: Cheese, a: number, b: number, c: number): Piece => ({
  grams: a * b * c * densityOf(cheese.form),
  longestMm: Math.max(a, b, c),
});
const lump =
  (grams: number) =>
  (cheese: Cheese): Piece => ({ grams, longestMm: cubeEdge(grams, densityOf(cheese.form)) * 1.3 });

/** The cuts, one row each. Common practice, no source. */
export const CUT_STYLES: readonly CutStyle[] = [
  {
    id: 'lid off',
    look: 'spoonful',
    knife: 'spoon',
    suits: (c) => (flows(c) && is(c.form.shape, 'wheel', 'drum', 'ball', 'square') ? 3 : 0),
    piece: lump(10),
  },
  {
    id: 'spooned',
    look: 'spoonful',
    knife: 'spoon',
    suits: (c) => (c.form.shape === 'tub' ? 3 : c.texture === 'fresh' && c.paste === 'wet' ? 1 : 0),
    piece: lump(12),
  },
  {
    id: 'opened whole',
    look: 'whole',
    knife: 'knife and spoon',
    suits: (c) => (c.form.shape === 'ball' && c.form.grams > 40 ? 3 : 0),
    piece: lump(15),
  },
  {
    id: 'pearls',
    look: 'pearl',
    knife: 'spoon or pick',
    suits: (c) => (c.form.shape === 'ball' && c.form.grams <= 40 ? 3 : 0),
    piece: (c) => ({ grams: c.form.grams, longestMm: c.form.diameter ?? 25 }),
  },
  {
    id: 'coins',
    look: 'coin',
    knife: 'wire or thread',
    suits: (c) => (c.form.shape === 'log' ? 3 : 0),
    piece: (c) => ({
      grams: discGrams(
        Math.max(0, (c.form.diameter ?? 40) - 2 * trimOf(c.rind)),
        CUT_MM.coins,
        densityOf(c.form),
      ),
      longestMm: c.form.diameter ?? 40,
    }),
  },
  {
    id: 'tip wedges',
    look: 'wedge',
    knife: 'thin blade, wiped',
    suits: (c) => (c.form.shape === 'pyramid' ? 3 : 0),
    piece: (c) => ({
      grams: eaten(c) / piecesOf(c, 1, 8),
      longestMm: c.form.height ?? 60,
    }),
  },
  {
    id: 'first wedge out',
    look: 'whole',
    knife: 'open-work blade',
    suits: (c) => (round(c) && small(c) && is(c.texture, 'bloomy', 'soft', 'washed') && !flows(c) ? 3 : 0),
    piece: centreWedge,
  },
  {
    id: 'centre wedges',
    look: 'wedge',
    knife: 'open-work blade',
    suits: (c) =>
      round(c) && small(c) && !flows(c)
        ? is(c.texture, 'bloomy', 'soft', 'washed')
          ? 2
          : is(c.texture, 'semi-soft', 'firm', 'fresh')
            ? 3
            : 1
        : 0,
    piece: centreWedge,
  },
  {
    id: 'nose to rind slices',
    look: 'wedge',
    knife: 'open-work blade',
    suits: (c) => (round(c) && !small(c) && is(c.texture, 'bloomy', 'soft', 'washed') && !flows(c) ? 3 : 0),
    piece: longTriangle,
  },
  {
    id: 'diagonal triangles',
    look: 'triangle',
    knife: 'open-work blade',
    suits: (c) => (c.form.shape === 'square' && !flows(c) ? 3 : 0),
    piece: (c) => ({
      grams: eaten(c) / piecesOf(c, 8, 8),
      longestMm: (c.form.length ?? 80) / 2,
    }),
  },
  {
    id: 'long triangles',
    look: 'triangle',
    knife: 'thin plane knife',
    suits: (c) =>
      round(c) && !small(c) && is(c.texture, 'semi-soft', 'firm', 'hard')
        ? c.paste === 'brittle'
          ? 1
          : 3
        : 0,
    piece: longTriangle,
  },
  {
    id: 'cubes',
    look: 'cube',
    knife: 'chef’s knife',
    suits: (c) =>
      c.form.shape === 'block' && c.paste === 'supple' && is(c.texture, 'semi-soft', 'firm', 'hard')
        ? 3
        : is(c.texture, 'semi-soft', 'firm') && c.paste === 'supple' && !small(c)
          ? 1
          : 0,
    piece: (c) => block(c, CUT_MM.cubes, CUT_MM.cubes, CUT_MM.cubes),
  },
  {
    id: 'fanned slices',
    look: 'slice',
    knife: 'thin plane knife',
    suits: fans,
    piece: (c) => block(c, SLICE_MM.thick, SLICE_MM.width, SLICE_MM.length),
  },
  {
    id: 'batons',
    look: 'baton',
    knife: 'plane knife',
    suits: (c) =>
      is(c.texture, 'firm', 'hard') && !small(c) && c.paste !== 'crumbly'
        ? c.paste === 'brittle'
          ? 1
          : 2
        : 0,
    piece: (c) => block(c, BATON_MM.side, BATON_MM.side, BATON_MM.length),
  },
  {
    id: 'rough chunks',
    look: 'chunk',
    knife: 'chisel',
    suits: (c) =>
      c.texture === 'hard'
        ? is(c.paste, 'brittle', 'crumbly')
          ? 3
          : 1
        : c.texture === 'firm' && c.paste === 'crumbly'
          ? 3
          : 0,
    piece: lump(9),
  },
  {
    id: 'nuggets',
    look: 'nugget',
    knife: 'short spade',
    suits: (c) => (c.texture === 'very hard' ? 3 : c.texture === 'hard' && c.paste === 'brittle' ? 2 : 0),
    piece: lump(6),
  },
  {
    id: 'crumbled blue',
    look: 'crumble',
    knife: 'its own butter knife',
    suits: (c) => (c.texture === 'blue' && is(c.paste, 'crumbly', 'brittle') ? 3 : 0),
    piece: lump(6),
  },
  {
    id: 'small blue wedges',
    look: 'wedge',
    knife: 'wire, and its own knife',
    suits: (c) => (c.texture === 'blue' && !flows(c) ? (is(c.paste, 'creamy', 'supple') ? 3 : 1) : 0),
    piece: lump(12),
  },
  {
    id: 'dice',
    look: 'cube',
    knife: 'thin blade',
    suits: (c) => (is(c.texture, 'fresh', 'soft') && is(c.form.shape, 'block', 'square') ? 3 : 0),
    piece: (c) => block(c, CUT_MM.dice, CUT_MM.dice, CUT_MM.dice),
  },
  {
    id: 'broken',
    look: 'chunk',
    knife: 'blunt knife',
    suits: () => 1,
    piece: lump(10),
  },
];
