import type { Brief } from './brief.js';

/** Who comes, counted; apart from the schema, so that a page can count without it. */

/** All who sit down, infants too. */
export const heads = ({ guests: g }: Brief): number => g.adults + g.children + g.under5 + g.infants;

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
