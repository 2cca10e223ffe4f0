import { grams, reason, shareOut, type Grams, type Reason } from '../units/index.js';
import type { Main } from '../counter/index.js';
import { isDivisive } from '../sense/index.js';

/** Less of what divides a table, more of the safe bet. Common practice, no source. */
const SHARES = [
  { rule: 'divisive', share: 0.5, when: isDivisive, says: 'half a share: it divides people' },
  {
    rule: 'safe bet',
    share: 1.2,
    when: (main: Main) => main.known === 'safe bet',
    says: 'a little more: everybody knows it',
  },
] as const;

/** The largest and smallest share a good can have beside others; bounds for the optimiser. */
export const LARGEST_SHARE = 1.2;

/** Relative share of one good among its kind, with the reason when it is not 1. */
export function shareOf(main: Main): { share: number; why: Reason | null } {
  const row = SHARES.find((r) => r.when(main));
  return row ? { share: row.share, why: reason(row.rule, row.share - 1, row.says) } : { share: 1, why: null };
}

/** Split a total over goods of one kind, whole grams that add up to it. */
export function netGrams(total: Grams, mains: readonly Main[]): Grams[] {
  return shareOut(
    Math.round(total),
    mains.map((main) => shareOf(main).share),
  ).map(grams);
}
