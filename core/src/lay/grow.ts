import TinyQueue from 'tinyqueue';
import { boundsOf, type Point } from '../cut/index.js';
import { edgeOf, holds, movedOutline } from './geometry.js';
import { piecesIn, type Spot } from './pieces.js';
import {
  AVOIDED_APART_MM,
  isSuited,
  liesOpenlyAvoided,
  rimRoom,
  type Ground,
  type Placed,
} from './rules/index.js';

/** Cells of the board are so wide, mm. */
export const CELL = 5;

/** A patch as it was grown: its outline, where its pieces lie, and how much of it found no room. */
export interface Patch {
  readonly id: string;
  /** Rings of its edge, mm. */
  readonly outline: readonly Point[];
  readonly pieces: readonly Spot[];
  readonly area: number;
  /** Share of what it should cover that found no room. */
  readonly short: number;
}

export interface Grown {
  readonly patches: readonly Patch[];
  /** Share of the board that is covered, the room of knives left out of both. */
  readonly covered: number;
  readonly gap: Gap;
}

/** The widest disc of the board on which nothing lies. mm */
export interface Gap {
  readonly x: number;
  readonly y: number;
  readonly r: number;
}

interface Cell {
  readonly at: number;
  readonly patch: number;
  readonly far: number;
}

/**
 * Loose things grown into the room between whole ones: every patch takes the nearest free cell of its edge in turn, as far behind what it should cover as the
 * others, until it has enough or is walled in; each stays in one piece.
 */
export function grow(placed: readonly Placed[], ground: Ground, seed: number): Grown {
  const { board } = ground;
  const [w, d] = [board.length, board.round ? board.length : board.width];
  const [nx, ny] = [Math.ceil(w / CELL), Math.ceil(d / CELL)];
  const middle = (at: number): Point => [
    ((at % nx) + 0.5) * CELL - w / 2,
    (Math.floor(at / nx) + 0.5) * CELL - d / 2,
  ];
  /** -2: off the board; -1: free; else the thing that lies there. */
  const owner = new Int16Array(nx * ny).fill(-1);
  let onBoard = 0;
  for (let at = 0; at < owner.length; at++) {
    const [x, y] = middle(at);
    if (edgeOf(board, x, y) < 0) owner[at] = -2;
    else onBoard++;
  }
  placed.forEach(({ thing, x, y, turn }, i) => {
    if (thing.lies === 'patch') return;
    const outline = movedOutline(thing.outline, x, y, turn);
    // Only the cells about it are asked.
    const { min, max } = boundsOf(outline);
    const cellOf = (mm: number, size: number, n: number) =>
      Math.max(0, Math.min(n - 1, Math.floor((mm + size / 2) / CELL)));
    const [left, right] = [cellOf(min[0], w, nx), cellOf(max[0], w, nx)];
    for (let row = cellOf(min[1], d, ny); row <= cellOf(max[1], d, ny); row++)
      for (let at = row * nx + left; at <= row * nx + right; at++)
        if (owner[at] !== -2 && holds(outline, ...middle(at))) owner[at] = i;
  });
  const apart = new Apart(placed, nx, ny);
  owner.forEach((one, at) => one >= 0 && apart.taken(one, at));
  const patches = [...placed.keys()].filter((i) => placed[i]!.thing.lies === 'patch');
  const wanted = new Map(
    patches.map((i) => [i, Math.max(1, Math.round(placed[i]!.thing.area / CELL / CELL))]),
  );
  const cells = new Map(patches.map((i) => [i, [] as number[]]));
  const queues = new Map(
    patches.map((i) => [i, new TinyQueue<Cell>([], (a, b) => a.far - b.far || a.at - b.at)]),
  );
  const seen = new Map(patches.map((i) => [i, new Set<number>()]));
  const rooms = placed.map(({ thing }) => rimRoom(thing, ground));
  const offer = (patch: number, at: number) => {
    if (at < 0 || at >= owner.length || owner[at] !== -1 || seen.get(patch)!.has(at)) return;
    if (apart.bars(patch, at)) return;
    seen.get(patch)!.add(at);
    const [x, y] = middle(at);
    if (rooms[patch]! > 0 && edgeOf(board, x, y) < rooms[patch]!) return;
    const { x: sx, y: sy } = placed[patch]!;
    queues.get(patch)!.push({ at, patch, far: Math.hypot(x - sx, y - sy) });
  };
  for (const i of patches)
    offer(
      i,
      nearestFree(
        placed[i]!,
        owner.length,
        middle,
        (at, [x, y]) => owner[at] === -1 && !apart.bars(i, at) && edgeOf(board, x, y) >= rooms[i]!,
      ),
    );
  const open = new Set(patches);
  while (open.size > 0) {
    // The one that is furthest behind what it should have goes next.
    let next = -1;
    let behind = Infinity;
    for (const i of open) {
      const share = cells.get(i)!.length / wanted.get(i)!;
      if (share < behind) [next, behind] = [i, share];
    }
    let cell = queues.get(next)!.pop();
    while (cell && (owner[cell.at] !== -1 || apart.bars(next, cell.at))) cell = queues.get(next)!.pop();
    if (!cell) {
      open.delete(next);
      continue;
    }
    owner[cell.at] = next;
    apart.taken(next, cell.at);
    cells.get(next)!.push(cell.at);
    if (cells.get(next)!.length >= wanted.get(next)!) open.delete(next);
    const x = cell.at % nx;
    if (x > 0) offer(next, cell.at - 1);
    if (x < nx - 1) offer(next, cell.at + 1);
    offer(next, cell.at - nx);
    offer(next, cell.at + nx);
  }
  let lies = 0;
  let knives = 0;
  for (const one of owner)
    if (one >= 0)
      if (placed[one]!.thing.traits.kind === 'tool') knives++;
      else lies++;
  return {
    covered: lies / Math.max(1, onBoard - knives),
    gap: widestGap(owner, middle, nx, ny),
    patches: patches.map((i) => {
      const own = cells.get(i)!;
      const { thing } = placed[i]!;
      const isOwn = (x: number, y: number) => x >= 0 && y >= 0 && x < nx && y < ny && owner[y * nx + x] === i;
      const toMm = ([x, y]: Point): Point => [x * CELL - w / 2, y * CELL - d / 2];
      return {
        id: thing.id,
        outline: smoothed(ringOf(own, isOwn, nx)).map(toMm),
        pieces: piecesIn(thing, own.map(middle), CELL, board, seed + i),
        area: own.length * CELL * CELL,
        short: Math.max(0, 1 - own.length / wanted.get(i)!),
      };
    }),
  };
}

