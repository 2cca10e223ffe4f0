import type { Main } from '../counter/index.js';
import { gainer } from '../solve/index.js';
import { instanceOf } from './question.js';
import { valueOf, type Instance } from '../solve/index.js';
import { memoised } from '../units/index.js';
import { readyFor, type Counts } from '../balance/index.js';
import { costIn, questionOf, type Problem } from './problem.js';

export interface Swap {
  readonly out: string;
  readonly in: string;
  /** Points of the dial and of the whole value that the swap adds; negative takes away. */
  readonly dial: number;
  readonly value: number;
  /** What the swap adds to the usual cost of cheeses and meats, smallest unit. */
  readonly cost: number;
}

/** By the id of the good that would go out: every good that could stand in its place, best value first, ties by id. */
export type Swaps = ReadonlyMap<string, readonly Swap[]>;

/**
 * Swaps for a problem: what every place of a selection could hold instead. The counter is read once for each pair of
 * counts; after that all places of a large counter are answered in one pass over it.
 * @param problem for the wishes of the order; what is locked may be swapped all the same
 */
export function swapper(problem: Problem): (selection: readonly Main[]) => Swaps {
  const readyAt = memoised((key: string) => {
    const [cheese, meat] = key.split(' ').map(Number) as [number, number];
    return poolAt(problem, { cheese, meat });
  });
  return (selection) => {
    const count = (kind: Main['kind']) => selection.filter((m) => m.kind === kind).length;
    const ready = readyAt(`${count('cheese')} ${count('meat')}`);
    // A good that is on the board and may no longer be picked has to be read beside the others.
    const strangers = selection.filter((main) => !ready.place.has(main.id));
    const { instance, mains, place, dialOf } =
      strangers.length === 0 ? ready : poolAt(problem, ready.counts, strangers);
    const inside = selection.map((main) => place.get(main.id)!);
    const chosen = new Set(inside);
    const now = valueOf(instance, inside);
    return new Map(
      inside.map((out) => {
        const rest = inside.filter((i) => i !== out);
        const value = gainer(instance, rest);
        const dial = dialOf(rest);
        const dialNow = dial(out);
        const swaps: Swap[] = [];
        for (let i = 0; i < mains.length; i++)
          if (instance.kindOf[i] === instance.kindOf[out] && !chosen.has(i))
            swaps.push({
              out: mains[out]!.id,
              in: mains[i]!.id,
              value: value(i) - now,
              dial: dial(i) - dialNow,
              cost: instance.cost[i]! - instance.cost[out]!,
            });
        swaps.sort((a, b) => b.value - a.value || (a.in < b.in ? -1 : 1));
        return [mains[out]!.id, swaps] as const;
      }),
    );
  };
}

interface Pool {
  readonly counts: Counts;
  readonly instance: Instance;
  /** By item. */
  readonly mains: readonly Main[];
  readonly place: ReadonlyMap<string, number>;
  /** Points of the dial that an item adds to a rest. */
  readonly dialOf: (rest: readonly number[]) => (item: number) => number;
}

function poolAt(problem: Problem, counts: Counts, strangers: readonly Main[] = []): Pool {
  const mains = [...problem.mains, ...strangers].sort((a, b) => (a.id < b.id ? -1 : 1));
  const question = {
    ...questionOf(problem),
    mains,
    counts,
    cost: costIn(problem.targets, counts),
    locked: new Set<string>(),
    groups: [],
  };
  const instance = instanceOf(question);
  const place = new Map(mains.map((main, i) => [main.id, i]));
  // Under the contrast school the axes are no part of the value, so the dial is read apart.
  if (problem.brief.schools.aim === 'contrast') {
    const raw = instanceOf({ ...question, rawOnly: true });
    const perRaw = 100 / (readyFor(problem.brief, counts).bestTotal || 1);
    return {
      counts,
      instance,
      mains,
      place,
      dialOf: (rest) => scaled(gainer(raw, rest, raw.ofDial), perRaw),
    };
  }
  return { counts, instance, mains, place, dialOf: (rest) => gainer(instance, rest, instance.ofDial) };
}

const scaled =
  (gain: (item: number) => number, by: number) =>
  (item: number): number =>
    gain(item) * by;

/** All swaps of one selection; a caller with many selections keeps a `swapper`. */
export const swapsForAll = (problem: Problem, selection: readonly Main[]): Swaps =>
  swapper(problem)(selection);
