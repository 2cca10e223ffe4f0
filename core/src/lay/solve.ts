import type { Board } from './boards.js';
import { discsOf, movedDiscs, patchDisc, type Disc } from './geometry.js';
import { pairCost, placeCost, rulesBetween, toldOf, type Ground, type Placed, type Told } from './rules.js';
import type { Thing } from './things.js';

/** Where something was put by hand: it stays there. mm from the middle, degrees. */
export interface Pin {
  readonly x: number;
  readonly y: number;
  readonly turn: number;
}

export interface LayQuestion {
  readonly things: readonly Thing[];
  readonly board: Board;
  readonly carried: boolean;
  readonly sides: 1 | 2 | 4;
  /** Where each step of the walk stands, degrees clockwise from the top, by id. */
  readonly towards: Readonly<Record<string, number>>;
  readonly pins: Readonly<Record<string, Pin>>;
  readonly seed: number;
  /** Moves that are tried; a limit in steps, so the same question has the same answer everywhere. */
  readonly steps: number;
}

export interface Arrangement {
  readonly placed: readonly Placed[];
  readonly told: readonly Told[];
  /** 100: nothing costs anything. */
  readonly score: number;
  readonly ground: Ground;
}

/** A seeded number from 0 to 1 (mulberry32). */
export function chance(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const shapeOf = (thing: Thing): Disc[] =>
  thing.lies === 'patch' ? [patchDisc(thing.area)] : discsOf(thing.outline);

/** From a bearing, degrees clockwise from the top, to a place so far from the middle. */
function onRing(board: Board, degrees: number, out: number): readonly [number, number] {
  const a = ((degrees - 90) * Math.PI) / 180;
  return [
    (Math.cos(a) * out * board.length) / 2,
    (Math.sin(a) * out * (board.round ? board.length : board.width)) / 2,
  ];
}

/** A first layout: the walk round the rim, everything else beside what it goes with. */
function begin({ things, board, towards, pins, seed }: LayQuestion): { placed: Placed[]; shapes: Disc[][] } {
  const random = chance(seed);
  const shapes = things.map(shapeOf);
  const placed: Placed[] = [];
  things.forEach((thing, i) => {
    const pin = pins[thing.id];
    const step = towards[thing.id] ?? null;
    const friend = placed.find((other) => thing.beside.includes(other.thing.id));
    const [x, y] = pin
      ? [pin.x, pin.y]
      : step !== null
        ? onRing(board, step, 0.6)
        : friend
          ? [friend.x * 0.55 + 40 * (random() - 0.5), friend.y * 0.55 + 40 * (random() - 0.5)]
          : onRing(board, 360 * random(), 0.4 * random());
    const turn = pin?.turn ?? step ?? 0;
    placed.push({
      thing,
      x,
      y,
      turn,
      discs: movedDiscs(shapes[i]!, x, y, turn),
      towards: step,
      pinned: pin !== undefined,
    });
  });
  return { placed, shapes };
}

/** Where it is cold, and where it is warm, of the annealing; and how far a thing is moved. */
const [HOT, COLD] = [3, 0.02];
const NEAREST_MOVE = 4;

/**
 * A layout of one board, found by simulated annealing (Kirkpatrick, Gelatt and Vecchi 1983) over places and turns: seeded and limited by steps. What is pinned
 * stays; every rule of the table is felt by what a move changes.
 */
export function arrange(question: LayQuestion, onStep?: (share: number) => void): Arrangement {
  const { board, carried, sides, steps, seed } = question;
  const ground: Ground = { board, carried, sides };
  const { placed, shapes } = begin(question);
  const random = chance(seed + 1);
  const free = [...placed.keys()].filter((i) => !placed[i]!.pinned);
  const between = placed.map((a) => placed.map((b) => rulesBetween(a.thing, b.thing)));
  const costAt = (i: number, except = -1): number => {
    let sum = placeCost(placed[i]!, ground);
    for (let j = 0; j < placed.length; j++)
      if (j !== i && j !== except) sum += pairCost(placed[i]!, placed[j]!, between[i]![j]!);
    return sum;
  };
  const put = (i: number, x: number, y: number, turn: number) => {
    const one = placed[i]!;
    [one.x, one.y, one.turn] = [x, y, turn];
    one.discs = movedDiscs(shapes[i]!, x, y, turn);
  };
  const far = Math.max(board.length, board.width) / 3;
  let now = total(placed, ground);
  let best = now;
  let kept = placed.map(({ x, y, turn }) => ({ x, y, turn }));
  for (let step = 0; free.length > 0 && step < steps; step++) {
    const share = step / steps;
    if (onStep && step % 1000 === 0) onStep(share);
    const heat = HOT * (COLD / HOT) ** share;
    const i = free[Math.floor(random() * free.length)]!;
    const one = placed[i]!;
    const swap = random() < 0.12 ? free[Math.floor(random() * free.length)]! : -1;
    const was = { x: one.x, y: one.y, turn: one.turn };
    if (swap >= 0 && swap !== i) {
      const other = placed[swap]!;
      const theirs = { x: other.x, y: other.y, turn: other.turn };
      const before = costAt(i) + costAt(swap, i);
      put(i, theirs.x, theirs.y, was.turn);
      put(swap, was.x, was.y, theirs.turn);
      const change = costAt(i) + costAt(swap, i) - before;
      if (change <= 0 || random() < Math.exp(-change / heat)) now += change;
      else {
        put(i, was.x, was.y, was.turn);
        put(swap, theirs.x, theirs.y, theirs.turn);
      }
    } else {
      const reach = NEAREST_MOVE + far * (1 - share) ** 2;
      const before = costAt(i);
      const turns = one.thing.lies === 'whole' && random() < 0.3;
      put(
        i,
        was.x + (turns ? 0 : reach * (random() * 2 - 1)),
        was.y + (turns ? 0 : reach * (random() * 2 - 1)),
        turns ? was.turn + 180 * (random() - 0.5) : was.turn,
      );
      const change = costAt(i) - before;
      if (change <= 0 || random() < Math.exp(-change / heat)) now += change;
      else put(i, was.x, was.y, was.turn);
    }
    if (now < best - 1e-9) {
      best = now;
      kept = placed.map(({ x, y, turn }) => ({ x, y, turn }));
    }
  }
  kept.forEach(({ x, y, turn }, i) => put(i, x, y, turn));
  return { placed, ...judgedOf(placed, ground), ground };
}

function total(placed: readonly Placed[], ground: Ground): number {
  let sum = 0;
  placed.forEach((a, i) => {
    sum += placeCost(a, ground);
    for (let j = i + 1; j < placed.length; j++)
      sum += pairCost(a, placed[j]!, rulesBetween(a.thing, placed[j]!.thing));
  });
  return sum;
}

/** What a layout is worth: 100 less what its rules cost for each thing on it. */
function judgedOf(placed: readonly Placed[], ground: Ground): Pick<Arrangement, 'told' | 'score'> {
  const told = toldOf(placed, ground);
  const cost = total(placed, ground);
  return { told, score: placed.length === 0 ? 100 : Math.max(0, 100 - (12 * cost) / placed.length) };
}