/** Cells are squares, and their edge is rounded off: between two middles lies so much more than between two edges, mm. */
const EDGES = 1.5 * CELL;

/**
 * Which cells a thing may not take, so that what a guest must not eat and what they may lie so far apart as they are laid, and not only as they were
 * placed.
 */
class Apart {
  private readonly kinds: readonly (0 | 1 | null)[];
  /** By kind: cells too near to it for the other. */
  private readonly near: readonly [Uint8Array, Uint8Array];
  private readonly reach: readonly (readonly [number, number])[];

  constructor(
    placed: readonly Placed[],
    private readonly nx: number,
    private readonly ny: number,
  ) {
    const kinds = placed.map(({ thing }) => (liesOpenlyAvoided(thing) ? 0 : isSuited(thing) ? 1 : null));
    // Of one kind alone there is nothing to keep apart.
    this.kinds = kinds.includes(0) && kinds.includes(1) ? kinds : kinds.map(() => null);
    this.near = [new Uint8Array(nx * ny), new Uint8Array(nx * ny)];
    const most = (AVOIDED_APART_MM + EDGES) / CELL;
    const span = Math.ceil(most);
    const steps = Array.from({ length: 2 * span + 1 }, (_, i) => i - span);
    this.reach = steps.flatMap((dx) =>
      steps.flatMap((dy) => (Math.hypot(dx, dy) <= most ? [[dx, dy] as const] : [])),
    );
  }

  bars(thing: number, at: number): boolean {
    const kind = this.kinds[thing];
    return kind !== null && kind !== undefined && this.near[kind === 0 ? 1 : 0][at] === 1;
  }

