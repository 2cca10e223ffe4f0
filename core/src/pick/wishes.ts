import type { Severity } from '../care/index.js';
import {
  type Brief,
  type CompanySchool,
  type CoverSchool,
  type Flight,
  type House,
  type Role,
} from '../brief/index.js';
import type { Counted } from '../counter/index.js';
import { type Money } from '../units/index.js';
import { cheapestSet } from './cheapest.js';
import { problemOf, type Wishes } from './problem.js';

/** What a person asked for, as a document that can be loosened. */
export interface PickWishes {
  readonly brief: Brief;
  readonly wishes: Wishes;
}

/** A wish as it is shown and let go; the last two with how far they go. */
export type WishWord =
  | { readonly of: 'cover'; readonly school: CoverSchool }
  | { readonly of: 'company'; readonly school: CompanySchool }
  | { readonly of: 'lock'; readonly good: string }
  | { readonly of: 'left out'; readonly good: string | null; readonly goods: number }
  | { readonly of: 'theme'; readonly is: string }
  | { readonly of: 'flight'; readonly kind: Flight; readonly is: string }
  | { readonly of: 'limit'; readonly what: readonly string[] }
  | { readonly of: 'role'; readonly role: Role; readonly lighter: Role }
  | { readonly of: 'budget'; readonly amount: Money | null }
  | { readonly of: 'kinds'; readonly kind: 'cheese' | 'meat'; readonly kinds: number | null };

/**
 * One thing that was wished and could be let go. `loosen` gives the ask without it. `cost` is how dear it is to the
 * person, so that the cheapest way out comes first: a style of choosing before money, money before a guest's dislike.
 */
export interface Wish {
  readonly id: string;
  readonly word: WishWord;
  readonly cost: number;
  readonly loosen: (wishes: PickWishes) => PickWishes;
}

const withBrief = (wishes: PickWishes, brief: Partial<Brief>): PickWishes => ({
  ...wishes,
  brief: { ...wishes.brief, ...brief },
});
const schools = (wishes: PickWishes, part: Partial<Brief['schools']>): PickWishes =>
  withBrief(wishes, { schools: { ...wishes.brief.schools, ...part } });

/** Only these may be loosened. An allergy, a medical and a religious limit are never wishes. */
const SOFT: readonly Severity[] = ['diet', 'dislike'];

/** Roles with more on the plate than a nibble. */
const HEAVIER: readonly Brief['role'][] = ['drinks', 'meal'];

/** Who asks: with the schools of the house, and the names of the counter. */
interface Asking extends PickWishes {
  readonly house: House;
  readonly nameOf: (id: string) => string;
}

const wish = (id: string, cost: number, word: WishWord, loosen: Wish['loosen']): Wish => ({
  id,
  cost,
  word,
  loosen,
});

/** One row a kind of wish, the cheapest to let go first: the wishes of that kind in an ask. */
const WISH_ROWS: readonly ((asking: Asking) => readonly Wish[])[] = [
  ({ brief, house }) => {
    const school = brief.schools.cover ?? house.cover;
    if (school === 'free') return [];
    return [wish('cover', 1, { of: 'cover', school }, (a) => schools(a, { cover: 'free' }))];
  },
  ({ brief, house }) => {
    const school = brief.schools.company ?? house.company;
    if (school === 'free') return [];
    return [wish('company', 1.2, { of: 'company', school }, (a) => schools(a, { company: 'free' }))];
  },
  ({ wishes, nameOf }) =>
    wishes.locked.map((id) =>
      wish(`lock ${id}`, 2, { of: 'lock', good: nameOf(id) }, (a) => ({
        ...a,
        wishes: { ...a.wishes, locked: a.wishes.locked.filter((l) => l !== id) },
      })),
    ),
  ({ wishes: { leftOut }, nameOf }) => {
    if (leftOut.length === 0) return [];
    const good = leftOut.length === 1 ? nameOf(leftOut[0]!) : null;
    const word: WishWord = { of: 'left out', good, goods: leftOut.length };
    return [wish('left out', 2.2, word, (a) => ({ ...a, wishes: { ...a.wishes, leftOut: [] } }))];
  },
  ({ brief: { theme } }) =>
    theme ? [wish('theme', 3, { of: 'theme', is: theme.is }, (a) => withBrief(a, { theme: null }))] : [],
  ({ brief: { flight } }) => {
    if (!flight) return [];
    const word: WishWord = { of: 'flight', kind: flight.kind, is: flight.of };
    return [wish('flight', 3.1, word, (a) => withBrief(a, { flight: null }))];
  },
  ({ brief }) =>
    brief.budget
      ? [wish('budget', 4, { of: 'budget', amount: null }, (a) => withBrief(a, { budget: null }))]
      : [],
  ({ brief }) =>
    brief.persons.flatMap(({ reach, limits }, i) =>
      reach === 'board' && limits.length > 0 && limits.every(({ severity }) => SOFT.includes(severity))
        ? [
            wish(`limits of guest ${i}`, 6, { of: 'limit', what: limits.map(({ what }) => what) }, (a) =>
              withBrief(a, {
                persons: a.brief.persons.map((one, at) =>
                  at === i ? { ...one, reach: 'own plate' as const } : one,
                ),
              }),
            ),
          ]
        : [],
    ),
  ({ brief: { role } }) =>
    HEAVIER.includes(role)
      ? [wish('role', 7, { of: 'role', role, lighter: 'nibble' }, (a) => withBrief(a, { role: 'nibble' }))]
      : [],
  // Never fewer than one cheese: a wish for none is nobody's.
  () => [kindsWish('cheese', 5, 1), kindsWish('meat', 5.1, 0)],
];

/** The number of kinds, asked for or by heads: loosened, as many as can be had. */
const kindsWish = (kind: 'cheese' | 'meat', cost: number, least: number): Wish => {
  const what = kind === 'cheese' ? 'cheeses' : 'meats';
  return wish(`number of ${what}`, cost, { of: 'kinds', kind, kinds: null }, (a) =>
    withBrief(a, { kinds: { ...a.brief.kinds, [what]: least } }),
  );
};

/** Every wish of an ask, in the order of the table. */
export const wishesOf = (ask: PickWishes, house: House, nameOf: (id: string) => string): Wish[] =>
  WISH_ROWS.flatMap((row) => row({ ...ask, house, nameOf }));

/** Is there any selection at all that keeps the ask? Exact: the cheapest one settles it. */
export function fits(ask: PickWishes, counter: Counted, house: House): boolean {
  const problem = problemOf(ask.brief, counter, house, ask.wishes);
  const cheapest = cheapestSet(problem);
  return cheapest !== null && (problem.purse === null || cheapest.cost <= problem.purse);
}

/** The least budget, in all, at which the rest of an ask can be had; null when money does not help. */
export function leastBudget(ask: PickWishes, counter: Counted, house: House): Money | null {
  const problem = problemOf({ ...ask.brief, budget: null }, counter, house, ask.wishes);
  const cheapest = cheapestSet(problem);
  return cheapest && problem.inAll(cheapest.cost);
}

/** The most kinds of one sort, below what is asked, with which the rest of an ask can be had; null for none. */
export function mostKinds(
  what: 'cheeses' | 'meats',
  ask: PickWishes,
  counter: Counted,
  house: House,
): number | null {
  const wanted = problemOf(ask.brief, counter, house, ask.wishes).targets[what].kinds;
  for (let n = wanted - 1; n >= (what === 'cheeses' ? 1 : 0); n--)
    if (fits(withBrief(ask, { kinds: { ...ask.brief.kinds, [what]: n } }), counter, house)) return n;
  return null;
}
