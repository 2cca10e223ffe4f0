import type { Cheese } from '../counter/index.js';
import type { KnifeId, ToolId } from './knives.js';
import {
  coins,
  grid,
  layered,
  lumps,
  radial,
  ringed,
  sideRays,
  times,
  whole,
  zigzag,
  type Division,
} from './division.js';
import { isRound, volumeOf, type Stock } from './stock.js';

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
  | 'zig-zag slices'
  | 'cubes'
  | 'fanned slices'
  | 'batons'
  | 'rough chunks'
  | 'nuggets'
  | 'crumbled blue'
  | 'small blue wedges'
  | 'spread blue'
  | 'dice'
  | 'slabs'
  | 'broken';

export interface CutStyle {
  readonly id: CutStyleId;
  readonly look: CutLook;
  readonly knife: KnifeId;
  /** What guests take it with. */
  readonly serving: ToolId;
  /** 0 never, 1 at a pinch, 2 well, 3 the usual cut. */
  readonly suits: (cheese: Cheese) => 0 | 1 | 2 | 3;
  /** It stands whole, and guests cut from it. */
  readonly whole?: boolean;
  /** Weight of a piece that is aimed at, g. */
  readonly piece: number;
  /** Of what is cut, the share that stays on knife, wire, board and fingers. Common practice, no source. */
  readonly loss: number;
  /** Work of one piece, seconds, by practised hands (trade table). */
  readonly seconds: number;
  /** The stock cut so that a piece weighs about so much. */
  readonly divide: (stock: Stock, grams: number) => Division;
}

const is = <T>(x: T, ...options: T[]) => options.includes(x);
/** A piece that is set out whole: up to about a pound. */
const SMALL_GRAMS = 500;
const small = (cheese: Cheese) => cheese.form.grams <= SMALL_GRAMS;
const flows = (cheese: Cheese) => cheese.paste === 'runny' || cheese.rind.kind === 'bark';
const angular = (cheese: Cheese) => is(cheese.form.shape, 'block', 'square');

/** Supple paste slices clean and lies in a fan; a washed block has no better cut. Common practice, no source. */
function fans({ texture, paste, form: { shape, grams } }: Cheese): 0 | 2 | 3 {
  if (paste !== 'supple') return 0;
  if (texture === 'washed' && shape === 'block') return 3;
  return is(texture, 'semi-soft', 'firm') && grams > SMALL_GRAMS ? 2 : 0;
}

const inside = (stock: Stock): number => volumeOf(stock, stock.trim) * stock.density;
/** A ray piece narrower than this at its back falls apart on the knife. House's own figure. */
const NARROWEST_MM = 13;
const rimOf = ({ kind, radius, trim, angle, length, width }: Stock): number =>
  kind === 'sector' || kind === 'log'
    ? (angle / 360) * 2 * Math.PI * (radius - trim)
    : 2 * (length + width - 4 * trim);
/** So many equal pieces that each comes near the weight: a multiple of `by`, at least `least`, none a sliver. */
function piecesOf(stock: Stock, grams: number, by: number, least: number): number {
  const most = Math.floor(rimOf(stock) / NARROWEST_MM / by) * by;
  return Math.max(least, Math.min(most, by * Math.round(inside(stock) / grams / by)));
}

/** Cuts that go by a size, mm. */
export const CUT_MM = { coins: 10, cubes: 18, dice: 15 } as const;
/** Coins of 8 to 12 mm, cubes of 15 to 20, dice of 12 to 18. Common practice, no source. */
const RANGE = { coins: [8, 12], cubes: [15, 20], dice: [12, 18] } as const;
const BATON_MM = { side: 11, length: 55 };
const SLICE_MM = { thick: 5, width: 30, length: 60 };
const SLAB_MM = { thick: 12, width: 45, length: 60 };
const ZIGZAG_MM = { base: 34, thick: 7 };
/** A triangle is as thick as its weight asks, within what holds together and lies flat; its back no wider than a cracker. */
const TRIANGLE_MM = { thin: 4, thick: 8, wide: 40, long: 120 };

