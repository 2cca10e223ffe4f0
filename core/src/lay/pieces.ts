import { boundsOf, type Point, type Polygon } from '../cut/index.js';
import { chance } from '../units/index.js';
import type { Board } from './boards.js';
import { movedOutline } from './geometry.js';
import type { Thing } from './thing.js';

/** Where a piece lies, mm and degrees. */
export interface Spot {
  readonly x: number;
  readonly y: number;
  readonly turn: number;
}

/** More pieces than this are not drawn one by one. */
const MOST_PIECES = 260;

/** Rounds of moving every piece to the middle of the cells that are nearest to it; after a few they hardly move. */
const ROUNDS = 4;

/**
 * Where the pieces of a patch lie: spread evenly over its cells (Lloyd's algorithm), none over the rim.
 * @param cells middles of the patch's cells
 * @param cell how wide one is, mm
 */
export function piecesIn(
  thing: Thing,
  cells: readonly Point[],
  cell: number,
  board: Board,
  seed: number,
): readonly Spot[] {
  const random = chance(seed);
  let middles = farApart(cells, Math.min(MOST_PIECES, thing.pieces, cells.length), random);
  for (let round = 0; round < ROUNDS; round++) middles = evened(middles, cells, cell);
  return middles.map(([x, y]) => {
    const spot = { x: x + cell * (random() - 0.5), y: y + cell * (random() - 0.5), turn: 360 * random() };
    return drawnIn(thing.outline, spot, board);
  });
}

/** Cells that are tried for each piece, and the one that crowds least is taken. */
function farApart(cells: readonly Point[], many: number, random: () => number): readonly Point[] {
  const left = [...cells];
  const taken: Point[] = [];
  for (let n = 0; n < many; n++) {
    let best = 0;
    let most = -1;
    for (let tries = 0; tries < 8; tries++) {
      const at = Math.floor(random() * left.length);
      const least = nearestOf(taken, left[at]!)[1];
      if (least > most) [best, most] = [at, least];
    }
    taken.push(left.splice(best, 1)[0]!);
  }
  return taken;
}

/** Every middle moved to the middle of its cells; to the nearest of them where that is off the patch, as in a bent one. */
function evened(middles: readonly Point[], cells: readonly Point[], cell: number): readonly Point[] {
  const own = middles.map((): Point[] => []);
  for (const cell of cells) own[nearestOf(middles, cell)[0]]!.push(cell);
  return own.map((mine, i) => {
    if (mine.length === 0) return middles[i]!;
    const x = mine.reduce((sum, [cx]) => sum + cx, 0) / mine.length;
    const y = mine.reduce((sum, [, cy]) => sum + cy, 0) / mine.length;
    const [at, far] = nearestOf(mine, [x, y]);
    return far > cell * cell ? mine[at]! : [x, y];
  });
}

/** Which of them is nearest, and its distance squared; infinitely far where there is none. */
function nearestOf(points: readonly Point[], [x, y]: Point): readonly [at: number, far: number] {
  let at = 0;
  let far = Infinity;
  for (let i = 0; i < points.length; i++) {
    const [px, py] = points[i]!;
    const d = (px - x) ** 2 + (py - y) ** 2;
    if (d < far) [at, far] = [i, d];
  }
  return [at, far];
}

/** A piece that hangs over the rim is drawn in by as much: towards the middle on a round board, square to the side on another. */
function drawnIn(outline: Polygon, spot: Spot, { round, length, width }: Board): Spot {
  const { x, y, turn } = spot;
  const moved = movedOutline(outline, x, y, turn);
  if (round) {
    const over = Math.max(...moved.map(([px, py]) => Math.hypot(px, py))) - length / 2;
    const far = Math.hypot(x, y);
    const kept = far > 0 ? 1 - Math.min(1, Math.max(0, over) / far) : 1;
    return { x: x * kept, y: y * kept, turn };
  }
  const { min, max } = boundsOf(moved);
  const shift = (low: number, high: number, half: number) =>
    Math.max(0, -half - low) - Math.max(0, high - half);
  return { x: x + shift(min[0], max[0], length / 2), y: y + shift(min[1], max[1], width / 2), turn };
}
