import type { Main } from '../counter/index.js';
import { gainer } from './greedy.js';
import { instanceOf, valueOf, type Instance } from './instance.js';
import { readyFor } from './measure.js';
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

/**
 * Every good that could stand in each place of a selection, best value first; ties by id. One pass over the counter for
 * each place, on the optimiser's columns, so that all places of a large counter are answered at once.
 * @param problem for the wishes of the order; what is locked may be swapped all the same
 * @returns by the id of the good that would go out
 */
export function swapsForAll(problem: Problem, selection: readonly Main[]): Map<string, Swap[]> {
  const counts = {
    cheese: selection.filter((m) => m.kind === 'cheese').length,
    meat: selection.filter((m) => m.kind === 'meat').length,
  };
  const inside = new Set(selection.map((main) => main.id));
  const pool = [...selection, ...problem.mains.filter((main) => !inside.has(main.id))];
  const cost = costIn(problem.targets, counts);
  const question = {
    ...questionOf(problem),
    mains: pool,
    counts,
    cost,
    locked: new Set<string>(),
    groups: [],
  };
  const whole = instanceOf(question);
  const raw = instanceOf({ ...question, rawOnly: true });
  const picked = selection.map((_, i) => i);
  const now = { value: valueOf(whole, picked), raw: valueOf(raw, picked) };
  const perRaw = 100 / (readyFor(problem.brief, counts).bestTotal || 1);
  return new Map(
    selection.map((main, out) => {
      const rest = picked.filter((i) => i !== out);
      const gains = { value: gainer(whole, rest), raw: gainer(raw, rest) };
      return [main.id, swapsOf(whole, selection.length, out, gains, now, perRaw)];
    }),
  );
}

function swapsOf(
  instance: Instance,
  from: number,
  out: number,
  gains: { value: (i: number) => number; raw: (i: number) => number },
  now: { value: number; raw: number },
  perRaw: number,
): Swap[] {
  const { mains, kindOf, cost } = instance;
  const swaps: Swap[] = [];
  for (let i = from; i < mains.length; i++)
    if (kindOf[i] === kindOf[out])
      swaps.push({
        out: mains[out]!.id,
        in: mains[i]!.id,
        value: gains.value(i) - now.value,
        dial: (gains.raw(i) - now.raw) * perRaw,
        cost: cost[i]! - cost[out]!,
      });
  return swaps.sort((a, b) => b.value - a.value || (a.in < b.in ? -1 : 1));
}