const within = (x: number, [low, high]: readonly [number, number]) => Math.max(low, Math.min(high, x));
const edgeFor = (stock: Stock, grams: number, range: readonly [number, number]) =>
  within(Math.cbrt(grams / stock.density), range);

const wedges =
  (by: number, least: number) =>
  (stock: Stock, grams: number): Division =>
    radial(stock, piecesOf(stock, grams, by, least));

/** Wedges of a wedge: each from point to rind, along alternate sides, and no point cut off. */
const noseToRind = (stock: Stock, grams: number): Division => radial(stock, piecesOf(stock, grams, 1, 1));

function triangles(stock: Stock, grams: number): Division {
  const radius = stock.radius - stock.trim;
  const back = (stock.angle / 360) * 2 * Math.PI * radius;
  const lengths = Math.max(1, Math.ceil(radius / TRIANGLE_MM.long - 1e-9));
  const high = volumeOf(stock, stock.trim) / ((stock.angle / 360) * Math.PI * radius ** 2);
  const perMm = inside(stock) / high;
  const wide = Math.max(1, Math.ceil(back / TRIANGLE_MM.wide - 1e-9));
  const parts = Math.max(wide, Math.round((perMm * TRIANGLE_MM.thin) / (grams * lengths)));
  const thick = within((grams * parts * lengths) / perMm, [TRIANGLE_MM.thin, TRIANGLE_MM.thick]);
  return layered(stock, Math.max(1, Math.round(high / thick)), parts, lengths);
}

/** A wide wedge of blue is parted first, so that each part lies on its side. */
const WIDEST_ON_ITS_SIDE = 40;
function blueWedges(stock: Stock, grams: number): Division {
  if (stock.kind !== 'sector') return lumps(stock, grams, 8, 18);
  const parts = Math.max(1, Math.ceil(stock.angle / WIDEST_ON_ITS_SIDE - 1e-9));
  const part = { ...stock, angle: stock.angle / parts };
  const n = Math.max(1, Math.round(inside(part) / grams));
  return times(sideRays(part, Math.min(n, 24)), parts);
}

const blocks = (stock: Stock, long: number, wide: number, high: number): Division =>
  stock.kind === 'box' ? grid(stock, long, wide, high) : ringed(stock, long, wide, high);

const slices = (stock: Stock, { thick, width, length }: typeof SLICE_MM): Division =>
  stock.kind === 'box' ? grid(stock, thick, width, length) : ringed(stock, length, width, thick);

const batons = (stock: Stock, grams: number): Division => {
  const side = within(Math.sqrt(grams / (stock.density * BATON_MM.length)), [9, 13]);
  return blocks(stock, BATON_MM.length, side, side);
};

const broken =
  (low: number, high: number) =>
  (stock: Stock, grams: number): Division =>
    lumps(stock, grams, low, high);

