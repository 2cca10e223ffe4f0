import type { Point } from '../plane.js';
import { spanOf, rimOff, trimmed, type Stock } from '../stock.js';
import { onRim, wedgePiece } from './ofWheel.js';
import { alike, cutsOf, lines, marksOf, overlap, rindOf, type Division, type Pieces } from './pieces.js';

/** A band of a wheel between two radii, and into how many parts rays cut it. */
interface Band {
  readonly inner: number;
  readonly outer: number;
  readonly parts: number;
}

/** Slices across the height, each cut into bands and those by rays; as many layers as leave no offcut. */
function bands(stock: Stock, layers: number, all: readonly Band[]): Division {
  const [lo, hi] = spanOf(stock, stock.trim);
  const thick = (hi - lo) / layers;
  const pieces: Pieces[] = [];
  const marks = Array.from({ length: layers }, (_, i) => [lo + i * thick, lo + (i + 1) * thick] as const);
  // Layers differ only where the rind of the upper and lower face is.
  const paste = spanOf(stock, rindOf(stock));
  const kinds = new Map<string, { span: (typeof marks)[number]; count: number }>();
  for (const span of marks) {
    const key = overlap(...span, paste).toFixed(6);
    kinds.set(key, { span, count: (kinds.get(key)?.count ?? 0) + 1 });
  }
  for (const { inner, outer, parts } of all) {
    const step = stock.angle / parts;
    for (const { span, count } of kinds.values())
      pieces.push(wedgePiece(stock, [inner, outer], step, span, parts * count));
  }
  const radius = stock.radius - rimOff(stock);
  return {
    pieces: alike(pieces),
    trim: trimmed(stock),
    offcuts: 0,
    strokes: [
      ...lines(
        'side',
        marksOf(layers).map((i): [Point, Point] => [
          [0, lo + i * thick],
          [radius, lo + i * thick],
        ]),
      ),
      ...lines(
        'top',
        all
          .slice(0, -1)
          .map(({ outer }): [Point, Point] => [
            onRim(-stock.angle / 2, outer),
            onRim(stock.angle / 2, outer),
          ]),
      ),
      ...lines(
        'top',
        all.flatMap(({ inner, outer, parts }) =>
          marksOf(parts).map((i): [Point, Point] => {
            const angle = (i * stock.angle) / parts - stock.angle / 2;
            return [onRim(angle, inner), onRim(angle, outer)];
          }),
        ),
      ),
    ],
    heartToRind: all.length === 1,
    spread: null,
  };
}

/** Triangles of a wedge from rind to point; where one would be too long it is cut across. */
export function layered(stock: Stock, askedLayers: number, askedParts: number, askedLengths = 1): Division {
  const [layers, parts, lengths] = [cutsOf(askedLayers), cutsOf(askedParts), cutsOf(askedLengths)];
  const radius = stock.radius - rimOff(stock);
  const all = Array.from({ length: lengths }, (_, i) => ({
    inner: (radius * i) / lengths,
    outer: (radius * (i + 1)) / lengths,
    parts,
  }));
  return bands(stock, layers, all);
}

/** A point narrower than this much of a piece is none: it stays on the next piece, or is an offcut where it is next to nothing. */
const NARROW = 0.5;
const NEXT_TO_NOTHING = 0.06;

/**
 * Cubes, batons and slices of a wedge: layers, bands from the rind inwards as long as the piece, each parted by rays as wide
 * as the piece. Only the very point is over, where it is too small.
 */
export function ringed(stock: Stock, long: number, wide: number, high: number): Division {
  const [lo, hi] = spanOf(stock, stock.trim);
  const radius = stock.radius - rimOff(stock);
  const layers = cutsOf(Math.round((hi - lo) / high));
  const n = cutsOf(Math.round(radius / long));
  const across = (r: number) => (stock.angle / 360) * 2 * Math.PI * r;
  const narrow = n > 1 && across(radius / n / 2) < NARROW * wide;
  const small = 1 / n ** 2 < NEXT_TO_NOTHING;
  const first = narrow ? 1 : 0;
  const all = Array.from({ length: n - first }, (_, k): Band => {
    const i = k + first;
    const inner = k === 0 && narrow && !small ? 0 : (radius * i) / n;
    const outer = (radius * (i + 1)) / n;
    return { inner, outer, parts: cutsOf(Math.round(across((inner + outer) / 2) / wide)) };
  });
  const point = narrow && small ? ((stock.angle * Math.PI) / 360) * (radius / n) ** 2 * (hi - lo) : 0;
  return { ...bands(stock, layers, all), offcuts: point };
}
