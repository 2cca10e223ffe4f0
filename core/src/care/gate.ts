import type { Good } from '../counter/index.js';
import { hasHoneyOrMay } from './honey.js';
import { chokingRowOf } from './choking.js';
import type { Fit } from './fit.js';
import { limitRule } from './limitRules.js';
import { fitsLimit } from './limits.js';
import type { Limit } from './persons.js';
import type { RiskRow } from './riskRows.js';
import { riskOf } from './risks.js';
import { sheds } from './spread.js';

/**
 * The one gate: whatever anybody at a table may eat or drink is asked here, by whoever offers it. Unknown never passes.
 */

/** Who sits at a table, as far as what they may have is concerned. */
export interface TableGuests {
  readonly infants: number;
  readonly under5: number;
  readonly limits: readonly Limit[];
  /** Whose advice is followed; empty: the strict side. */
  readonly country: string;
  /** Goods that are baked till they steam right through. */
  readonly steamed: readonly string[];
}

/** Who is to eat it: everybody at the board, or those of one plate. */
export type Eater = 'board' | PlateEater;
export interface PlateEater {
  /** Everything that the plate must meet. */
  readonly limits: readonly Limit[];
  /** Small children eat from it. */
  readonly small: boolean;
}

/** A limit that a good does not surely meet. */
export interface Exclusion {
  readonly limit: Limit;
  readonly fit: Fit;
}

const steamedIn = ({ id }: Good, { country, steamed }: TableGuests): string =>
  steamed.includes(id) ? country : '';

/** Does this limit keep the good away from the whole table? */
const reachesTable = (good: Good, { reach, what }: Limit): boolean =>
  reach === 'board' || (reach === 'not loose' && sheds(good, limitRule(what).allergens));

/**
 * The limits that are against a good for this eater: at the board those that clear it, and what would lie there open; at a
 * plate those of its guests too. Empty: they may have it.
 */
export function barsOf(good: Good, company: TableGuests, eater: Eater = 'board'): Exclusion[] {
  const asked = company.limits.filter((limit) => reachesTable(good, limit));
  const own = eater === 'board' ? [] : eater.limits.filter((limit) => !asked.includes(limit));
  const steam = steamedIn(good, company);
  return [...asked, ...own]
    .map((limit) => ({ limit, fit: fitsLimit(good, limit, steam) }))
    .filter(({ fit }) => fit.fits !== 'yes');
}

/** What a small child may have no part of: a row of advice, or what has no safe form; null where there is neither. */
export function notForSmall(good: Good): { readonly row: RiskRow | null; readonly source: string } | null {
  const row = riskOf('young', good);
  if (row) return { row, source: row.source };
  const choking = chokingRowOf(good);
  return choking?.form === null ? { row: null, source: choking.source } : null;
}

/**
 * May the program offer this by itself? Not against any limit; no honey where an infant sits (by hand it stays, with its line); to small children
 * nothing that they may have no part of.
 */
export function mayOffer(good: Good, company: TableGuests, eater: Eater = 'board'): boolean {
  if (barsOf(good, company, eater).length > 0) return false;
  if (company.infants > 0 && hasHoneyOrMay(good)) return false;
  return eater === 'board' || !eater.small || notForSmall(good) === null;
}

/** Would it surely suit everyone of the company, however far each limit reaches? */
export const suitsEveryone = (good: Good, company: TableGuests): boolean =>
  company.limits.every((limit) => fitsLimit(good, limit, steamedIn(good, company)).fits === 'yes');

/** The guests' limits that a good is against among these, whatever their reach: what a mark on its card is about. */
export const againstOf = (good: Good, company: TableGuests, limits: readonly Limit[]): Exclusion[] =>
  limits
    .map((limit) => ({ limit, fit: fitsLimit(good, limit, steamedIn(good, company)) }))
    .filter(({ fit }) => fit.fits !== 'yes');
