import { centred, type Point, type Polygon } from '../plane.js';
import { outlineOf, shellOf, volumeOf, trimmed, type Stock } from '../stock.js';
import { sorted3, type Division } from './pieces.js';

/** A piece as it breaks, for an edge of one: seven sides, an area that stands 0.83 high. */
const LUMP: Polygon = [
  [-0.66, -0.2],
  [-0.25, -0.54],
  [0.34, -0.5],
  [0.68, -0.14],
  [0.5, 0.4],
  [-0.06, 0.56],
  [-0.55, 0.33],
];

/** Broken, crumbled or spooned: pieces of about a weight, with the range that hands give. */
export function lumps(stock: Stock, grams: number, low: number, high: number): Division {
  // A rind as thick as the piece leaves next to nothing, not less.
  const inside = Math.max(1e-6, volumeOf(stock, stock.trim));
  const volume = Math.min(inside, grams / stock.density);
  const n = Math.max(1, Math.round(inside / volume));
  const edge = Math.cbrt(inside / n);
  return {
    pieces: [
      {
        count: n,
        volume: inside / n,
        outline: LUMP.map(([x, y]): Point => [x * edge, y * edge]),
        height: edge * 0.83,
        measures: [edge * 1.3, edge * 1.1, edge * 0.7],
        rind: stock.trim > 0 ? 0 : shellOf(stock, stock.rind) / volumeOf(stock),
      },
    ],
    trim: trimmed(stock),
    offcuts: 0,
    strokes: [],
    heartToRind: false,
    spread: { low, high },
  };
}

/** Left whole: one pearl is one bite, a ball is opened at the table. */
export function whole(stock: Stock): Division {
  const across = stock.kind === 'box' || stock.kind === 'pyramid' ? stock.length : 2 * stock.radius;
  return {
    pieces: [
      {
        count: 1,
        volume: volumeOf(stock, stock.trim),
        outline: centred(outlineOf(stock)),
        height: stock.height,
        measures: sorted3(across, stock.kind === 'box' ? stock.width : across, stock.height),
        rind: stock.trim > 0 ? 0 : shellOf(stock, stock.rind) / volumeOf(stock),
      },
    ],
    trim: trimmed(stock),
    offcuts: 0,
    strokes: [],
    heartToRind: true,
    spread: null,
  };
}
