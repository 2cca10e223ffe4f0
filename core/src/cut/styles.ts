import { densityOf, type Cheese } from '../counter/index.js';
import { cubeEdge, discGrams, sectorArea, wedgeAngle } from './geometry.js';

/** What lies on the board after the cut, as the eye sees it; no two cheeses should look alike. */
export type CutLook =
  | 'whole'
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

/** One piece: what it weighs and its longest straight measure. */
export interface Piece {
  readonly grams: number;
  readonly longestMm: number;
}

export interface CutStyle {
  readonly id: string;
  readonly label: string;
  readonly look: CutLook;
  readonly knife: string;
  readonly why: string;
  /** 0 never, 1 at a pinch, 2 well, 3 the usual cut. */
  readonly suits: (cheese: Cheese) => 0 | 1 | 2 | 3;
  /** The piece, for a cheese of which `gross` grams are bought. */
  readonly piece: (cheese: Cheese, gross: number) => Piece;
}

const is = <T>(x: T, ...options: T[]) => options.includes(x);
const round = (cheese: Cheese) => is(cheese.form.shape, 'wheel', 'drum', 'half wheel', 'wedge');
/** A piece that is set out whole: up to about a pound. */
const small = (cheese: Cheese) => cheese.form.grams <= 500;
const flows = (cheese: Cheese) => cheese.paste === 'runny' || cheese.rind.kind === 'bark';

const TARGET_GRAMS = 12;
const CUBE_MM = 18;
const COIN_MM = 10;
const BATON_MM = { side: 11, length: 55 };
const SLICE_MM = { thick: 5, width: 30, length: 60 };
const DICE_MM = 15;

/** Equal wedges of one small whole cheese, each near the target weight; an even number, at least four. */
function centreWedge(cheese: Cheese): Piece {
  const n = Math.max(4, 2 * Math.round(cheese.form.grams / TARGET_GRAMS / 2));
  const radius = (cheese.form.diameter ?? 80) / 2;
  return { grams: cheese.form.grams / n, longestMm: radius };
}

