import { areaOf, centred, leastBox, settled, turned, type Point, type Polygon } from '../plane.js';
import { spanOf, type Stock } from '../stock.js';

/** Pieces that are alike: how many, what each is, and how it lies. Lengths in mm, volumes in mm3. */
export interface Pieces {
  readonly count: number;
  readonly volume: number;
  /** Outline on the board as it lies, about its centre of mass. */
  readonly outline: Polygon;
  /** How high it stands as it lies. */
  readonly height: number;
  /** Its three straight measures, the longest first. */
  readonly measures: readonly [number, number, number];
  /** Share of its volume that is rind, 0 to 1. */
  readonly rind: number;
}

/** A cut of the knife, in the view in which it is seen as a line. */
export interface Stroke {
  readonly view: 'top' | 'side';
  readonly from: Point;
  readonly to: Point;
}

/** A stock divided. The volumes are each reckoned by themselves: pieces + trim + offcuts are the whole. */
export interface Division {
  readonly pieces: readonly Pieces[];
  readonly trim: number;
  readonly offcuts: number;
  readonly strokes: readonly Stroke[];
  /** Does every piece run from the heart to the rind? */
  readonly heartToRind: boolean;
  /** Broken by hand: mean and range of a piece stand for a cut that no ruler leads. */
  readonly spread: { readonly low: number; readonly high: number } | null;
}

/** Nobody makes more cuts of one kind; a piece of absurd measures must not take the counter's whole day to reckon. */
const MOST_CUTS = 120;
/** A number of cuts: at least one, at most what anybody makes. */
export const cutsOf = (n: number): number => (n > 1 ? Math.min(MOST_CUTS, n) : 1);

export const sorted3 = (a: number, b: number, c: number): Pieces['measures'] =>
  [a, b, c].sort((x, y) => y - x) as unknown as Pieces['measures'];

/** How much of what lies between two marks is paste: the rest is rind. */
export const overlap = (lo: number, hi: number, [from, to]: readonly [number, number]): number =>
  Math.max(0, Math.min(hi, to) - Math.max(lo, from));

/** Only rind that is eaten lies in a piece ... */
export const rindOf = (stock: Stock): number => (stock.trim > 0 ? 0 : stock.rind);
/** ... but for a handle, which is on it and is not eaten. */
export const rimRind = (stock: Stock): number => (stock.handle ? stock.trim : rindOf(stock));

/** A piece whose plan is seen from above, between two heights; `paste` is the area of its plan that is no rind. */
export function prism(
  stock: Stock,
  plan: Polygon,
  lo: number,
  hi: number,
  count: number,
  paste: number,
  { long, short, turn } = leastBox(plan),
): Pieces {
  const area = areaOf(plan);
  const inside = overlap(lo, hi, spanOf(stock, rindOf(stock)));
  return {
    count,
    volume: area * (hi - lo),
    outline: centred(turned(plan, -turn)),
    height: hi - lo,
    measures: sorted3(long, short, hi - lo),
    rind: Math.max(0, settled(1 - (paste * inside) / (area * (hi - lo)))),
  };
}

export const lines = (view: Stroke['view'], all: readonly (readonly [Point, Point])[]): Stroke[] =>
  all.map(([from, to]) => ({ view, from, to }));

/** Pieces that differ by less than a thousandth are one kind. */
export function alike(all: readonly Pieces[]): Pieces[] {
  const kinds: Pieces[] = [];
  for (const piece of all) {
    const at = kinds.findIndex(
      (kind) =>
        Math.abs(kind.volume - piece.volume) < 1e-3 * piece.volume && Math.abs(kind.rind - piece.rind) < 1e-3,
    );
    if (at < 0) kinds.push(piece);
    else kinds[at] = { ...kinds[at]!, count: kinds[at]!.count + piece.count };
  }
  return kinds;
}

/** Several alike, side by side. */
export const times = (division: Division, n: number): Division => ({
  ...division,
  pieces: division.pieces.map((piece) => ({ ...piece, count: piece.count * n })),
  trim: division.trim * n,
  offcuts: division.offcuts * n,
});

/** Even steps along one measure, by how much of each is paste. */
export function steps(
  lo: number,
  hi: number,
  n: number,
  paste: readonly [number, number],
): { count: number; inside: number }[] {
  const step = (hi - lo) / n;
  const kinds = new Map<string, { count: number; inside: number }>();
  for (let i = 0; i < n; i++) {
    const inside = overlap(lo + i * step, lo + (i + 1) * step, paste);
    const key = inside.toFixed(6);
    kinds.set(key, { inside, count: (kinds.get(key)?.count ?? 0) + 1 });
  }
  return [...kinds.values()];
}

/** The marks between n even parts: 1 to n - 1. */
export const marksOf = (n: number): number[] => Array.from({ length: n - 1 }, (_, i) => i + 1);
