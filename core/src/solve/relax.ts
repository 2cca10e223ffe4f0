import { slopeAt } from '../units/index.js';
import { bandPoints, type Instance } from './instance.js';

/** A partial selection: what is chosen, and what may still be. `slopes` and `prices` are where its bound was best. */
export interface Node {
  readonly chosen: readonly number[];
  readonly open: Int32Array;
  readonly slopes: Float64Array;
  readonly prices: Float64Array;
  readonly bound: number;
}

/** What a bound tells beside its number. */
export interface Relaxed extends Node {
  /** The best items by their worth at these slopes: a full selection, though it may break the purse or a group. */
  readonly best: readonly number[];
  /** The item of `best` that the bound leans on most; null when nothing is left to decide. */
  readonly pivot: number | null;
}

const EPS = 1e-12;
/** Every so many steps the items that cannot be in any better selection are let go. */
const SIFT = 3;
/** After so many steps without a better bound the step is halved. */
const PATIENCE = 6;
const BEND = 1.5;
const LEAST_STEP = 0.005;

/**
 * Upper bounds by Lagrangian relaxation (Geoffrion 1974; Fisher 1981). Each band's worth is concave, so a line of any
 * slope through one of its knots lies above it; with lines in place of worths, and prices for purse and groups, every
 * item has a worth of its own and the best k of each kind are the best set. The slopes are moved by subgradient steps
 * towards the least bound (Polyak 1969). Any slopes give a valid bound, so rounding cannot make it lie.
 */