/** Long triangles, rind to point, sliced from a wedge of the wheel parallel to its face, as thick as the target weighs. */
function longTriangle(cheese: Cheese, gross: number): Piece {
  const diameter = cheese.form.diameter ?? 200;
  const angle = Math.max(6, Math.min(15, wedgeAngle(gross, cheese.form.grams)));
  const perMm = sectorArea(diameter, angle) * densityOf(cheese.form);
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
    label: 'lid off, spooned; the band stays',
    look: 'spoonful',
    knife: 'spoon',
    why: 'it flows: a wedge would run away',
    suits: (c) => (flows(c) && is(c.form.shape, 'wheel', 'drum', 'ball', 'square') ? 3 : 0),
    piece: lump(10),
  },
  {
    id: 'spooned',
    label: 'from the tub, in spoonfuls',
    look: 'spoonful',
    knife: 'spoon',
    why: 'too soft to hold an edge',
    suits: (c) => (c.form.shape === 'tub' ? 3 : c.texture === 'fresh' && c.paste === 'wet' ? 1 : 0),
    piece: lump(12),
  },
  {
    id: 'opened whole',
    label: 'whole, opened at the table',
    look: 'whole',
    knife: 'knife and spoon',
    why: 'the heart runs when it is opened',
    suits: (c) => (c.form.shape === 'ball' && c.form.grams > 40 ? 3 : 0),
    piece: lump(15),
  },
  {
    id: 'pearls',
    label: 'pearls, left whole',
    look: 'whole',
    knife: 'spoon or pick',
    why: 'one pearl is one bite',
    suits: (c) => (c.form.shape === 'ball' && c.form.grams <= 40 ? 3 : 0),
    piece: (c) => ({ grams: c.form.grams, longestMm: c.form.diameter ?? 25 }),
  },
  {
    id: 'coins',
    label: 'coins, 10 mm',
    look: 'coin',
    knife: 'wire or thread',
    why: 'it crumbles under a thick blade',
    suits: (c) => (c.form.shape === 'log' ? 3 : 0),
    piece: (c) => ({
      grams: discGrams(c.form.diameter ?? 40, COIN_MM, densityOf(c.form)),
      longestMm: c.form.diameter ?? 40,
    }),
  },
  {
    id: 'tip wedges',
    label: 'wedges from the tip',
    look: 'wedge',
    knife: 'thin blade, wiped',
    why: 'heart and rind on every piece',
    suits: (c) => (c.form.shape === 'pyramid' ? 3 : 0),
    piece: (c) => ({
      grams: c.form.grams / Math.max(8, Math.round(c.form.grams / TARGET_GRAMS)),
      longestMm: c.form.height ?? 60,
    }),
  },
  {
    id: 'first wedge out',
    label: 'whole, a first wedge pulled',
    look: 'whole',
    knife: 'open-work blade',
    why: 'a started cheese is eaten; sticky paste wants holes in the blade',
    suits: (c) => (round(c) && small(c) && is(c.texture, 'bloomy', 'soft', 'washed') && !flows(c) ? 3 : 0),
    piece: centreWedge,
  },
  {
    id: 'centre wedges',
    label: 'wedges from the centre',
    look: 'wedge',
    knife: 'open-work blade',
    why: 'every piece runs from heart to rind',
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
    label: 'slices along the wedge, nose to rind',
    look: 'wedge',
    knife: 'open-work blade',
    why: 'nobody gets all nose or all rind',
    suits: (c) => (round(c) && !small(c) && is(c.texture, 'bloomy', 'soft', 'washed') && !flows(c) ? 3 : 0),
    piece: longTriangle,
  },
  {
    id: 'diagonal triangles',
    label: 'diagonals into triangles',
    look: 'triangle',
    knife: 'open-work blade',
    why: 'every piece has rind',
    suits: (c) => (c.form.shape === 'square' && !flows(c) ? 3 : 0),
    piece: (c) => ({
      grams: c.form.grams / Math.max(8, 8 * Math.round(c.form.grams / TARGET_GRAMS / 8)),
      longestMm: (c.form.length ?? 80) / 2,
    }),
  },
  {
    id: 'long triangles',
    label: 'long thin triangles, rind to point',
    look: 'triangle',
    knife: 'thin plane knife',
    why: 'flavour changes from core to rind; each gets all of it',
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
    label: 'cubes, 18 mm',
    look: 'cube',
    knife: 'chef’s knife',
    why: 'easy finger food, perfect cubes from a block',
    suits: (c) =>
      c.form.shape === 'block' && c.paste === 'supple' && is(c.texture, 'semi-soft', 'firm', 'hard')
        ? 3
        : is(c.texture, 'semi-soft', 'firm') && c.paste === 'supple' && !small(c)
          ? 1
          : 0,
    piece: (c) => block(c, CUBE_MM, CUBE_MM, CUBE_MM),
  },
  {
    id: 'fanned slices',
    label: 'slices, fanned',
    look: 'slice',
    knife: 'thin plane knife',
    why: 'supple paste slices clean and lies in a fan',
    suits: (c) => (is(c.texture, 'semi-soft', 'firm') && !small(c) && c.paste === 'supple' ? 2 : 0),
    piece: (c) => block(c, SLICE_MM.thick, SLICE_MM.width, SLICE_MM.length),
  },
  {
    id: 'batons',
    label: 'finger batons, stacked like a tent',
    look: 'baton',
    knife: 'plane knife',
    why: 'height, and a new shape',
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
    label: 'rough chunks, half broken, rest whole',
    look: 'chunk',
    knife: 'chisel',
    why: 'it breaks along the grain and shows its crystals',
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
    label: 'pried into nuggets',
    look: 'nugget',
    knife: 'short spade',
    why: 'a knife skids on paste so hard',
    suits: (c) => (c.texture === 'very hard' ? 3 : c.texture === 'hard' && c.paste === 'brittle' ? 2 : 0),
    piece: lump(6),
  },
  {
    id: 'crumbled blue',
    label: 'stabbed and twisted to a crumble',
    look: 'crumble',
    knife: 'its own butter knife',
    why: 'it smears and scents the others',
    suits: (c) => (c.texture === 'blue' && is(c.paste, 'crumbly', 'brittle') ? 3 : 0),
    piece: lump(6),
  },
  {
    id: 'small blue wedges',
    label: 'small wedges',
    look: 'wedge',
    knife: 'wire, and its own knife',
    why: 'creamy blue is cut, not crumbled',
    suits: (c) => (c.texture === 'blue' && !flows(c) ? (is(c.paste, 'creamy', 'supple') ? 3 : 1) : 0),
    piece: lump(12),
  },
  {
    id: 'dice',
    label: 'dice, 15 mm, drained',
    look: 'cube',
    knife: 'thin blade',
    why: 'brittle and wet: small dice hold',
    suits: (c) => (is(c.texture, 'fresh', 'soft') && is(c.form.shape, 'block', 'square') ? 3 : 0),
    piece: (c) => block(c, DICE_MM, DICE_MM, DICE_MM),
  },
  {
    id: 'broken',
    label: 'broken by hand',
    look: 'chunk',
    knife: 'blunt knife',
    why: 'nothing in the book suits it better',
    suits: () => 1,
    piece: lump(10),
  },
];
