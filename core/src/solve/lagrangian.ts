import { slopeAt } from '../units/index.js';
import { bandPoints, type Instance } from './instance.js';

/** Where a bound is taken: the slope of the line that stands for each band, and the price of each row. */
export interface Multipliers {
  readonly slopes: Float64Array;
  readonly prices: Float64Array;
}

/** One side of a group that could bind: sign * (members chosen) <= limit. */
interface Row {
  readonly sign: 1 | -1;
  readonly limit: number;
}

const ROUNDING = 1e-12;

/**
 * The Lagrangian of an instance (Geoffrion 1974; Fisher 1981). Each band's worth is concave, so a line of any slope through
 * one of its knots lies above it; with lines in place of worths, and prices for purse and groups, every item has a worth of
 * its own and the best k of each kind are the best set. Any multipliers give a valid bound, so rounding cannot make it lie.
 * `enter` sets the partial selection; `at` bounds what it can become and leaves the gradients behind.
 */
export class Lagrangian {
  readonly priceCount: number;
  /** What each open item is worth at the multipliers of the last `at`. */
  readonly worthOf: Float64Array;
  /** The best open items by that, cheeses first: with the chosen ones a full selection, though it may break a row. */
  picks: number[] = [];
  /** How the bound would fall along each slope of an active band, and along each price. */
  readonly gradient: Float64Array;
  readonly priceGradient: Float64Array;
  /** The bands that may still grow: the first `actives` of `active`. */
  readonly active: Int32Array;
  actives = 0;
  open: Int32Array = new Int32Array();
  readonly left: [number, number] = [0, 0];

  private readonly rows: readonly Row[];
  private readonly rowsOf: readonly (readonly number[])[];
  /** What each item's worth is summed from: its bands, and after them its rows, each with what it has of it. */
  private readonly from: Int32Array;
  private readonly of: Int32Array;
  private readonly has: Float64Array;
  /** What one of each band is worth, and of each row. */
  private readonly each: Float64Array;
  private readonly counts: Float64Array;
  private readonly purseRow: number;
  /** Money is scaled so that prices move at the pace of slopes. */
  private readonly scale: number;
  private readonly kindOfBand: Uint8Array;
  private readonly fill: Float64Array;
  private readonly top: Float64Array;
  private settled = 0;
  private spent = 0;

  constructor(private readonly instance: Instance) {
    const { own, bands, groups, kindOf, start, feat, share, purse, want } = instance;
    const rowsOf: number[][] = Array.from(own, () => []);
    const rows: Row[] = [];
    for (const { members, lo, hi } of groups) {
      const sides: Row[] = [];
      if (lo > 0) sides.push({ sign: -1, limit: -lo });
      if (hi < members.length) sides.push({ sign: 1, limit: hi });
      for (const side of sides) {
        for (const i of members) rowsOf[i]!.push(rows.length);
        rows.push(side);
      }
    }
    this.rows = rows;
    this.rowsOf = rowsOf;
    this.from = new Int32Array(own.length + 1);
    const parts: [of: number, has: number][] = [];
    for (let i = 0; i < own.length; i++) {
      for (let p = start[i]!; p < start[i + 1]!; p++) parts.push([feat[p]!, share[p]!]);
      for (const r of rowsOf[i]!) parts.push([bands + r, -rows[r]!.sign]);
      this.from[i + 1] = parts.length;
    }
    this.of = Int32Array.from(parts, ([of]) => of);
    this.has = Float64Array.from(parts, ([, has]) => has);
    this.each = new Float64Array(bands + rows.length);
    this.counts = new Float64Array(rows.length);
    this.purseRow = rows.length;
    this.priceCount = rows.length + 1;
    this.scale = purse < Infinity ? Math.max(1, purse) / (want[0] + want[1] || 1) : 1;
    this.kindOfBand = new Uint8Array(bands);
    for (let i = 0; i < own.length; i++)
      for (let p = start[i]!; p < start[i + 1]!; p++) this.kindOfBand[feat[p]!] = kindOf[i]!;
    this.worthOf = new Float64Array(own.length);
    this.gradient = new Float64Array(bands);
    this.priceGradient = new Float64Array(this.priceCount);
    this.active = new Int32Array(bands);
    this.fill = new Float64Array(bands);
    this.top = new Float64Array(bands);
  }

  /** Multipliers that fit a given set: the mean of the slopes on both sides of its fills; no prices. */
  around(set: readonly number[]): Multipliers {
    const { bands, start, feat, share } = this.instance;
    const fill = new Float64Array(bands);
    for (const i of set) for (let p = start[i]!; p < start[i + 1]!; p++) fill[feat[p]!]! += share[p]!;
    return {
      slopes: fill.map((x, b) => (this.slope(b, x - 0.01) + this.slope(b, x + 0.01)) / 2),
      prices: new Float64Array(this.priceCount),
    };
  }

