import { areaOf as signedArea, boundsOf, type Point, type Polygon } from '../cut/index.js';
import type { Board } from './boards.js';

/** The area of an outline, whichever way it runs round. mm2 */
export const areaOf = (outline: Polygon): number => Math.abs(signedArea(outline));

/** A disc about a point; a thing is covered by a few of them, so that gaps are quick to measure. mm. */
export interface Disc {
  readonly x: number;
  readonly y: number;
  readonly r: number;
}

/** Longer than this to its width it takes a row of discs. */
const LONG = 1.3;
const MOST_DISCS = 5;

/** Discs that cover an outline, about its centre, along its longer side. */
export function discsOf(outline: Polygon): Disc[] {
  const { min, max } = boundsOf(outline);
  const [w, d] = [max[0] - min[0], max[1] - min[1]];
  const [cx, cy] = [(min[0] + max[0]) / 2, (min[1] + max[1]) / 2];
  const far = Math.max(...outline.map(([x, y]) => Math.hypot(x - cx, y - cy)));
  const [long, short] = [Math.max(w, d), Math.min(w, d)];
  if (long <= LONG * short) return [{ x: cx, y: cy, r: far }];
  const n = Math.min(MOST_DISCS, Math.ceil(long / short));
  const step = long / n;
  const r = Math.hypot(step / 2, short / 2);
  return Array.from({ length: n }, (_, i) => {
    const at = -long / 2 + (i + 0.5) * step;
    return w >= d ? { x: cx + at, y: cy, r } : { x: cx, y: cy + at, r };
  });
}

/** A disc of the same area: a patch before it is grown. */
export const patchDisc = (area: number): Disc => ({ x: 0, y: 0, r: Math.sqrt(area / Math.PI) });

/** The same turn within one round: degrees from 0 up to 360. */
export const withinOneTurn = (degrees: number): number => ((degrees % 360) + 360) % 360;

/** Discs turned by an angle in degrees and moved. */
export function movedDiscs(discs: readonly Disc[], x: number, y: number, degrees: number): Disc[] {
  const a = (degrees * Math.PI) / 180;
  const [c, s] = [Math.cos(a), Math.sin(a)];
  return discs.map((disc) => ({ x: x + c * disc.x - s * disc.y, y: y + s * disc.x + c * disc.y, r: disc.r }));
}

/** Between the nearest two discs; below 0 they overlap. */
export function gapOf(a: readonly Disc[], b: readonly Disc[]): number {
  let least = Infinity;
  for (const p of a)
    for (const q of b) {
      const [dx, dy] = [p.x - q.x, p.y - q.y];
      const gap = Math.sqrt(dx * dx + dy * dy) - p.r - q.r;
      if (gap < least) least = gap;
    }
  return least;
}

/** From a point to the edge of a board, its middle at 0, 0; below 0: it is off the board. */
export function edgeOf({ length, width, round }: Board, x: number, y: number): number {
  return round ? length / 2 - Math.hypot(x, y) : Math.min(length / 2 - Math.abs(x), width / 2 - Math.abs(y));
}

/** How far a thing stays inside the edge. */
export const insideOf = (board: Board, discs: readonly Disc[]): number =>
  Math.min(...discs.map(({ x, y, r }) => edgeOf(board, x, y) - r));

/** Is a point in an outline? */
export function holds(outline: Polygon, x: number, y: number): boolean {
  let inside = false;
  for (let i = 0, j = outline.length - 1; i < outline.length; j = i++) {
    const [xi, yi] = outline[i]!;
    const [xj, yj] = outline[j]!;
    if (yi > y !== yj > y && x < ((xj - xi) * (y - yi)) / (yj - yi) + xi) inside = !inside;
  }
  return inside;
}

/** An outline turned by an angle in degrees and moved. */
export function movedOutline(outline: Polygon, x: number, y: number, degrees: number): Polygon {
  const a = (degrees * Math.PI) / 180;
  const [c, s] = [Math.cos(a), Math.sin(a)];
  return outline.map(([px, py]): Point => [x + c * px - s * py, y + s * px + c * py]);
}
