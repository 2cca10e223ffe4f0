import { chance } from '../units/index.js';
import { Costs } from './costs.js';
import { movedDiscs } from './geometry.js';
import { begin, type LayQuestion } from './question.js';
import { rulesBetween, type Ground, type Placed } from './rules/index.js';

/** A place and turn of one thing. */
type Pose = readonly [x: number, y: number, turn: number];
interface Move {
  readonly i: number;
  readonly to: Pose;
}

/** Where it is hot, and where it is cold; and how far a thing is moved at the least. */
const [HOT, COLD] = [1.5, 0.02];
const NEAREST_MOVE = 4;
/** How often two change places, and how often one goes beside its company; else it is moved or turned. */
const [SWAPS, VISITS, TURNS] = [0.12, 0.2, 0.3];

/**
 * One search for a layout by simulated annealing (Kirkpatrick, Gelatt and Vecchi 1983) over poses: seeded, of a number of
 * moves, cooling as they go by; it can be halted on its way and gone on with. What is pinned stays; every rule of the table is
 * felt by what a move changes.
 */
export class Annealing {
  /** What it costs now, of what it cost at the start. */
  now = 0;
  private best = 0;
  private step = 0;
  private kept: readonly Pose[];
  private readonly placed: Placed[];
  private readonly shapes: ReturnType<typeof begin>['shapes'];
  private readonly free: readonly number[];
  private readonly company: readonly (readonly number[])[];
  private readonly costs: Costs;
  private readonly random: () => number;
  private readonly far: number;

  constructor(
    question: LayQuestion,
    ground: Ground,
    private readonly steps: number,
    seed: number,
  ) {
    const { placed, shapes } = begin(question);
    this.placed = placed;
    this.shapes = shapes;
    this.random = chance(seed + 1);
    this.free = [...placed.keys()].filter((i) => !placed[i]!.pinned);
    this.company = placed.map(({ thing }) =>
      [...placed.keys()].filter((j) => thing.beside.includes(placed[j]!.thing.id)),
    );
    const between = placed.map((a) => placed.map((b) => rulesBetween(a.thing, b.thing, ground)));
    this.costs = new Costs(placed, between, ground);
    this.kept = placed.map((_, i) => this.spotOf(i));
    this.far = Math.max(question.board.length, question.board.width) / 3;
  }

  /** Goes on until this share of its moves is made. */
  run(until: number): void {
    const { placed, costs, steps } = this;
    const end = this.free.length === 0 ? 0 : Math.round(until * steps);
    for (; this.step < end; this.step++) {
      const share = this.step / steps;
      const moves = this.propose(share);
      const back = moves.map(({ i }): Move => ({ i, to: this.spotOf(i) }));
      for (const move of moves) this.put(move);
      // Taken where e^(-change / heat) is more than a number between 0 and 1: drawn first, so that what costs too much is not counted to its end.
      const most = -HOT * (COLD / HOT) ** share * Math.log(this.random());
      const change = costs.after(
        moves.map(({ i }) => i),
        most,
      );
      if (change <= most) {
        costs.keep();
        this.now += change;
      } else for (const move of back) this.put(move);
      if (this.now < this.best - 1e-9) {
        this.best = this.now;
        this.kept = placed.map((_, i) => this.spotOf(i));
      }
    }
  }

  /** The best that it came by. */
  found(): readonly Placed[] {
    this.kept.forEach((to, i) => this.put({ i, to }));
    return this.placed;
  }

  private spotOf(i: number): Pose {
    const { x, y, turn } = this.placed[i]!;
    return [x, y, turn];
  }

  private put({ i, to: [x, y, turn] }: Move): void {
    const one = this.placed[i]!;
    [one.x, one.y, one.turn] = [x, y, turn];
    one.discs = movedDiscs(this.shapes[i]!, x, y, turn);
  }

  private anyFree(): number {
    return this.free[Math.floor(this.random() * this.free.length)]!;
  }

  /** What is tried next; the further on, the shorter the way. */
  private propose(share: number): Move[] {
    const { placed, random } = this;
    const i = this.anyFree();
    const [x, y, turn] = this.spotOf(i);
    const kind = random();
    const other = kind < SWAPS ? this.anyFree() : i;
    if (other !== i) {
      const [ox, oy, oTurn] = this.spotOf(other);
      return [
        { i, to: [ox, oy, turn] },
        { i: other, to: [x, y, oTurn] },
      ];
    }
    const friends = this.company[i]!;
    if (kind < VISITS && friends.length > 0) {
      const friend = placed[friends[Math.floor(random() * friends.length)]!]!;
      const angle = 2 * Math.PI * random();
      const away = friend.discs[0]!.r + placed[i]!.discs[0]!.r;
      return [{ i, to: [friend.x + away * Math.cos(angle), friend.y + away * Math.sin(angle), turn] }];
    }
    if (placed[i]!.thing.lies === 'whole' && random() < TURNS)
      return [{ i, to: [x, y, turn + 180 * (random() - 0.5)] }];
    const reach = NEAREST_MOVE + this.far * (1 - share) ** 2;
    return [{ i, to: [x + reach * (random() * 2 - 1), y + reach * (random() * 2 - 1), turn] }];
  }
}
