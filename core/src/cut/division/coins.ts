import type { Point } from '../plane.js';
import { outlineOf, spanOf, trimmed, type Stock } from '../stock.js';
import { alike, cutsOf, lines, marksOf, prism, rindOf, type Division } from './pieces.js';

/** Coins along a log, as many as leave no offcut. */
export function coins(stock: Stock, thick: number): Division {
  const [lo, hi] = spanOf(stock, stock.trim);
  const n = cutsOf(Math.round((hi - lo) / thick));
  const each = (hi - lo) / n;
  const plan = outlineOf(stock, stock.trim);
  const r = stock.radius - stock.trim;
  const paste = Math.PI * Math.min(r, stock.radius - rindOf(stock)) ** 2;
  const round = { long: 2 * r, short: 2 * r, turn: 0 };
  return {
    pieces: alike(
      Array.from({ length: n }, (_, i) =>
        prism(stock, plan, lo + i * each, lo + (i + 1) * each, 1, paste, round),
      ),
    ),
    trim: trimmed(stock),
    offcuts: 0,
    strokes: lines(
      'side',
      marksOf(n).map((i): [Point, Point] => [
        [lo + i * each, -r],
        [lo + i * each, r],
      ]),
    ),
    heartToRind: true,
    spread: null,
  };
}