/** The cuts, one row each. Common practice, no source. */
export const CUT_STYLES: readonly CutStyle[] = [
  {
    id: 'lid off',
    look: 'spoonful',
    knife: 'thin blade',
    serving: 'spoon',
    suits: (c) => (flows(c) && !is(c.form.shape, 'tub', 'block') ? 3 : 0),
    piece: 10,
    loss: 0.03,
    seconds: 30,
    divide: broken(7, 14),
  },
  {
    id: 'spooned',
    look: 'spoonful',
    knife: 'none',
    serving: 'spoon',
    suits: (c) => (c.form.shape === 'tub' ? 3 : c.texture === 'fresh' && c.paste === 'wet' ? 1 : 0),
    piece: 12,
    loss: 0.03,
    seconds: 8,
    divide: broken(8, 18),
  },
  {
    id: 'opened whole',
    look: 'whole',
    knife: 'thin blade',
    serving: 'knife and spoon',
    suits: (c) => (c.form.shape === 'ball' && c.form.grams > 40 ? 3 : 0),
    piece: 15,
    loss: 0.01,
    seconds: 10,
    whole: true,
    divide: broken(10, 22),
  },
  {
    id: 'pearls',
    look: 'pearl',
    knife: 'none',
    serving: 'pick',
    suits: (c) => (c.form.shape === 'ball' && c.form.grams <= 40 ? 3 : 0),
    piece: 12,
    loss: 0,
    seconds: 1,
    divide: whole,
  },
  {
    id: 'coins',
    look: 'coin',
    knife: 'wire',
    serving: 'fingers',
    suits: (c) => (c.form.shape === 'log' ? 3 : 0),
    piece: 15,
    loss: 0.01,
    seconds: 4,
    divide: (stock, grams) =>
      coins(stock, within(grams / (stock.density * Math.PI * stock.radius ** 2), RANGE.coins)),
  },
  {
    id: 'tip wedges',
    look: 'wedge',
    knife: 'thin blade',
    serving: 'fingers',
    suits: (c) => (c.form.shape === 'pyramid' ? 3 : 0),
    piece: 20,
    loss: 0.015,
    seconds: 9,
    divide: wedges(4, 8),
  },
  {
    id: 'first wedge out',
    look: 'whole',
    knife: 'open-work blade',
    serving: 'open-work blade',
    suits: (c) => (isRound(c) && small(c) && is(c.texture, 'bloomy', 'soft', 'washed') && !flows(c) ? 3 : 0),
    piece: 15,
    loss: 0.01,
    seconds: 9,
    whole: true,
    divide: wedges(2, 4),
  },
  {
    id: 'centre wedges',
    look: 'wedge',
    knife: 'open-work blade',
    serving: 'fingers',
    suits: (c) =>
      isRound(c) && small(c) && !flows(c)
        ? is(c.texture, 'bloomy', 'soft', 'washed')
          ? 2
          : is(c.texture, 'semi-soft', 'firm', 'fresh')
            ? 3
            : 1
        : 0,
    piece: 15,
    loss: 0.015,
    seconds: 9,
    divide: wedges(2, 4),
  },
  {
    id: 'nose to rind slices',
    look: 'wedge',
    knife: 'thin blade',
    serving: 'fingers',
    suits: (c) => (isRound(c) && !small(c) && is(c.texture, 'bloomy', 'soft', 'washed') && !flows(c) ? 3 : 0),
    piece: 15,
    loss: 0.015,
    seconds: 9,
    divide: noseToRind,
  },
  {
    id: 'diagonal triangles',
    look: 'triangle',
    knife: 'open-work blade',
    serving: 'fingers',
    suits: (c) => (c.form.shape === 'square' && !flows(c) ? 3 : 0),
    piece: 15,
    loss: 0.015,
    seconds: 9,
    divide: wedges(8, 8),
  },
  {
    id: 'long triangles',
    look: 'triangle',
    knife: 'plane knife',
    serving: 'fingers',
    suits: (c) =>
      isRound(c) && !small(c) && is(c.texture, 'semi-soft', 'firm', 'hard')
        ? c.paste === 'brittle'
          ? 1
          : 3
        : 0,
    piece: 12,
    loss: 0.015,
    seconds: 4,
    divide: triangles,
  },
  {
    id: 'cubes',
    look: 'cube',
    knife: 'chef’s knife',
    serving: 'pick',
    suits: (c) =>
      c.form.shape === 'block' && c.paste === 'supple' && is(c.texture, 'semi-soft', 'firm', 'hard')
        ? 3
        : is(c.texture, 'semi-soft', 'firm') && c.paste === 'supple' && !small(c)
          ? 1
          : 0,
    piece: 6,
    loss: 0.015,
    seconds: 1.5,
    divide: (stock, grams) => {
      const edge = edgeFor(stock, grams, RANGE.cubes);
      return blocks(stock, edge, edge, edge);
    },
  },
  {
    id: 'fanned slices',
    look: 'slice',
    knife: 'plane knife',
    serving: 'fingers',
    suits: fans,
    piece: 9,
    loss: 0.015,
    seconds: 4,
    divide: (stock) => slices(stock, SLICE_MM),
  },
  {
    id: 'batons',
    look: 'baton',
    knife: 'plane knife',
    serving: 'fingers',
    suits: (c) =>
      is(c.texture, 'firm', 'hard') && !small(c) && c.paste !== 'crumbly'
        ? c.paste === 'brittle'
          ? 1
          : 2
        : 0,
    piece: 7,
    loss: 0.015,
    seconds: 1.5,
    divide: batons,
  },
  {
    id: 'rough chunks',
    look: 'chunk',
    knife: 'chisel',
    serving: 'chisel',
    suits: (c) =>
      c.texture === 'hard'
        ? is(c.paste, 'brittle', 'crumbly')
          ? 3
          : 1
        : c.texture === 'firm' && c.paste === 'crumbly'
          ? 3
          : 0,
    piece: 9,
    loss: 0.03,
    seconds: 5,
    divide: broken(6, 15),
  },
  {
    id: 'nuggets',
    look: 'nugget',
    knife: 'short spade',
    serving: 'short spade',
    suits: (c) => (c.texture === 'very hard' ? 3 : c.texture === 'hard' && c.paste === 'brittle' ? 2 : 0),
    piece: 6,
    loss: 0.03,
    seconds: 5,
    divide: broken(3, 9),
  },
  {
    id: 'crumbled blue',
    look: 'crumble',
    knife: 'butter knife',
    serving: 'butter knife',
    suits: (c) => (c.texture === 'blue' && is(c.paste, 'crumbly', 'brittle') ? 3 : 0),
    piece: 6,
    loss: 0.03,
    seconds: 1.2,
    divide: broken(3, 10),
  },
  {
    id: 'small blue wedges',
    look: 'wedge',
    knife: 'wire',
    serving: 'butter knife',
    suits: (c) => (c.texture === 'blue' && !flows(c) ? (is(c.paste, 'creamy', 'supple') ? 3 : 1) : 0),
    piece: 12,
    loss: 0.015,
    seconds: 9,
    divide: blueWedges,
  },
  {
    id: 'dice',
    look: 'cube',
    knife: 'thin blade',
    serving: 'pick',
    suits: (c) => (is(c.texture, 'fresh', 'soft') && is(c.form.shape, 'block', 'square') ? 3 : 0),
    piece: 4,
    loss: 0.02,
    seconds: 1.5,
    divide: (stock, grams) => {
      const edge = edgeFor(stock, grams, RANGE.dice);
      return blocks(stock, edge, edge, edge);
    },
  },
  {
    id: 'zig-zag slices',
    look: 'triangle',
    knife: 'chef’s knife',
    serving: 'fingers',
    suits: (c) =>
      c.form.shape === 'block' && c.paste === 'supple' && is(c.texture, 'semi-soft', 'firm', 'hard') ? 2 : 0,
    piece: 12,
    loss: 0.015,
    seconds: 4,
    divide: (stock) => zigzag(stock, ZIGZAG_MM.base, ZIGZAG_MM.thick),
  },
  {
    id: 'spread blue',
    look: 'spoonful',
    knife: 'none',
    serving: 'butter knife',
    suits: (c) => (c.texture === 'blue' ? (is(c.paste, 'creamy', 'crumbly') ? 2 : 1) : 0),
    whole: true,
    piece: 8,
    loss: 0.03,
    seconds: 3,
    divide: broken(5, 12),
  },
  {
    id: 'slabs',
    look: 'slice',
    knife: 'thin blade',
    serving: 'fingers',
    suits: (c) => (is(c.texture, 'fresh', 'soft') && angular(c) && !flows(c) ? 2 : 0),
    piece: 30,
    loss: 0.02,
    seconds: 4,
    divide: (stock) => slices(stock, SLAB_MM),
  },
  {
    id: 'broken',
    look: 'chunk',
    knife: 'chef’s knife',
    serving: 'fingers',
    suits: () => 1,
    piece: 10,
    loss: 0.03,
    seconds: 5,
    divide: broken(6, 15),
  },
];
