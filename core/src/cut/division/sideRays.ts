import {
  areaOf,
  centred,
  centreOf,
  common,
  leastBox,
  rectangle,
  turned,
  type Point,
  type Polygon,
} from '../plane.js';
import { spanOf, trimmed, type Stock } from '../stock.js';
import { alike, cutsOf, lines, rindOf, sorted3, type Division, type Pieces } from './pieces.js';

/**
 * A wedge lying on its side, cut by rays from the middle of its thin edge: each piece has veins and rind. The rays meet the
 * side where each piece weighs the same; a piece of the side sweeps out its area times the way of its centre (Pappus).
 */
export function sideRays(stock: Stock, parts: number): Division {
  const n = cutsOf(parts);
  const [lo, hi] = spanOf(stock, stock.trim);
  const radius = stock.radius - stock.trim;
  const middle: Point = [0, (lo + hi) / 2];
  // The way from the upper end of the thin edge along the top, down the rind and back below.
  const path: Point[] = [
    [0, hi],
    [radius, hi],
    [radius, lo],
    [0, lo],
  ];
  const radians = (stock.angle * Math.PI) / 180;
  const sweep = (side: Polygon) => Math.abs(areaOf(side)) * centreOf(side)[0] * radians;
  const legs = [radius, hi - lo, radius];
  const round = legs.reduce((a, b) => a + b, 0);
  const at = (way: number): { point: Point; leg: number } => {
    let left = way;
    for (let leg = 0; leg < 3; leg++) {
      if (left <= legs[leg]! || leg === 2) {
        const [p, q] = [path[leg]!, path[leg + 1]!];
        const t = Math.min(1, left / legs[leg]!);
        return { point: [p[0] + t * (q[0] - p[0]), p[1] + t * (q[1] - p[1])], leg };
      }
      left -= legs[leg]!;
    }
    return { point: path[3]!, leg: 2 };
  };
  const between = (from: number, to: number): Polygon => {
    const [a, b] = [at(from), at(to)];
    return [middle, a.point, ...path.slice(a.leg + 1, b.leg + 1), b.point];
  };
  // Swept volume up to a way along the path, over the turn: x²h/12 above, then R²/3 for each mm of rind (Pappus).
  const high = hi - lo;
  const above = (radius ** 2 * high) / 12;
  const wayTo = (share: number): number => {
    const part = (share * radius ** 2 * high) / 2;
    if (part <= above) return Math.sqrt((12 * part) / high);
    if (part <= above + (radius ** 2 * high) / 3) return radius + (3 * (part - above)) / radius ** 2;
    return round - Math.sqrt(Math.max(0, (12 * ((radius ** 2 * high) / 2 - part)) / high));
  };
  const ends = Array.from({ length: n + 1 }, (_, k) => wayTo(k / n));
  const pieces = Array.from({ length: n }, (_, k): Pieces => {
    const side = between(ends[k]!, ends[k + 1]!);
    const thick = 2 * Math.sin(radians / 2) * centreOf(side)[0];
    const { long, short, turn: lies } = leastBox(side);
    return {
      count: 1,
      volume: sweep(side),
      outline: centred(turned(side, -lies)),
      height: thick,
      measures: sorted3(long, short, thick),
      rind: rindOfSide(stock, side, sweep),
    };
  });
  return {
    pieces: alike(pieces),
    trim: trimmed(stock),
    offcuts: 0,
    strokes: lines(
      'side',
      ends.slice(1, -1).map((way): [Point, Point] => [middle, at(way).point]),
    ),
    heartToRind: true,
    spread: null,
  };
}

/** Rind in a piece of the side: what of it does not lie in the paste. */
function rindOfSide(stock: Stock, side: Polygon, sweep: (side: Polygon) => number): number {
  const rind = rindOf(stock);
  if (rind <= 0) return 0;
  const [lo, hi] = spanOf(stock, rind);
  const anticlockwise = areaOf(side) < 0 ? [...side].reverse() : side;
  const paste = common(rectangle(0, lo, stock.radius - rind, hi), anticlockwise);
  return paste.length < 3 ? 1 : Math.max(0, 1 - sweep(paste) / sweep(side));
}
