import type { HeadKind, Person } from '../care/index.js';
import type { Brief } from './brief.js';

/** Who comes, counted; apart from the schema, so that a page can count without it. */

/** All who sit down, infants too. */
export const heads = ({ guests: g }: Brief): number => g.adults + g.children + g.under5 + g.infants;

/** The count of a brief that each kind of head belongs to, and what it is called. */
export const HEADS_OF: Record<HeadKind, { readonly of: keyof Brief['guests']; readonly word: string }> = {
  adult: { of: 'adults', word: 'adults' },
  child: { of: 'children', word: 'children' },
  under5: { of: 'under5', word: 'children under 5' },
  infant: { of: 'infants', word: 'infants' },
};

/** How many guests of a kind have limits. */
export const withLimits = (persons: readonly Pick<Person, 'head' | 'count'>[], kind: HeadKind): number =>
  persons.filter(({ head }) => head === kind).reduce((sum, { count }) => sum + count, 0);

/** The count of heads of a kind that a brief has. */
export const headsOfKind = (guests: Brief['guests'], kind: HeadKind): number => guests[HEADS_OF[kind].of];

/** Those the kinds and the money are reckoned for: all but infants, who eat nothing of it. */
export const headsThatEat = (brief: Brief): number => heads(brief) - brief.guests.infants;

/** Money for the whole order in the smallest unit, or null when none was named; "per head" leaves infants out. */
export const budgetTotal = (brief: Brief): number | null =>
  brief.budget && brief.budget.amount * (brief.budget.per === 'head' ? headsThatEat(brief) : 1);

export const drinkersOf = (brief: Brief): number =>
  Math.min(brief.drinkers ?? brief.guests.adults, brief.guests.adults);

/** Everyone gets a box of their own: packed whole, nothing is cut or shared at the table. */
export const isBoxed = ({ role, surface }: Pick<Brief, 'role' | 'surface'>): boolean =>
  role === 'box' || surface === 'boxes';

/** A table that wants cow's milk and known names: the two lowest steps of the dial. */
export const isTimid = ({ adventurous }: Brief): boolean => adventurous <= 2;
