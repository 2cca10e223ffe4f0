import { chance } from '../units/index.js';
import type { Board } from './boards.js';
import { discsOf, movedDiscs, patchDisc, type Disc } from './geometry.js';
import {
  boardCosts,
  pairCost,
  placeCost,
  rulesBetween,
  silentFrom,
  toldOf,
  totalCost,
  type Ground,
  type Placed,
  type Told,
} from './rules/index.js';
import type { LaySchools } from './schools.js';
import type { Thing } from './thing.js';

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
  /** Guests dislike food that touches. */
  readonly apart: boolean;
  readonly schools: LaySchools;
  /** Where each step of the walk stands, degrees clockwise from the top, by id. */
  readonly towards: Readonly<Record<string, number>>;
  readonly pins: Readonly<Record<string, Pin>>;
  readonly seed: number;
  /** Moves that are tried; a limit in steps, so the same question has the same answer everywhere. */
  readonly steps: number;
}

/** What the rules say of a board as it lies. */
export interface Judgement {
  readonly told: readonly Told[];
  /** 100: nothing costs anything. */
  readonly score: number;
}

export interface Arrangement extends Judgement {
  readonly placed: readonly Placed[];
  readonly ground: Ground;
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

/** A place and turn of one thing. */
type Spot = readonly [x: number, y: number, turn: number];
interface Move {
  readonly i: number;
  readonly to: Spot;
}

/** Where it is hot, and where it is cold, of the annealing; and how far a thing is moved at the least. */
const [HOT, COLD] = [1.5, 0.02];
const NEAREST_MOVE = 4;
/** One walk may end in a dead end: so many are tried, each with its share of the steps, and the best is kept; where that is not yet good, so many more. */
const TRIES = 4;
const MORE_TRIES = 5;
const GOOD = 92;
/** A shorter walk does not get far: where there are few steps, fewer are tried. */
const LEAST_WALK = 50_000;
const LEAST_TRIES = 2;
/** How often two change places, and how often one goes beside its company; else it is moved or turned. */
const [SWAPS, VISITS, TURNS] = [0.12, 0.2, 0.3];

/**
 * A layout of one board, found by simulated annealing (Kirkpatrick, Gelatt and Vecchi 1983) over places and turns: seeded and limited by steps. What is pinned
 * stays; every rule of the table is felt by what a move changes.
 */
export function arrange(question: LayQuestion, onStep?: (share: number) => void): Arrangement {
  const tries = Math.max(LEAST_TRIES, Math.min(TRIES, Math.floor(question.steps / LEAST_WALK)));
  const most = tries < TRIES ? tries : TRIES + MORE_TRIES;
  const each = Math.floor(question.steps / tries);
  let best: Arrangement | null = null;
  for (let t = 0; t < most; t++) {
    if (t >= tries && best!.score >= GOOD) break;
    const found = anneal({ ...question, steps: each }, question.seed + 7919 * t, (share) =>
      onStep?.((t + share) / most),
    );
    if (!best || found.score > best.score) best = found;
    // Nothing is free to move, or nothing is asked: every try is the same.
    if (each === 0) break;
  }
  return best!;
}

const groundOf = ({ board, carried, sides, apart, schools }: LayQuestion): Ground => ({
  board,
  carried,
  sides,
  apart,
  schools,
});

/** A board of which everything was put somewhere, judged as it lies, without a search; null: something has no place yet. */
export function judgedAsKept(question: LayQuestion): Judgement | null {
  const { things, pins } = question;
  if (things.length === 0 || !things.every(({ id }) => pins[id])) return null;
  return judgedOf(begin(question).placed, groundOf(question));
}

function anneal(question: LayQuestion, seed: number, onStep: (share: number) => void): Arrangement {
  const { board, steps } = question;
  const ground = groundOf(question);
  const { placed, shapes } = begin(question);
  const random = chance(seed + 1);
  const free = [...placed.keys()].filter((i) => !placed[i]!.pinned);
  const between = placed.map((a) => placed.map((b) => rulesBetween(a.thing, b.thing, ground)));
  const company = placed.map(({ thing }) =>
    [...placed.keys()].filter((j) => thing.beside.includes(placed[j]!.thing.id)),
  );
  const spotOf = (i: number): Spot => [placed[i]!.x, placed[i]!.y, placed[i]!.turn];
  const put = ({ i, to: [x, y, turn] }: Move) => {
    const one = placed[i]!;
    [one.x, one.y, one.turn] = [x, y, turn];
    one.discs = movedDiscs(shapes[i]!, x, y, turn);
  };
  const far = Math.max(board.length, board.width) / 3;
  const anyFree = () => free[Math.floor(random() * free.length)]!;
  /** What is tried next; the further on, the shorter the way. */
  const propose = (share: number): Move[] => {
    const i = anyFree();
    const [x, y, turn] = spotOf(i);
    const kind = random();
    const other = kind < SWAPS ? anyFree() : i;
    if (other !== i) {
      const [ox, oy, oTurn] = spotOf(other);
      return [
        { i, to: [ox, oy, turn] },
        { i: other, to: [x, y, oTurn] },
      ];
    }
    const friends = company[i]!;
    if (kind < VISITS && friends.length > 0) {
      const friend = placed[friends[Math.floor(random() * friends.length)]!]!;
      const angle = 2 * Math.PI * random();
      const away = friend.discs[0]!.r + placed[i]!.discs[0]!.r;
      return [{ i, to: [friend.x + away * Math.cos(angle), friend.y + away * Math.sin(angle), turn] }];
    }
    if (placed[i]!.thing.lies === 'whole' && random() < TURNS)
      return [{ i, to: [x, y, turn + 180 * (random() - 0.5)] }];
    const reach = NEAREST_MOVE + far * (1 - share) ** 2;
    return [{ i, to: [x + reach * (random() * 2 - 1), y + reach * (random() * 2 - 1), turn] }];
  };
  const costs = new Costs(placed, between, ground);
  let best = 0;
  let now = 0;
  let kept = placed.map((_, i) => spotOf(i));
  for (let step = 0; free.length > 0 && step < steps; step++) {
    const share = step / steps;
    if (step % 1000 === 0) onStep(share);
    const moves = propose(share);
    const back = moves.map(({ i }): Move => ({ i, to: spotOf(i) }));
    moves.forEach(put);
    // Taken where e^(-change / heat) is more than a number between 0 and 1: told before, so that what costs too much is not counted to its end.
    const most = -HOT * (COLD / HOT) ** share * Math.log(random());
    const change = costs.after(
      moves.map(({ i }) => i),
      most,
    );
    if (change <= most) {
      costs.keep();
      now += change;
    } else back.forEach(put);
    if (now < best - 1e-9) {
      best = now;
      kept = placed.map((_, i) => spotOf(i));
    }
  }
  kept.forEach((to, i) => put({ i, to }));
  return { placed, ...judgedOf(placed, ground), ground };
}

/** What everything on a board costs now, so that a move asks only for what it changes. */
class Costs {
  private readonly n: number;
  private readonly pairs: Float64Array;
  private readonly places: Float64Array;
  private readonly silent: readonly (readonly number[])[];
  private readonly wholeNow: () => number;
  private whole: number;
  private next: { readonly moved: readonly number[]; readonly places: number[]; readonly whole: number } = {
    moved: [],
    places: [],
    whole: 0,
  };
  /** What those that moved last would cost with each other thing: one row for each of the two that may move at once. */
  private readonly rows: readonly [Float64Array, Float64Array];

