import { grid, layered, lumps, radial, ringed, sideRays, times, type Division } from './division/index.js';
import { rimOff, volumeOf, type Stock } from './stock.js';

/** How the styles divide a stock so that a piece weighs about what is asked: sizes of the trade, common practice, no source. */

const inside = (stock: Stock): number => volumeOf(stock, stock.trim) * stock.density;
/** A ray piece narrower than this at its back falls apart on the knife. House's own figure. */
const NARROWEST_MM = 13;
const rimOf = ({ kind, radius, trim, angle, length, width }: Stock): number =>
  kind === 'sector' || kind === 'log'
    ? (angle / 360) * 2 * Math.PI * (radius - trim)
    : 2 * (length + width - 4 * trim);
/** Equal pieces, as many as bring each near the weight: a multiple of `by`, at least `least`, none a sliver. */
function piecesOf(stock: Stock, grams: number, by: number, least: number): number {
  const most = Math.floor(rimOf(stock) / NARROWEST_MM / by) * by;
  return Math.max(least, Math.min(most, by * Math.round(inside(stock) / grams / by)));
}

/** Coins of 8 to 12 mm, cubes of 15 to 20, dice of 12 to 18. Common practice, no source. */
export const RANGE = { coins: [8, 12], cubes: [15, 20], dice: [12, 18] } as const;
const BATON_MM = { side: 11, length: 55 };
const BATON_SIDE_MM: readonly [number, number] = [9, 13];
export const SLICE_MM = { thick: 5, width: 30, length: 60 };
export const SLAB_MM = { thick: 12, width: 45, length: 60 };
export const ZIGZAG_MM = { base: 34, thick: 7 };
/** A triangle is as thick as its weight asks, within what holds together and lies flat; its back no wider than a cracker. */
const TRIANGLE_MM = { thin: 4, thick: 8, wide: 40, long: 120 };

export const within = (x: number, [low, high]: readonly [number, number]) => Math.max(low, Math.min(high, x));
export const edgeFor = (stock: Stock, grams: number, range: readonly [number, number]) =>
  within(Math.cbrt(grams / stock.density), range);

export const wedges =
  (by: number, least: number) =>
  (stock: Stock, grams: number): Division =>
    radial(stock, piecesOf(stock, grams, by, least));

/** Wedges of a wedge: each from point to rind, along alternate sides, and no point cut off. */
export const noseToRind = (stock: Stock, grams: number): Division =>
  radial(stock, piecesOf(stock, grams, 1, 1));

export function triangles(stock: Stock, grams: number): Division {
  const radius = stock.radius - rimOff(stock);
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
export function blueWedges(stock: Stock, grams: number): Division {
  if (stock.kind !== 'sector') return lumps(stock, grams, 8, 18);
  const parts = Math.max(1, Math.ceil(stock.angle / WIDEST_ON_ITS_SIDE - 1e-9));
  const part = { ...stock, angle: stock.angle / parts };
  const n = Math.max(1, Math.round(inside(part) / grams));
  return times(sideRays(part, Math.min(n, 24)), parts);
}

export const blocks = (stock: Stock, long: number, wide: number, high: number): Division =>
  stock.kind === 'box' ? grid(stock, long, wide, high) : ringed(stock, long, wide, high);

export const slices = (stock: Stock, { thick, width, length }: typeof SLICE_MM): Division =>
  stock.kind === 'box' ? grid(stock, thick, width, length) : ringed(stock, length, width, thick);

export const batons = (stock: Stock, grams: number): Division => {
  const side = within(Math.sqrt(grams / (stock.density * BATON_MM.length)), BATON_SIDE_MM);
  return blocks(stock, BATON_MM.length, side, side);
};

export const broken =
  (low: number, high: number) =>
  (stock: Stock, grams: number): Division =>
    lumps(stock, grams, low, high);
