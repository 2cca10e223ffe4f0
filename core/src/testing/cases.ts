import { limitRow } from './guests.js';
import { Brief, House } from '../brief/index.js';
import type { Good } from '../counter/index.js';
import { costIn, pick, problemOf, NO_WISHES, type Wishes } from '../pick/index.js';
import { chance, seededMains } from './counters.js';

/** Seeded questions for the optimiser, with what makes them hard: binding budgets, limits, locks, schools, meats. */
export interface Case {
  readonly name: string;
  readonly brief: Brief;
  readonly counter: readonly Good[];
  readonly house: House;
  readonly wishes: Wishes;
  /** Something binds: the optimum is below what the same counter gives a free hand. */
  readonly binding: boolean;
}

const LIMITS = [null, 'taste:blue', 'milk:goat', 'taste:pungent', 'milk:sheep', 'diet:no pork'];
const COVERS = ['free', 'free', 'free', 'three milks', 'five families', 'three textures'];
const SERVED = '2026-11-28T18:30';

/**
 * One question. Three in four are bound: by a purse that the free optimum breaks, by a limit, by locks or by a school.
 */
export function seededCase(seed: number, goods: number, cheeses: number, meats = 2): Case {
  const next = chance(seed * 7919 + goods);
  const of = <T>(all: readonly T[]): T => all[Math.floor(next() * all.length)]!;
  const counter = seededMains(seed, Math.round(goods * 0.8), Math.round(goods * 0.2));
  const brief = (more: Record<string, unknown>) =>
    Brief.parse({
      servingAt: SERVED,
      guests: { adults: 14 },
      kinds: { cheeses, meats },
      adventurous: 1 + (seed % 5),
      ...more,
    });
  const bound = seed % 4 !== 0;
  const limit = bound ? of(LIMITS) : null;
  const cover = bound ? of(COVERS) : 'free';
  const locked = bound && next() < 0.5 ? [of(counter.filter((m) => m.kind === 'cheese')).id] : [];
  const house = House.parse({ cover });
  const wishes = { ...NO_WISHES, locked };
  const limits = limit ? [limitRow(limit)] : [];
  const name = `${goods} goods, ${cheeses} + ${meats}, seed ${seed}`;
  const free = brief({ limits });
  if (!bound || next() < 0.25)
    return {
      name,
      brief: free,
      counter,
      house,
      wishes,
      binding: bound && (locked.length > 0 || cover !== 'free' || limit !== null),
    };
  // A purse a tenth to a third under what the free optimum costs.
  const best = pick(free, counter, house, wishes, { nodeLimit: 3000 });
  if (!best.goodIds) return { name, brief: free, counter, house, wishes, binding: true };
  const problem = problemOf(free, counter, house, wishes);
  const cost = costIn(problem.targets, problem.counts);
  const spent = problem.mains
    .filter((m) => best.goodIds?.includes(m.id))
    .reduce((sum, m) => sum + cost(m), 0);
  const amount = Math.round(problem.inAll(0) + spent * (0.67 + 0.23 * next()));
  return {
    name,
    brief: brief({ limits, budget: { amount, per: 'total' } }),
    counter,
    house,
    wishes,
    binding: true,
  };
}