  taken(thing: number, at: number): void {
    const kind = this.kinds[thing];
    if (kind === null || kind === undefined) return;
    const [x, y] = [at % this.nx, Math.floor(at / this.nx)];
    for (const [dx, dy] of this.reach) {
      const [nx, ny] = [x + dx, y + dy];
      if (nx >= 0 && ny >= 0 && nx < this.nx && ny < this.ny) this.near[kind][ny * this.nx + nx] = 1;
    }
  }
}

/** Two passes over the raster give each cell its distance to what lies there or to the rim (Rosenfeld and Pfaltz 1968, with steps of 1 and 1.41). */
function widestGap(owner: Int16Array, middle: (at: number) => Point, nx: number, ny: number): Gap {
  const far = Float32Array.from(owner, (one) => (one === -1 ? Infinity : 0));
  const at = (x: number, y: number) => (x < 0 || y < 0 || x >= nx || y >= ny ? 0 : far[y * nx + x]!);
  const ease = (x: number, y: number, by: 1 | -1) => {
    const i = y * nx + x;
    far[i] = Math.min(
      far[i]!,
      at(x - by, y) + 1,
      at(x, y - by) + 1,
      at(x - by, y - by) + Math.SQRT2,
      at(x + by, y - by) + Math.SQRT2,
    );
  };
  for (let y = 0; y < ny; y++) for (let x = 0; x < nx; x++) ease(x, y, 1);
  let best = 0;
  for (let y = ny - 1; y >= 0; y--)
    for (let x = nx - 1; x >= 0; x--) {
      ease(x, y, -1);
      if (far[y * nx + x]! > far[best]!) best = y * nx + x;
    }
  const [x, y] = middle(best);
  return { x, y, r: far[best]! * CELL };
}

/** The free cell nearest to where a patch is to begin; -1: there is none. */
function nearestFree(
  { x, y }: Placed,
  cells: number,
  middle: (at: number) => Point,
  isFree: (at: number, middle: Point) => boolean,
): number {
  let best = -1;
  let least = Infinity;
  for (let at = 0; at < cells; at++) {
    const point = middle(at);
    const far = (point[0] - x) ** 2 + (point[1] - y) ** 2;
    if (far < least && isFree(at, point)) [best, least] = [at, far];
  }
  return best;
}

/** The outer edge of a connected set of cells, in corners of cells, clockwise: the sides that no cell of its own lies behind, one after the other. */
function ringOf(own: readonly number[], isOwn: (x: number, y: number) => boolean, nx: number): Point[] {
  if (own.length === 0) return [];
  const onward = new Map<string, Point[]>();
  const side = (from: Point, to: Point) => onward.set(from.join(), [...(onward.get(from.join()) ?? []), to]);
  for (const at of own) {
    const [x, y] = [at % nx, Math.floor(at / nx)];
    if (!isOwn(x, y - 1)) side([x, y], [x + 1, y]);
    if (!isOwn(x + 1, y)) side([x + 1, y], [x + 1, y + 1]);
    if (!isOwn(x, y + 1)) side([x + 1, y + 1], [x, y + 1]);
    if (!isOwn(x - 1, y)) side([x, y + 1], [x, y]);
  }
  // The first cell in reading order has free room above it.
  const start = Math.min(...own);
  const ring: Point[] = [];
  let corner: Point = [start % nx, Math.floor(start / nx)];
  for (let next = onward.get(corner.join())?.pop(); next; next = onward.get(corner.join())?.pop()) {
    ring.push(corner);
    corner = next;
  }
  return ring;
}

/** How often each corner is drawn to the middle of its neighbours. */
const ROUNDED = 8;

/** A ring of corners rounded off, so that a patch looks laid by hand: each corner is drawn to its neighbours, again and again. */
function smoothed(ring: readonly Point[]): readonly Point[] {
  let now = ring;
  for (let pass = 0; pass < ROUNDED; pass++)
    now = now.map(([x, y], i): Point => {
      const [px, py] = now[(i + now.length - 1) % now.length]!;
      const [nx, ny] = now[(i + 1) % now.length]!;
      return [(px + 2 * x + nx) / 4, (py + 2 * y + ny) / 4];
    });
  return now;
}
