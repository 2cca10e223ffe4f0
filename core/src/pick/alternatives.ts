import type { Brief, House } from '../brief/index.js';
import type { Counted } from '../counter/index.js';
import { instanceOf, type Question } from './question.js';
import { measure, type Balance } from '../balance/index.js';
import { optimise } from '../solve/index.js';
import { namesOf, type Pick } from './pick.js';
import { problemOf, questionOf, type Wishes } from './problem.js';

export interface Alternative {
  readonly goodIds: readonly string[];
  readonly balance: Balance;
  /** Points of value below the best. */
  readonly below: number;
  /** Of the cheeses that are not locked, how many differ from the best and from every other alternative, at least. */
  readonly differs: number;
  /** Within the few points that make it a real choice; false: the nearest there is. */
  readonly near: boolean;
  readonly proven: boolean;
}

/** An alternative this many points below the best is still a real choice. */
const NEAR_POINTS = 5;
export const ALTERNATIVES = 3;

/** At most `hi` of the unlocked cheeses of a known selection. */
const overlap = (
  known: readonly string[],
  locked: ReadonlySet<string>,
  hi: number,
): Question['groups'][number] => {
  const inside = new Set(known.filter((id) => !locked.has(id)));
  return { id: 'overlap', members: (main) => main.kind === 'cheese' && inside.has(main.id), lo: 0, hi };
};

/**
 * Up to three selections that are truly different: each is the optimum among those that differ from the best and from
 * the ones before it in at least half of the unlocked cheeses. Where the counter cannot differ that much, by as much as it
 * can. The meats are chosen anew beside them.
 */
export function alternativesTo(
  best: Pick,
  brief: Brief,
  counter: Counted,
  house: House,
  wishes: Wishes,
  options: { nodeLimit: number; onFound?: (found: readonly Alternative[]) => boolean },
): Alternative[] {
  if (!best.goodIds || !best.balance) return [];
  const problem = problemOf(brief, counter, house, wishes);
  const question = questionOf(problem);
  const unlocked =
    problem.counts.cheese -
    problem.mains.filter((m) => m.kind === 'cheese' && problem.locked.has(m.id)).length;
  const known: (readonly string[])[] = [best.goodIds];
  const found: Alternative[] = [];
  let hi = Math.floor(unlocked / 2);
  while (found.length < ALTERNATIVES && hi < unlocked) {
    const apart = known.map((ids) => overlap(ids, problem.locked, hi));
    const instance = instanceOf({ ...question, groups: [...question.groups, ...apart] });
    const { set, proven } = optimise(instance, { nodeLimit: options.nodeLimit });
    if (!set) {
      // Nothing differs that much: ask for one less.
      hi++;
      continue;
    }
    const goodIds = namesOf(problem.mains, set);
    const balance = measure(
      set.map((i) => problem.mains[i]!),
      problem.brief,
    );
    const below = best.balance.value - balance.value;
    found.push({ goodIds, balance, below, differs: unlocked - hi, near: below <= NEAR_POINTS, proven });
    known.push(goodIds);
    if (options.onFound?.(found)) break;
  }
  return found;
}