  constructor(
    private readonly placed: readonly Placed[],
    private readonly between: readonly (readonly ReturnType<typeof rulesBetween>[])[],
    private readonly ground: Ground,
  ) {
    this.n = placed.length;
    this.pairs = new Float64Array(this.n * this.n);
    this.places = new Float64Array(this.n);
    this.rows = [new Float64Array(this.n), new Float64Array(this.n)];
    this.silent = between.map((row) => row.map(silentFrom));
    placed.forEach((one, i) => {
      this.places[i] = placeCost(one, ground);
      for (let j = 0; j < this.n; j++) this.pairs[i * this.n + j] = this.pair(i, j);
    });
    this.wholeNow = boardCosts(placed, ground);
    this.whole = this.wholeNow();
  }

  private pair(i: number, j: number): number {
    return i === j
      ? 0
      : pairCost(this.placed[i]!, this.placed[j]!, this.between[i]![j]!, this.silent[i]![j]!);
  }

  /**
   * By how much the cost changes now that one or two lie elsewhere; Infinity as soon as it is surely more than `most`: nothing costs less than 0, so
   * what is counted already is the least that it can be.
   */
  after(moved: readonly number[], most: number): number {
    const { n } = this;
    let before = this.whole;
    moved.forEach((i, k) => {
      before += this.places[i]!;
      // Two that moved are counted once.
      for (let j = 0; j < n; j++) if (k === 0 || j !== moved[0]) before += this.pairs[i * n + j]!;
    });
    const enough = before + most;
    let cost = 0;
    const places: number[] = [];
    for (const i of moved) cost += places[places.push(placeCost(this.placed[i]!, this.ground)) - 1]!;
    if (cost > enough) return Infinity;
    for (let k = 0; k < moved.length; k++) {
      const [i, row] = [moved[k]!, this.rows[k]!];
      for (let j = 0; j < n; j++) {
        row[j] = this.pair(i, j);
        if (k === 0 || j !== moved[0]) cost += row[j]!;
        if (cost > enough) return Infinity;
      }
    }
    const whole = this.wholeNow();
    this.next = { moved, places, whole };
    return cost + whole - before;
  }

  /** What was asked last stands. */
  keep(): void {
    const { moved, places, whole } = this.next;
    moved.forEach((i, k) => {
      this.places[i] = places[k]!;
      for (let j = 0; j < this.n; j++) {
        this.pairs[i * this.n + j] = this.rows[k]![j]!;
        this.pairs[j * this.n + i] = this.rows[k]![j]!;
      }
    });
    this.whole = whole;
  }
}

/** Points that a cost takes off a board of so many things. */
export const worth = (cost: number, things: number): number => (things === 0 ? 0 : (-12 * cost) / things);

/** What a layout is worth: 100 less what its rules cost for each thing on it. */
function judgedOf(placed: readonly Placed[], ground: Ground): Judgement {
  const told = toldOf(placed, ground);
  const cost = totalCost(placed, ground);
  return { told, score: Math.max(0, 100 + worth(cost, placed.length)) };
}
