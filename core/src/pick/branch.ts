import type { Compiled } from './compile.js';
import { DECAY, fillValue } from './fill.js';

/**
 * Branch and bound over one kind of good. The value of a set is submodular: raw balance is concave in each band and
 * sameness is a negative term on pairs, so what a good adds never grows as the set grows. Hence two upper bounds on
 * the best k further goods, of which the smaller is used:
 *  - the k largest single gains (Nemhauser, Wolsey, Fisher 1978);
 *  - on every axis the steepest remaining slopes, as if features combined freely, plus the k best own terms.
 * Terms of the whole set (`finish`) are 0 or less and enter only at the leaves.
 */
export interface BranchTask {
  readonly pool: Compiled;
  readonly size: number;
  readonly locked: readonly number[];
  /** Signed terms of the finished set, 0 or less, or null if the set is not allowed. */
  readonly finish: (set: readonly number[]) => number | null;
  /** Is it still possible to finish this partial set? Called before a set grows. */
  readonly hopeful: (set: readonly number[]) => boolean;
  /** Called with every allowed set that beats the best; returns the value that later sets must beat. */
  readonly found: (set: readonly number[], value: number) => void;
  /** Value that a set must beat. */
  readonly toBeat: () => number;
  /** Count a node; false stops the search. */
  readonly spend: () => boolean;
}

/** Two values nearer than this are a tie, which goes to the set found first: goods are tried best first, then by id. */
const TIE = 1e-9;

/**
 * Run the search. Returns the largest upper bound among branches left unexplored, or -Infinity when none was:
 * then whatever was found is the optimum.
 */
export function branch(task: BranchTask): number {
  const { pool, size, locked } = task;
  const n = pool.mains.length;
  const fill = new Float64Array(pool.worth.length);
  const chosen: number[] = [];
  let unexplored = -Infinity;
  let stopped = false;

  const gainOf = (g: number): number => {
    let gain = pool.own[g]!;
    const bands = pool.bandsOf[g]!;
    const shares = pool.sharesOf[g]!;
    for (let i = 0; i < bands.length; i++) {
      const b = bands[i]!;
      const x = fill[b]!;
      gain += pool.worth[b]! * (fillValue(x + shares[i]!) - fillValue(x));
    }
    for (const c of chosen) gain += pool.alike[g * n + c]!;
    return gain;
  };
  const put = (g: number, sign: 1 | -1) => {
    const bands = pool.bandsOf[g]!;
    const shares = pool.sharesOf[g]!;
    for (let i = 0; i < bands.length; i++) fill[bands[i]!]! += sign * shares[i]!;
    if (sign === 1) chosen.push(g);
    else chosen.pop();
  };

  /** The most that k whole memberships can add on all axes, features freely combined. */
  const freeBound = (k: number): number => {
    let sum = 0;
    for (let a = 0; a + 1 < pool.axisStart.length; a++) {
      const start = pool.axisStart[a]!;
      const end = pool.axisStart[a + 1]!;
      const segments: [slope: number, length: number][] = [];
      for (let b = start; b < end; b++) {
        // A band emptied again may hold a crumb of rounding; snap it.
        const x = Math.abs(fill[b]! - Math.round(fill[b]!)) < 1e-9 ? Math.round(fill[b]!) : fill[b]!;
        for (let step = Math.floor(x), at = x; at < x + k; step++) {
          segments.push([pool.worth[b]! * DECAY ** step, step + 1 - at]);
          at = step + 1;
        }
      }
      segments.sort((p, q) => q[0] - p[0]);
      let left = k;
      for (const [slope, length] of segments) {
        const used = Math.min(left, length);
        sum += slope * used;
        left -= used;
        if (left <= 0) break;
      }
    }
    return sum;
  };

  const grow = (value: number, open: readonly number[]): void => {
    if (stopped) return;
    if (!task.spend()) {
      stopped = true;
      return;
    }
    const k = size - chosen.length;
    if (k === 0) {
      const end = task.finish(chosen);
      if (end !== null && value + end > task.toBeat() + TIE) task.found(chosen, value + end);
      return;
    }
    const ranked = open.map((g) => ({ g, gain: gainOf(g) })).sort((p, q) => q.gain - p.gain || p.g - q.g);
    if (ranked.length < k) return;
    const owns = ranked.map(({ g }) => pool.own[g]!).sort((p, q) => q - p);
    const free = value + freeBound(k) + owns.slice(0, k).reduce((a, b) => a + b, 0);
    for (let i = 0; i + k <= ranked.length; i++) {
      let top = value;
      for (let j = i; j < i + k; j++) top += ranked[j]!.gain;
      const bound = Math.min(top, free);
      if (bound <= task.toBeat() + TIE) return;
      if (stopped) {
        unexplored = Math.max(unexplored, bound);
        return;
      }
      const { g, gain } = ranked[i]!;
      put(g, 1);
      if (task.hopeful(chosen))
        grow(
          value + gain,
          ranked.slice(i + 1).map((r) => r.g),
        );
      put(g, -1);
      // The child that ran out of nodes left work under it, which this bound covers.
      if (stopped) unexplored = Math.max(unexplored, bound);
    }
  };

  let value = 0;
  for (const g of locked) {
    value += gainOf(g);
    put(g, 1);
  }
  const rest = [...pool.mains.keys()].filter((g) => !locked.includes(g));
  if (chosen.length > size || !task.hopeful(chosen)) return -Infinity;
  const k = size - chosen.length;
  const owns = rest.map((g) => pool.own[g]!).sort((p, q) => q - p);
  const ceiling = value + freeBound(k) + owns.slice(0, k).reduce((a, b) => a + b, 0);
  grow(value, rest);
  // Out of nodes before the first branch: all that is known is the bound of the whole.
  return stopped && unexplored === -Infinity ? ceiling : unexplored;
}
