import {
  areaOf,
  boundsOf,
  common,
  leastBox,
  rectangle,
  settled,
  type Point,
  type Polygon,
} from '../plane.js';
import { outlineOf, spanOf, trimmed, type Stock } from '../stock.js';
import {
  alike,
  cutsOf,
  lines,
  marksOf,
  prism,
  rindOf,
  sorted3,
  steps,
  type Division,
  type Pieces,
} from './pieces.js';

/** A box cut by a grid from above and in layers: cubes, dice, batons, slices. It divides evenly, near the size that is asked. */
export function grid(stock: Stock, along: number, across: number, high: number): Division {
  const [lo, hi] = spanOf(stock, stock.trim);
  const { min, max } = boundsOf(outlineOf(stock, stock.trim));
  const paste = boundsOf(outlineOf(stock, rindOf(stock)));
  const number = (size: number, cell: number) => cutsOf(Math.round(size / cell));
  const [nx, ny, nz] = [
    number(max[0] - min[0], along),
    number(max[1] - min[1], across),
    number(hi - lo, high),
  ];
  const [dx, dy, dz] = [(max[0] - min[0]) / nx, (max[1] - min[1]) / ny, (hi - lo) / nz];
  const outline = rectangle(-dx / 2, -dy / 2, dx / 2, dy / 2);
  const pieces: Pieces[] = [];
  for (const x of steps(min[0], max[0], nx, [paste.min[0], paste.max[0]]))
    for (const y of steps(min[1], max[1], ny, [paste.min[1], paste.max[1]]))
      for (const z of steps(lo, hi, nz, spanOf(stock, rindOf(stock))))
        pieces.push({
          count: x.count * y.count * z.count,
          volume: dx * dy * dz,
          outline,
          height: dz,
          measures: sorted3(dx, dy, dz),
          rind: Math.max(0, settled(1 - (x.inside * y.inside * z.inside) / (dx * dy * dz))),
        });
  return {
    pieces: alike(pieces),
    trim: trimmed(stock),
    offcuts: 0,
    strokes: [
      ...lines(
        'side',
        marksOf(nz).map((i): [Point, Point] => [
          [min[0], lo + i * dz],
          [max[0], lo + i * dz],
        ]),
      ),
      ...lines(
        'top',
        marksOf(nx).map((i): [Point, Point] => [
          [min[0] + i * dx, min[1]],
          [min[0] + i * dx, max[1]],
        ]),
      ),
      ...lines(
        'top',
        marksOf(ny).map((i): [Point, Point] => [
          [min[0], min[1] + i * dy],
          [max[0], min[1] + i * dy],
        ]),
      ),
    ],
    heartToRind: false,
    spread: null,
  };
}

/** A slab's layers, each cut to and fro into triangles; the halves at both ends are pieces counted apart. */
export function zigzag(stock: Stock, base: number, thick: number): Division {
  const [lo, hi] = spanOf(stock, stock.trim);
  const { min, max } = boundsOf(outlineOf(stock, stock.trim));
  const layers = cutsOf(Math.round((hi - lo) / thick));
  const each = (hi - lo) / layers;
  const n = cutsOf(Math.round((max[0] - min[0]) / base));
  const step = (max[0] - min[0]) / n;
  const triangle: Polygon = [
    [0, 0],
    [step, 0],
    [step / 2, max[1] - min[1]],
  ];
  const half: Polygon = [
    [0, 0],
    [step / 2, max[1] - min[1]],
    [0, max[1] - min[1]],
  ];
  // Rind lies along both long sides of the slab.
  const rind = rindOf(stock);
  const strip = (plan: Polygon) =>
    areaOf(common(plan, rectangle(-step, rind, 2 * step, max[1] - min[1] - rind)));
  const kinds = [
    { plan: triangle, count: 2 * n - 1, paste: strip(triangle), box: leastBox(triangle) },
    { plan: half, count: 2, paste: strip(half), box: leastBox(half) },
  ];
  const pieces = steps(lo, hi, layers, spanOf(stock, rind)).flatMap(({ count: alikeLayers, inside }) =>
    kinds.map(({ plan, count, paste, box }): Pieces => {
      const piece = prism(stock, plan, 0, each, count * alikeLayers, paste, box);
      return { ...piece, rind: Math.max(0, 1 - (paste * inside) / (areaOf(plan) * each)) };
    }),
  );
  const x = (i: number) => min[0] + (i * step) / 2;
  return {
    pieces: alike(pieces.filter(({ count }) => count > 0)),
    trim: trimmed(stock),
    offcuts: 0,
    strokes: lines(
      'top',
      Array.from({ length: 2 * n }, (_, i): [Point, Point] => [
        [x(i), i % 2 === 0 ? min[1] : max[1]],
        [x(i + 1), i % 2 === 0 ? max[1] : min[1]],
      ]),
    ),
    heartToRind: false,
    spread: null,
  };
}
