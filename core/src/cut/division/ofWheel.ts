import { sector, settled, type Point, type Polygon } from '../plane.js';
import type { Stock } from '../stock.js';
import { prism, rimRind, type Pieces } from './pieces.js';

/** A part of a wheel between two radii, so wide in degrees. */
export function wedgePiece(
  stock: Stock,
  [inner, outer]: readonly [number, number],
  step: number,
  [lo, hi]: readonly [number, number],
  count: number,
): Pieces {
  const plan = inner > 0 ? ring(inner, outer, step) : sector(outer, -step / 2, step / 2);
  const edge = stock.radius - rimRind(stock);
  const paste = ((step * Math.PI) / 360) * (Math.min(outer, edge) ** 2 - Math.min(inner, edge) ** 2);
  // From point to rind, and straight across the back.
  const box = {
    long: outer - inner,
    short: 2 * outer * Math.sin(Math.min(90, step / 2) * (Math.PI / 180)),
    turn: 0,
  };
  return prism(stock, plan, lo, hi, count, paste, box);
}

export const onRim = (angle: number, radius: number): Point => [
  settled(radius * Math.cos((angle * Math.PI) / 180)),
  settled(radius * Math.sin((angle * Math.PI) / 180)),
];

/** A sector without its point. */
function ring(inner: number, outer: number, step: number): Polygon {
  const out = sector(outer, -step / 2, step / 2).slice(1);
  const back = sector(inner, -step / 2, step / 2)
    .slice(1)
    .reverse();
  return [...out, ...back];
}
