import { limitRule, type Limit } from '../care/index.js';
import { ROLE_WORDS, targetsOf, type Brief, type House } from '../brief/index.js';
import { servedOn, type Good } from '../counter/index.js';
import { cheapestSet } from './cheapest.js';
import { problemOf, type Wishes } from './problem.js';

/** What a person asked for, as a document that can be loosened. */
export interface Ask {
  readonly brief: Brief;
  readonly wishes: Wishes;
}

/**
 * One thing that was wished and could be let go. `loosen` gives the ask without it. `cost` is how dear it is to the
 * person, so that the cheapest way out comes first: a style of choosing before money, money before a guest's dislike.
 */
export interface Wish {
  readonly id: string;
  readonly says: string;
  /** What the way out does, on its button. */
  readonly out: string;
  readonly cost: number;
  readonly loosen: (ask: Ask) => Ask;
}

const withBrief = (ask: Ask, brief: Partial<Brief>): Ask => ({ ...ask, brief: { ...ask.brief, ...brief } });
const schools = (ask: Ask, part: Partial<Brief['schools']>): Ask =>
  withBrief(ask, { schools: { ...ask.brief.schools, ...part } });

/** Only these may be loosened. An allergy, a medical and a religious limit are never wishes. */
const SOFT: readonly Limit['severity'][] = ['diet', 'dislike'];

/** Roles with more on the plate than a nibble. */
const HEAVIER: readonly Brief['role'][] = ['drinks', 'meal'];

/** Every wish of an ask, in the order of the brief. */
export function wishesOf({ brief, wishes }: Ask, house: House, nameOf: (id: string) => string): Wish[] {
  const out: Wish[] = [];
  const cover = brief.schools.cover ?? house.cover;
  if (cover !== 'free')
    out.push({
      id: 'cover',
      says: `the school “${cover}”`,
      out: `without the school “${cover}”`,
      cost: 1,
      loosen: (a) => schools(a, { cover: 'free' }),
    });
  const company = brief.schools.company ?? house.company;
  if (company !== 'free')
    out.push({
      id: 'company',
      says: company,
      out: `without ${company} being asked for`,
      cost: 1.2,
      loosen: (a) => schools(a, { company: 'free' }),
    });
  for (const id of wishes.locked)
    out.push({
      id: `lock ${id}`,
      says: `${nameOf(id)} is locked`,
      out: `unlock ${nameOf(id)}`,
      cost: 2,
      loosen: (a) => ({ ...a, wishes: { ...a.wishes, locked: a.wishes.locked.filter((l) => l !== id) } }),
    });
  if (wishes.leftOut.length > 0)
    out.push({
      id: 'left out',
      says:
        wishes.leftOut.length === 1
          ? `${nameOf(wishes.leftOut[0]!)} is left out`
          : `${wishes.leftOut.length} goods are left out`,
      out:
        wishes.leftOut.length === 1
          ? `allow ${nameOf(wishes.leftOut[0]!)} again`
          : 'allow what was left out again',
      cost: 2.2,
      loosen: (a) => ({ ...a, wishes: { ...a.wishes, leftOut: [] } }),
    });
  if (brief.theme)
    out.push({
      id: 'theme',
      says: `the theme “${brief.theme.is}”`,
      out: `without the theme “${brief.theme.is}”`,
      cost: 3,
      loosen: (a) => withBrief(a, { theme: null }),
    });
  if (brief.flight)
    out.push({
      id: 'flight',
      says: `the ${brief.flight.kind} of ${brief.flight.of}`,
      out: `without the ${brief.flight.kind}`,
      cost: 3.1,
      loosen: (a) => withBrief(a, { flight: null }),
    });
  if (brief.budget)
    out.push({
      id: 'budget',
      says: 'the budget',
      out: 'a larger budget',
      cost: 4,
      loosen: (a) => withBrief(a, { budget: null }),
    });
  for (const limit of brief.limits)
    if (SOFT.includes(limit.severity) && limit.reach === 'board')
      out.push({
        id: `limit ${limit.what}`,
        says: `${limitRule(limit.what).label}, on the whole board`,
        out: `their own plate instead: ${limitRule(limit.what).label}`,
        cost: 6,
        loosen: (a) =>
          withBrief(a, {
            limits: a.brief.limits.map((l) =>
              l.what === limit.what ? { ...l, reach: 'own plate' as const } : l,
            ),
          }),
      });
  if (HEAVIER.includes(brief.role))
    out.push({
      id: 'role',
      says: `food for ${ROLE_WORDS[brief.role]}`,
      out: `less to eat: ${ROLE_WORDS.nibble}`,
      cost: 7,
      loosen: (a) => withBrief(a, { role: 'nibble' }),
    });
  // Never fewer than one cheese: a wish for none is nobody's.
  out.push(countWish('cheeses', 5), countWish('meats', 5.1));
  return out;
}

/** The number of kinds, asked for or by heads: loosened, as many as can be had. */
const countWish = (what: 'cheeses' | 'meats', cost: number): Wish => ({
  id: `number of ${what}`,
  says: `the number of ${what}`,
  out: `fewer ${what}`,
  cost,
  loosen: (a) => withBrief(a, { kinds: { ...a.brief.kinds, [what]: what === 'cheeses' ? 1 : 0 } }),
});

/** Is there any selection at all that keeps the ask? Exact: the cheapest one settles it. */
export function fits(ask: Ask, counter: readonly Good[], house: House): boolean {
  const problem = problemOf(ask.brief, counter, house, ask.wishes);
  const cheapest = cheapestSet(problem);
  return cheapest !== null && (problem.purse === null || cheapest.cost <= problem.purse);
}

/** The least budget, in all, at which the rest of an ask can be had; null when money does not help. */
export function leastBudget(ask: Ask, counter: readonly Good[], house: House): number | null {
  const problem = problemOf({ ...ask.brief, budget: null }, counter, house, ask.wishes);
  const cheapest = cheapestSet(problem);
  return cheapest && Math.ceil(cheapest.cost + problem.reserve);
}

/** The most kinds of one sort, below what is asked, with which the rest of an ask can be had; null for none. */
export function mostKinds(
  what: 'cheeses' | 'meats',
  ask: Ask,
  counter: readonly Good[],
  house: House,
): number | null {
  const served = servedOn(counter, ask.brief.servingAt);
  const asked = targetsOf(ask.brief, served, house)[what].kinds;
  for (let n = asked - 1; n >= (what === 'cheeses' ? 1 : 0); n--)
    if (fits(withBrief(ask, { kinds: { ...ask.brief.kinds, [what]: n } }), counter, house)) return n;
  return null;
}