  /** Take up a partial selection: what is chosen, and what may still be. False when it holds too many. */
  enter(chosen: readonly number[], open: Int32Array): boolean {
    const { instance, fill, top, left, counts } = this;
    const { kindOf, own, cost, start, feat, share, worth, most, bands, want } = instance;
    fill.fill(0);
    top.fill(0);
    counts.fill(0);
    left[0] = want[0];
    left[1] = want[1];
    this.open = open;
    this.spent = 0;
    this.settled = instance.base;
    for (const i of chosen) {
      left[kindOf[i]!]!--;
      this.spent += cost[i]!;
      this.settled += own[i]!;
      for (const r of this.rowsOf[i]!) counts[r]!++;
      for (let p = start[i]!; p < start[i + 1]!; p++) fill[feat[p]!]! += share[p]!;
    }
    if (left[0] < 0 || left[1] < 0) return false;
    for (const i of open) for (let p = start[i]!; p < start[i + 1]!; p++) top[feat[p]!]! += share[p]!;
    this.actives = 0;
    for (let b = 0; b < bands; b++) {
      const more = Math.min(top[b]!, left[this.kindOfBand[b]!]!);
      this.settled -= worth[b * (most + 1)]!;
      if (more > 0) {
        top[b] = fill[b]! + more;
        this.active[this.actives++] = b;
      }
      this.settled += bandPoints(instance, b, fill[b]!);
    }
    return true;
  }

  /** The bound at these multipliers; -Infinity when too few items are open. */
  at({ slopes, prices }: Multipliers): number {
    const { instance, gradient, priceGradient, worthOf, rows, purseRow } = this;
    const { start, feat, share, cost, purse } = instance;
    if (!this.rank(slopes, prices)) return -Infinity;
    let sum = this.settled;
    for (let a = 0; a < this.actives; a++) sum += this.above(this.active[a]!, slopes[this.active[a]!]!);
    for (const i of this.picks) {
      sum += worthOf[i]!;
      for (let p = start[i]!, end = start[i + 1]!; p < end; p++) gradient[feat[p]!]! += share[p]!;
    }
    rows.forEach(({ sign, limit }, r) => {
      priceGradient[r] = limit - sign * this.counts[r]!;
      sum += prices[r]! * priceGradient[r]!;
    });
    for (const i of this.picks) for (const r of this.rowsOf[i]!) priceGradient[r]! -= rows[r]!.sign;
    if (purse < Infinity) {
      let unspent = (purse - this.spent) / this.scale;
      sum += prices[purseRow]! * unspent;
      for (const i of this.picks) unspent -= cost[i]! / this.scale;
      priceGradient[purseRow] = unspent;
    }
    return sum;
  }

  /** Worths of all open items, and the best of each kind; false when there are too few. */
  private rank(slopes: Float64Array, prices: Float64Array): boolean {
    const { worthOf, from, of, has, each, left, open } = this;
    const { own, cost, bands } = this.instance;
    const rate = prices[this.purseRow]! / this.scale;
    each.set(slopes);
    for (let r = 0; r < this.rows.length; r++) each[bands + r] = prices[r]!;
    for (let at = 0; at < open.length; at++) {
      const i = open[at]!;
      let worth = own[i]! - rate * cost[i]!;
      for (let p = from[i]!, end = from[i + 1]!; p < end; p++) worth += each[of[p]!]! * has[p]!;
      worthOf[i] = worth;
    }
    this.picks = [];
    this.bestOf(0);
    if (this.picks.length < left[0]) return false;
    this.bestOf(1);
    return this.picks.length >= left[0] + left[1];
  }

  /** Adds the best open items of one kind to `picks`, best first; ties to the earlier item. */
  private bestOf(kind: 0 | 1): void {
    const { picks: out, worthOf, left } = this;
    const { kindOf } = this.instance;
    const from = out.length;
    const k = left[kind];
    if (k === 0) return;
    const { open } = this;
    for (let o = 0; o < open.length; o++) {
      const i = open[o]!;
      if (kindOf[i] !== kind) continue;
      const value = worthOf[i]!;
      let at = out.length;
      if (at - from === k) {
        if (value <= worthOf[out[at - 1]!]!) continue;
        at--;
      } else out.push(i);
      while (at > from && worthOf[out[at - 1]!]! < value) {
        out[at] = out[at - 1]!;
        at--;
      }
      out[at] = i;
    }
  }

  private slope(b: number, x: number): number {
    const { worth, most } = this.instance;
    return slopeAt(worth, b * (most + 1), most, x);
  }

  /** How far band b, between its fill and its top, gets above a line of this slope through its fill; notes where that is. */
  private above(b: number, line: number): number {
    const { worth, most } = this.instance;
    const fill = this.fill[b]!;
    const top = this.top[b]!;
    let z = fill;
    let rise = 0;
    for (
      let c = Math.floor(z + ROUNDING), at = b * (most + 1) + c;
      z < top - ROUNDING && c < most;
      c++, at++
    ) {
      const over = worth[at + 1]! - worth[at]! - line;
      if (over <= 0) break;
      const next = Math.min(c + 1, top);
      rise += over * (next - z);
      z = next;
    }
    this.gradient[b] = fill - z;
    return rise;
  }
}