export function relaxation(instance: Instance) {
  const { kindOf, own, cost, purse, start, feat, share, bands, worth, most, groups, want } = instance;
  const n = own.length;
  const hasPurse = purse < Infinity;
  // One price for the purse, one for each side of each group that could bind.
  const rows = groups.flatMap((group) => [
    ...(group.lo > 0 ? [{ members: group.members, sign: -1, limit: -group.lo }] : []),
    ...(group.hi < group.members.length ? [{ members: group.members, sign: 1, limit: group.hi }] : []),
  ]);
  const priceCount = rows.length + 1;
  const rowsOf: number[][] = Array.from({ length: n }, () => []);
  rows.forEach((row, r) => row.members.forEach((i) => rowsOf[i]!.push(r)));
  // Money is scaled so that prices move at the pace of slopes.
  const money = hasPurse ? Math.max(1, purse) / (want[0] + want[1] || 1) : 1;

  const kindOfBand = new Uint8Array(bands);
  for (let i = 0; i < n; i++)
    for (let p = start[i]!; p < start[i + 1]!; p++) kindOfBand[feat[p]!] = kindOf[i]!;

  const fill = new Float64Array(bands);
  const top = new Float64Array(bands);
  const knot = new Float64Array(bands);
  const gradient = new Float64Array(bands);
  const priceGradient = new Float64Array(priceCount);
  const way = new Float64Array(bands);
  const priceWay = new Float64Array(priceCount);
  const v = new Float64Array(n);
  const active = new Int32Array(bands);

  const slope = (b: number, x: number) => slopeAt(worth, b * (most + 1), most, x);

  /** Where band b, between its fill and its top, is highest above a line of this slope. */
  const touch = (b: number, line: number): number => {
    let z = fill[b]!;
    while (z < top[b]! - EPS) {
      if (slope(b, z + EPS) <= line) break;
      z = Math.min(Math.floor(z + EPS) + 1, top[b]!);
    }
    return z;
  };

  /** Slopes that fit a given full set: the mean of the slopes on both sides of its fills. */
  function slopesAround(set: readonly number[]): Float64Array {
    const at = new Float64Array(bands);
    for (const i of set) for (let p = start[i]!; p < start[i + 1]!; p++) at[feat[p]!]! += share[p]!;
    return Float64Array.from(at, (x, b) => (slope(b, x - 0.01) + slope(b, x + 0.01)) / 2);
  }

  /** The best `k` open items of one kind by v, best first; ties to the earlier item. */
  function bestOf(kind: number, k: number, open: Int32Array, out: number[]): void {
    const from = out.length;
    if (k === 0) return;
    for (const i of open) {
      if (kindOf[i] !== kind) continue;
      const value = v[i]!;
      let at = out.length;
      if (at - from === k) {
        if (value <= v[out[at - 1]!]!) continue;
        at--;
      } else out.push(i);
      while (at > from && v[out[at - 1]!]! < value) {
        out[at] = out[at - 1]!;
        at--;
      }
      out[at] = i;
    }
  }

  /**
   * The least bound found in `steps` steps, for what may still be chosen beside `chosen`; null when the wants cannot be
   * met or the bound falls to `floor` or below. Items that no selection above the floor can hold are left out of the
   * returned `open`; those that every such selection holds are moved to `chosen`. `seen` gets every full set on the way.
   */
  function bound(
    node: Node,
    floor: () => number,
    steps: number,
    seen: (set: number[]) => void,
  ): Relaxed | null {
    const chosen = [...node.chosen];
    let open = node.open;
    fill.fill(0);
    top.fill(0);
    const left: [number, number] = [want[0], want[1]];
    let spent = 0;
    let settled = instance.base;
    const counts = new Float64Array(rows.length);
    for (const i of chosen) {
      left[kindOf[i]!]!--;
      spent += cost[i]!;
      settled += own[i]!;
      for (const r of rowsOf[i]!) counts[r]!++;
      for (let p = start[i]!; p < start[i + 1]!; p++) fill[feat[p]!]! += share[p]!;
    }
    if (left[0]! < 0 || left[1]! < 0) return null;
    for (const i of open) for (let p = start[i]!; p < start[i + 1]!; p++) top[feat[p]!]! += share[p]!;
    let nActive = 0;
    for (let b = 0; b < bands; b++) {
      const more = Math.min(top[b]!, left[kindOfBand[b]!]!);
      settled -= worth[b * (most + 1)]!;
      if (more > 0) {
        top[b] = fill[b]! + more;
        active[nActive++] = b;
      } else settled += bandPoints(instance, b, fill[b]!);
    }
    const slopes = Float64Array.from(node.slopes);
    const prices = Float64Array.from(node.prices);
    way.fill(0);
    priceWay.fill(0);
    let best = Infinity;
    let bestSlopes = slopes;
    let bestPrices = prices;
    let picks: number[] = [];
    let theta = 1;
    let since = 0;

    const valuesAt = (s: Float64Array, mu: Float64Array) => {
      for (const i of open) {
        let value = own[i]! - (hasPurse ? (mu[rows.length]! * cost[i]!) / money : 0);
        for (let p = start[i]!, end = start[i + 1]!; p < end; p++) value += s[feat[p]!]! * share[p]!;
        for (const r of rowsOf[i]!) value -= mu[r]! * rows[r]!.sign;
        v[i] = value;
      }
      picks = [];
      bestOf(0, left[0]!, open, picks);
      if (picks.length < left[0]!) return false;
      const cheeses = picks.length;
      bestOf(1, left[1]!, open, picks);
      return picks.length - cheeses >= left[1]!;
    };
    /** The bound at these slopes; leaves the touching knots and the gradients behind. */
    const boundAt = (s: Float64Array, mu: Float64Array): number => {
      if (!valuesAt(s, mu)) return -Infinity;
      let sum = settled;
      for (let a = 0; a < nActive; a++) {
        const b = active[a]!;
        const z = touch(b, s[b]!);
        knot[b] = z;
        sum += bandPoints(instance, b, z) - s[b]! * (z - fill[b]!);
        gradient[b] = fill[b]! - z;
      }
      for (const i of picks) {
        sum += v[i]!;
        for (let p = start[i]!, end = start[i + 1]!; p < end; p++) gradient[feat[p]!]! += share[p]!;
      }
      for (let r = 0; r < rows.length; r++) {
        const slack = rows[r]!.limit - rows[r]!.sign * counts[r]!;
        sum += mu[r]! * slack;
        priceGradient[r] = slack;
      }
      for (const i of picks) for (const r of rowsOf[i]!) priceGradient[r]! -= rows[r]!.sign;
      if (hasPurse) {
        let money_ = (purse - spent) / money;
        sum += mu[rows.length]! * money_;
        for (const i of picks) money_ -= cost[i]! / money;
        priceGradient[rows.length] = money_;
      }
      return sum;
    };

    /** The open items that a selection above the target may still hold, told at the slopes of the last bound. */
    const sifted = (value: number, target: number): Int32Array => {
      const kth = [Infinity, Infinity];
      for (const i of picks) kth[kindOf[i]!] = Math.min(kth[kindOf[i]!]!, v[i]!);
      const spare = [value - kth[0]! - target, value - kth[1]! - target];
      return open.filter((i) => spare[kindOf[i]!]! + v[i]! > 0);
    };
    for (let step = 0; ; step++) {
      const value = boundAt(slopes, prices);
      if (value === -Infinity) return null;
      if (value < best - 1e-9) {
        best = value;
        bestSlopes = Float64Array.from(slopes);
        bestPrices = Float64Array.from(prices);
        since = 0;
        // A better bound often comes with a better set; its own fill is quick to value.
        if (step % 4 === 0) seen([...chosen, ...picks]);
      } else if (++since >= PATIENCE) {
        theta /= 2;
        since = 0;
      }
      const target = floor();
      if (best <= target) return null;
      if (step % SIFT === 0) open = sifted(value, target);
      if (step >= steps || theta < LEAST_STEP) break;
      // A step that would turn back on the last one is bent forward (Camerini, Fratta and Maffioli 1975).
      let along = 0;
      let size = 0;
      for (let a = 0; a < nActive; a++) {
        const b = active[a]!;
        along += gradient[b]! * way[b]!;
        size += way[b]! ** 2;
      }
      for (let r = 0; r < priceCount; r++) {
        along += priceGradient[r]! * priceWay[r]!;
        size += priceWay[r]! ** 2;
      }
      const bend = step > 0 && along < 0 ? (-BEND * along) / size : 0;
      let norm = 0;
      for (let a = 0; a < nActive; a++) {
        const b = active[a]!;
        way[b] = gradient[b]! + bend * way[b]!;
        norm += way[b]! ** 2;
      }
      for (let r = 0; r < priceCount; r++) {
        priceWay[r] = prices[r]! > 0 || priceGradient[r]! < 0 ? priceGradient[r]! + bend * priceWay[r]! : 0;
        norm += priceWay[r]! ** 2;
      }
      if (norm < EPS) break;
      const length = (theta * Math.max(1e-6, value - (Number.isFinite(target) ? target : value - 1))) / norm;
      for (let a = 0; a < nActive; a++) {
        const b = active[a]!;
        slopes[b]! -= length * way[b]!;
      }
      for (let r = 0; r < priceCount; r++) prices[r] = Math.max(0, prices[r]! - length * priceWay[r]!);
    }

    // At the best slopes: leave out what cannot be in, take in what must be.
    boundAt(bestSlopes, bestPrices);
    seen([...chosen, ...picks]);
    const target = floor();
    const kth = [Infinity, Infinity];
    const next = [-Infinity, -Infinity];
    const inPicks = new Set(picks);
    for (const i of picks) kth[kindOf[i]!] = Math.min(kth[kindOf[i]!]!, v[i]!);
    for (const i of open) if (!inPicks.has(i)) next[kindOf[i]!] = Math.max(next[kindOf[i]!]!, v[i]!);
    const stays: number[] = [];
    const forced: number[] = [];
    let pivot: number | null = null;
    let lean = -Infinity;
    for (const i of open) {
      const kind = kindOf[i]!;
      if (!inPicks.has(i)) {
        if (left[kind]! > 0 && best - kth[kind]! + v[i]! > target) stays.push(i);
        continue;
      }
      const drop = v[i]! - next[kind]!;
      if (best - drop <= target) forced.push(i);
      else {
        stays.push(i);
        if (drop > lean) {
          lean = drop;
          pivot = i;
        }
      }
    }
    open = Int32Array.from(stays);
    return {
      chosen: [...chosen, ...forced],
      open,
      slopes: bestSlopes,
      prices: bestPrices,
      bound: best,
      best: [...chosen, ...picks],
      pivot,
    };
  }

  return { bound, slopesAround, priceCount };
}
