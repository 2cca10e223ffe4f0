import { grams, NONE, reason, shareOut, type Grams, type Reason } from '../units/index.js';
import type { Main } from '../counter/index.js';
import { isDivisive } from '../sense/index.js';

declare module '../units/reason.js' {
  interface Rules {
    'divides people': NoFigures;
    'well known': NoFigures;
  }
}

/** Less of what divides a table, more of the safe bet. Common practice, no source. */
const SHARES = [
  { rule: 'divides people', share: 0.5, when: isDivisive },
  { rule: 'well known', share: 1.2, when: (main: Main) => main.known === 'safe bet' },
] as const;

/** Relative share of one good among its kind, with the reason when it is not 1. */
export function shareOf(main: Main): { share: number; why: Reason | null } {
  const row = SHARES.find((r) => r.when(main));
  if (!row) return { share: 1, why: null };
  return { share: row.share, why: reason(row.rule, NONE, { subject: main.id, effect: row.share - 1 }) };
}

/** Split a total over goods of one kind, whole grams that add up to it. */
export function netGrams(total: Grams, mains: readonly Main[]): Grams[] {
  return shareOut(
    Math.round(total),
    mains.map((main) => shareOf(main).share),
  ).map(grams);
}
