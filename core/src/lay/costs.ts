import {
  boardCosts,
  pairCost,
  placeCost,
  silentFrom,
  type Ground,
  type Placed,
  type rulesBetween,
} from './rules/index.js';

/** What everything on a board costs now, so that a move asks only for what it changes. */
export class Costs {
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
