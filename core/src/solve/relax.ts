import { Descent } from './descent.js';
import type { Instance } from './instance.js';
import { Lagrangian, type Multipliers } from './lagrangian.js';

/** A partial selection: what is chosen, and what may still be. `at` is where its bound was best. */
export interface Node {
  readonly chosen: readonly number[];
  readonly open: Int32Array;
  readonly at: Multipliers;
  readonly bound: number;
}

/** What a bound gives beside its number. */
export interface Relaxed extends Node {
  /** The item of the best relaxed set that the bound leans on most; null when nothing is left to decide. */
  readonly pivot: number | null;
}

/** Every few steps the items that cannot be in any better selection are let go. */
const SIFT = 3;
/** Every few steps the set of a better bound is worth valuing. */
const SHOW = 4;

/** Upper bounds on what a partial selection of an instance can become, and what they leave to decide. */
export class Relaxation {
  private readonly dual: Lagrangian;

  constructor(private readonly instance: Instance) {
    this.dual = new Lagrangian(instance);
  }

  /** The whole question, with multipliers that fit a set which is known. */
  root(known: readonly number[]): Node {
    const { locked, kindOf } = this.instance;
    const held = new Set(locked);
    return {
      chosen: locked,
      open: Int32Array.from([...kindOf.keys()].filter((i) => !held.has(i))),
      at: this.dual.around(known),
      bound: Infinity,
    };
  }

  /**
   * The least bound found in `steps` steps, for what may still be chosen beside `chosen`; null when the wants cannot be
   * met or the bound falls to `floor` or below. Items that no selection above the floor can hold are left out of the
   * returned `open`; those that every such selection holds are moved to `chosen`. `seen` gets full sets on the way.
   */
  bound(
    { chosen, open, at }: Omit<Node, 'bound'>,
    floor: () => number,
    steps: number,
    seen: (set: number[]) => void,
  ): Relaxed | null {
    const { dual } = this;
    if (!dual.enter(chosen, open)) return null;
    const descent = new Descent(dual, at);
    for (let step = 0; ; step++) {
      const bound = dual.at(descent.now);
      if (bound === -Infinity) return null;
      if (descent.note(bound) && step % SHOW === 0) seen([...chosen, ...dual.picks]);
      const target = floor();
      if (descent.best <= target) return null;
      if (step % SIFT === 0) this.sift(bound, target);
      if (step >= steps || !descent.step(bound, target)) break;
    }
    dual.at(descent.bestAt);
    seen([...chosen, ...dual.picks]);
    return this.settle(chosen, descent, floor());
  }

  /** The open items of one node by what they are worth at its multipliers, best first. */
  ranked({ chosen, open, at }: Node): number[] {
    this.dual.enter(chosen, open);
    this.dual.at(at);
    const { worthOf } = this.dual;
    return [...open].sort((a, b) => worthOf[b]! - worthOf[a]! || a - b);
  }

  /** The worth of the last pick of each kind. */
  private lastWorths(): [number, number] {
    const last: [number, number] = [Infinity, Infinity];
    for (const i of this.dual.picks) {
      const kind = this.instance.kindOf[i]!;
      last[kind] = Math.min(last[kind]!, this.dual.worthOf[i]!);
    }
    return last;
  }

  /** Lets go the open items that no selection above the target can hold, by the multipliers of the last bound. */
  private sift(bound: number, target: number): void {
    const { dual, instance } = this;
    const spare = this.lastWorths().map((last) => bound - last - target);
    dual.open = dual.open.filter((i) => spare[instance.kindOf[i]!]! + dual.worthOf[i]! > 0);
  }

  /** At the best multipliers: leave out what cannot be in, take in what must be, and say what to decide next. */
  private settle(chosen: readonly number[], { best, bestAt }: Descent, target: number): Relaxed {
    const { dual, instance } = this;
    const { worthOf, left, open, picks } = dual;
    const last = this.lastWorths();
    const next = [-Infinity, -Infinity];
    const picked = new Set(picks);
    for (const i of open)
      if (!picked.has(i)) next[instance.kindOf[i]!] = Math.max(next[instance.kindOf[i]!]!, worthOf[i]!);
    const stays: number[] = [];
    const forced: number[] = [];
    let pivot: number | null = null;
    let lean = -Infinity;
    for (const i of open) {
      const kind = instance.kindOf[i]!;
      if (!picked.has(i)) {
        if (left[kind]! > 0 && best - last[kind]! + worthOf[i]! > target) stays.push(i);
        continue;
      }
      const drop = worthOf[i]! - next[kind]!;
      if (best - drop <= target) {
        forced.push(i);
        continue;
      }
      stays.push(i);
      if (drop > lean) {
        lean = drop;
        pivot = i;
      }
    }
    return { chosen: [...chosen, ...forced], open: Int32Array.from(stays), at: bestAt, bound: best, pivot };
  }
}
