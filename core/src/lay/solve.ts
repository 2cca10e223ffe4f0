import { chance } from '../units/index.js';
import { Costs } from './costs.js';
import { movedDiscs } from './geometry.js';
import { judgedOf, type Judgement } from './judgement.js';
import { begin, groundOf, type LayQuestion } from './question.js';
import { rulesBetween, type Ground, type Placed } from './rules/index.js';

export interface Arrangement extends Judgement {
  readonly placed: readonly Placed[];
  readonly ground: Ground;
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
