import type { Role } from './brief.js';

/** Amounts and counts that practitioners use, low and high. Common practice, no source (trade tables). */
export interface Range {
  readonly low: number;
  readonly high: number;
}

export const mid = ({ low, high }: Range): number => (low + high) / 2;

/** Grams per adult by the role of the food. */
export const GRAMS_PER_ADULT: Record<Role, { cheese: Range; meat: Range }> = {
  nibble: { cheese: { low: 40, high: 60 }, meat: { low: 25, high: 40 } },
  drinks: { cheese: { low: 85, high: 115 }, meat: { low: 50, high: 60 } },
  meal: { cheese: { low: 140, high: 180 }, meat: { low: 80, high: 100 } },
  dessert: { cheese: { low: 50, high: 70 }, meat: { low: 0, high: 0 } },
};

/** The school "per kind": grams of each kind per head. 1 to 2 oz. */
export const GRAMS_PER_KIND: Range = { low: 28.35, high: 56.7 };

export const CHILD_SHARE = 0.5;
export const INFANT_SHARE = 0;

/** How many cheeses, by people; `usual` is what this house starts from. */
export const CHEESE_KINDS: readonly { upTo: number; low: number; high: number; usual: number }[] = [
  { upTo: 2, low: 2, high: 2, usual: 2 },
  { upTo: 5, low: 2, high: 3, usual: 3 },
  { upTo: 8, low: 3, high: 5, usual: 3 },
  { upTo: 19, low: 3, high: 5, usual: 5 },
  { upTo: Infinity, low: 5, high: 7, usual: 5 },
];

/** How many meats, by people: one or two kinds are the masters' number; the odd-number school goes to one or three. */
export const MEAT_KINDS: readonly { upTo: number; usual: number; odd: number }[] = [
  { upTo: 5, usual: 1, odd: 1 },
  { upTo: 8, usual: 2, odd: 1 },
  { upTo: 19, usual: 2, odd: 3 },
  { upTo: Infinity, usual: 3, odd: 3 },
];

/** Grams per adult of what stands beside, in all. */
export const BESIDE_PER_ADULT = {
  bread: { low: 40, high: 40 },
  nuts: { low: 10, high: 20 },
  brine: { low: 15, high: 25 },
  'fresh fruit': { low: 40, high: 60 },
  'dried fruit': { low: 10, high: 20 },
  preserve: { low: 10, high: 20 },
  honey: { low: 6, high: 10 },
} as const satisfies Record<string, Range>;

/** Crackers are counted: 4 to 6 a head. */
export const CRACKERS_PER_ADULT: Range = { low: 4, high: 6 };
