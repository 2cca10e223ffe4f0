import { contentsOf, type Good } from '../counter/index.js';
import { chokingRowOf } from './choking.js';
import { exclusionsOf, fitsLimit } from './limits.js';
import type { Limit } from './limitSchema.js';

/** Who must be thought of when something is offered that nobody asked for. */
export interface Company {
  readonly infants: number;
  readonly under5: number;
  readonly limits: readonly Limit[];
}

/**
 * May the program offer this by itself (a cleanser, a fix, something instead)? Not against any limit of the board, no
 * honey where an infant sits, nothing that a small child can choke on and that has no safe form.
 */
export function mayOffer(good: Good, { infants, under5, limits }: Company): boolean {
  if (exclusionsOf(good, limits).length > 0) return false;
  if (infants > 0 && contentsOf(good).honey !== 'no') return false;
  return under5 + infants === 0 || chokingRowOf(good)?.form !== null;
}

/** Does it surely meet every one of these limits, however far each reaches? */
export const suitsEveryone = (good: Good, limits: readonly Limit[]): boolean =>
  limits.every((limit) => fitsLimit(good, limit).fits === 'yes');
