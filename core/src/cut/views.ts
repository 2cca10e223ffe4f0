import type { Division, Stroke } from './division/index.js';
import { rectangle, sector, type Point, type Polygon } from './plane.js';
import { outlineOf, PYRAMID_TOP, spanOf, type Stock } from './stock.js';
import type { WheelCut } from './wheel.js';

/** One view of what is cut, in mm: its outline, what is left when the rind is off, and the strokes of the knife. */
export interface View {
  readonly from: 'above' | 'side' | 'end';
  readonly outline: Polygon;
  /** null: nothing comes off. */
  readonly inner: Polygon | null;
  readonly strokes: readonly Pick<Stroke, 'from' | 'to'>[];
}

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
      const inset = (w * (1 - PYRAMID_TOP)) / 2;
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

/** The wheel from above, as angles from one cut on: what was sold before, what is taken now, and what stays. */
export interface WheelView {
  readonly radius: number;
  readonly sold: Polygon | null;
  readonly taken: Polygon;
  readonly left: Polygon | null;
  readonly chord: readonly [Point, Point];
  /** Where the second cut may fall and still be on target. */
  readonly target: Polygon;
  /** Less was ordered than is cut: where its own wedge would end. */
  readonly ordered: Point | null;
  /** The dry face that comes off first. */
  readonly facing: Polygon | null;
  /** From the side, where its height is taken in parts: the whole, and the part that is taken. */
  readonly side: { readonly whole: Polygon; readonly part: Polygon } | null;
}

/** From which angle the drawing starts: the first cut stands upright. */
const START = 90;

/** A wheel by its diameter in mm, and what is cut of it. */
export function wheelView(diameter: number, height: number, wheel: WheelCut): WheelView {
  const radius = diameter / 2;
  const there = Math.max(wheel.there.angle, wheel.angle);
  const facing = wheel.there.grams > 0 ? (wheel.there.angle * wheel.facing) / wheel.there.grams : 0;
  const start = START - facing;
  const from = start - wheel.angle;
  const rest = Math.max(0, there - facing - wheel.angle);
  const rim = (angle: number): Point => [
    radius * Math.cos((angle * Math.PI) / 180),
    radius * Math.sin((angle * Math.PI) / 180),
  ];
  const off = Math.min(wheel.tolerance.angle, wheel.angle / 2);
  const over = Math.min(wheel.tolerance.angle, rest);
  return {
    radius,
    taken: sector(radius, from, start),
    left: rest > 0.5 ? sector(radius, from - rest, from) : null,
    sold: there < 359.5 ? sector(radius, START, START + 360 - there) : null,
    chord: [rim(from), rim(start)],
    target: sector(radius, from - over, from + off),
    ordered: wheel.ordered < wheel.angle - 0.5 ? rim(start - wheel.ordered) : null,
    facing: facing > 0.2 ? sector(radius, start, START) : null,
    side:
      wheel.parts > 1
        ? {
            whole: rectangle(-radius, 0, radius, height),
            part: rectangle(-radius, height - height / wheel.parts, radius, height),
          }
        : null,
  };
}
