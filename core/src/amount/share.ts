import { grams, NONE, reason, shareOut, type Grams, type Reason } from '../units/index.js';
import type { ShareSchool } from '../brief/index.js';
import type { Main } from '../counter/index.js';
import { isDivisive } from '../sense/index.js';

declare module '../units/reason.js' {
  interface Rules {
    'divides-people': NoFigures;
    'well-known': NoFigures;
    rich: NoFigures;
  }
}

/** From this much fat felt a little is enough: triple cream, butter-rich paste. */
const RICH_FROM = 8.5;

/** Less of what divides a table or fills it, more of the safe bet. Common practice, no source. */
const SHARES = [
  { rule: 'divides-people', share: 0.5, when: isDivisive },
  { rule: 'rich', share: 0.8, when: (main: Main) => main.kind === 'cheese' && main.sense.fat >= RICH_FROM },
  { rule: 'well-known', share: 1.2, when: (main: Main) => main.known === 'safe bet' },
] as const;

/** Relative share of one good among its kind, with the reason when it is not 1; in the school of equal shares it always is. */
export function shareOf(
  main: Main,
  school: ShareSchool = 'by liking',
): { share: number; why: Reason | null } {
  const row = school === 'equal' ? undefined : SHARES.find((r) => r.when(main));
  if (!row) return { share: 1, why: null };
  return { share: row.share, why: reason(row.rule, NONE, { subject: main.id, effect: row.share - 1 }) };
}

/** Split a total over goods of one kind, whole grams that add up to it. */
export function netGrams(total: Grams, mains: readonly Main[], school?: ShareSchool): Grams[] {
  return shareOut(
    Math.round(total),
    mains.map((main) => shareOf(main, school).share),
  ).map(grams);
}
