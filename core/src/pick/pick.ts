import { z } from 'zod';
import { goodsById, GoodId, type Good } from '../counter/index.js';
import type { Brief, House } from '../brief/index.js';
import { PRACTICE, reason, type Reason } from '../units/index.js';
import { measure, type Balance } from './measure.js';
import { costOfSet, problemOf, type Hitch, type Problem, type Wishes } from './problem.js';
import { search, type SearchOptions } from './search.js';

export const Locks = z.object({
  locked: z.array(GoodId).max(20).default([]),
  leftOut: z.array(GoodId).max(5000).default([]),
});

/** `seed` is kept with the answer; this search is exact and takes none of its choices by chance. */
export const Search = z.object({
  seed: z
    .number()
    .int()
    .min(0)
    .max(2 ** 31)
    .default(1),
  nodeLimit: z.number().int().min(1).max(2_000_000).default(400_000),
});
export const DEFAULT_NODE_LIMIT = 400_000;

export interface Pick {
  /** Proposed cheeses and meats; null when nothing fits. */
  readonly goodIds: readonly string[] | null;
  readonly balance: Balance | null;
  readonly proven: boolean;
  readonly gap: number;
  readonly nodes: number;
  readonly hitches: readonly Hitch[];
  readonly reasons: readonly Reason[];
}

/** Propose the best selection on this counter for a brief and the person's wishes. Same question, same answer. */
export function pick(
  brief: Brief,
  counter: readonly Good[],
  house: House,
  wishes: Wishes,
  options: SearchOptions,
): Pick {
  const problem = problemOf(brief, counter, house, wishes);
  const short = shortages(problem);
  if (short.length > 0)
    return {
      goodIds: null,
      balance: null,
      proven: true,
      gap: 0,
      nodes: 0,
      hitches: [...problem.hitches, ...short],
      reasons: [],
    };
  const solution = search(problem, options);
  if (!solution.goodIds) {
    const hitches = [...problem.hitches, nothingFits(problem, solution.proven)];
    return {
      goodIds: null,
      balance: null,
      proven: solution.proven,
      gap: 0,
      nodes: solution.nodes,
      hitches,
      reasons: [],
    };
  }
  const goods = goodsById(counter);
  const chosen = solution.goodIds.map((id) => goods.get(id) as Problem['cheeses'][number]);
  const says = solution.proven
    ? `best of every selection on this counter, proven in ${solution.nodes} steps`
    : `best found in ${solution.nodes} steps; at most ${solution.gap.toFixed(1)} points could still be won`;
  return {
    goodIds: solution.goodIds,
    balance: measure(chosen, brief),
    proven: solution.proven,
    gap: solution.gap,
    nodes: solution.nodes,
    hitches: problem.hitches,
    reasons: [reason('optimum', 0, says, PRACTICE)],
  };
}

/** Kinds of which the limits and the stock leave fewer than asked for. */
function shortages(problem: Problem): Hitch[] {
  const { targets } = problem;
  const sides = [
    { word: 'cheeses', pool: problem.cheeses, asked: problem.nCheeses, kind: 'cheese' },
    { word: 'meats', pool: problem.meats, asked: problem.nMeats, kind: 'meat' },
  ];
  return sides
    .filter(({ pool, asked }) => pool.length < asked)
    .map(({ word, pool, asked }) => ({
      id: 'too few',
      says: `${asked} ${word} are asked for and ${pool.length} ${pool.length === 1 ? 'is' : 'are'} left after limits, stock and what was left out (${targets.excluded.length} goods are out by limits). Ask for fewer, put a left-out one back, or let a guest with a limit have their own plate.`,
      goodIds: [],
    }));
}

/** Nothing passed purse and stock: say what the cheapest goods alone would cost. */
function nothingFits(problem: Problem, proven: boolean): Hitch {
  const cheapest = (pool: Problem['cheeses'], n: number, total: number) => {
    const locked = pool.filter((m) => problem.locked.has(m.id));
    const free = pool.filter((m) => !problem.locked.has(m.id));
    const byCost = free
      .map((m) => ({ m, cost: costOfSet(total / Math.max(1, n), [m]) }))
      .sort((a, b) => a.cost - b.cost);
    return costOfSet(total, [...locked, ...byCost.map((x) => x.m)].slice(0, n));
  };
  const least =
    cheapest(problem.cheeses, problem.nCheeses, problem.targets.cheeses.total) +
    cheapest(problem.meats, problem.nMeats, problem.targets.meats.total);
  const purse = problem.purse ?? 0;
  const money = (n: number) => (n / 100).toFixed(2);
  const says =
    problem.purse !== null && least > purse
      ? `Even the cheapest cheeses and meats cost about ${money(least)}; after ${money(problem.reserve)} kept for what stands beside, the budget leaves ${money(purse)}. Raise the budget, ask for fewer heads, or choose a lighter role.`
      : proven
        ? 'No selection keeps every wish at once: the stock on the counter is too small for these heads. Ask for more kinds, fewer heads, or take locks off.'
        : 'Nothing was found within the step limit. Take locks off or raise the budget.';
  return { id: 'over budget', says, goodIds: [] };
}
