import type { Division, Stroke } from './division/index.js';
import { rectangle, sector, type Point, type Polygon } from './plane.js';
import { outlineOf, spanOf, type Stock } from './stock.js';

/** One view of what is cut, in mm: its outline, what is left when the rind is off, and the strokes of the knife. */
export interface View {
  readonly from: 'above' | 'side' | 'end';
  readonly outline: Polygon;
  /** null: nothing comes off. */
  readonly inner: Polygon | null;
  readonly strokes: readonly Pick<Stroke, 'from' | 'to'>[];
}

const TOP = 0.5;

/** The side of a stock: a wheel or wedge from its point to its rind, a block along its length, a pyramid as it stands. */
function sideOf(stock: Stock, off: number): Polygon {
  const [lo, hi] = spanOf(stock, off);
  switch (stock.kind) {
    case 'sector': {
      const rim = stock.handle ? stock.radius : stock.radius - off;
      return rectangle(stock.angle >= 180 ? -rim : 0, lo, rim, hi);
    }
    case 'log':
      return rectangle(lo, -stock.radius + off, hi, stock.radius - off);
    case 'ball':
      return sector(stock.radius - off, 0, 360);
    case 'pyramid': {
      const w = stock.width;
      const inset = (w * (1 - TOP)) / 2;
      return [
        [off, lo],
        [w - off, lo],
        [w - inset - off, hi],
        [inset + off, hi],
      ];
    }
    case 'tub':
      return rectangle(-stock.radius, 0, stock.radius, stock.height);
    default:
      return rectangle(stock.ends > 0 ? off : 0, lo, stock.length - (stock.ends > 1 ? off : 0), hi);
  }
}

/** From above and from the side (a log from its end and lying), the strokes in the view in which each is a line. */
export function viewsOf(stock: Stock, { strokes }: Division): View[] {
  const seen = (view: Stroke['view']) => strokes.filter((stroke) => stroke.view === view);
  const off = stock.trim;
  const inner = (of: (off: number) => Polygon) => (off > 0 ? of(off) : null);
  const plan = (depth: number) => outlineOf(stock, depth);
  const side = (depth: number) => sideOf(stock, depth);
  if (stock.kind === 'log')
    return [
      { from: 'side', outline: side(0), inner: inner(side), strokes: seen('side') },
      { from: 'end', outline: plan(0), inner: inner(plan), strokes: seen('top') },
    ];
  const above: View = {
    from: 'above',
    outline: plan(0),
    inner: stock.handle ? null : inner(plan),
    strokes: seen('top'),
  };
  if (stock.kind === 'ball') return [above];
  return [above, { from: 'side', outline: side(0), inner: inner(side), strokes: seen('side') }];
}

/** The wheel from above: what was sold before, what is taken now, and what stays, as angles from one cut on. */
export interface WheelView {
  readonly radius: number;
  readonly sold: Polygon | null;
  readonly taken: Polygon;
  readonly left: Polygon | null;
  readonly chord: readonly [Point, Point];
}

/** @param there of a round, how much of it there is, degrees */
export function wheelView(radius: number, there: number, taken: number): WheelView {
  const start = 90;
  const from = start - taken;
  const rest = Math.max(0, there - taken);
  const rim = (angle: number): Point => [
    radius * Math.cos((angle * Math.PI) / 180),
    radius * Math.sin((angle * Math.PI) / 180),
  ];
  return {
    radius,
    taken: sector(radius, from, start),
    left: rest > 0.5 ? sector(radius, from - rest, from) : null,
    sold: there < 359.5 ? sector(radius, start, start + 360 - there) : null,
    chord: [rim(from), rim(start)],
  };
}
