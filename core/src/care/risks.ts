import type { Good } from '../counter/index.js';
import { NOT_DESCRIBED, RISK_ROWS, RISKS, type RiskId, type RiskRow } from './riskRows.js';

/** What the rows of advice say of a good. */

/**
 * The first row that speaks against this good for guests of that kind, a sure one before an unsure one; or null.
 * @param steamedIn the country in which the good is baked till it steams right through; empty: it is not
 */
export function riskOf(id: RiskId, good: Good, steamedIn = ''): RiskRow | null {
  const rows = [...RISK_ROWS, NOT_DESCRIBED].filter(
    (row) =>
      row.risks.includes(id) &&
      row.applies(good) &&
      !(id === 'pregnant' && row.steamedIn?.includes(steamedIn)),
  );
  return rows.find((row) => row.sure) ?? rows[0] ?? null;
}

/** Every row that speaks for guests of a kind. */
export const riskRowsFor = (id: RiskId): readonly RiskRow[] =>
  RISK_ROWS.filter((row) => row.risks.includes(id));

/** Every row that speaks for a limit of guests at risk ("risk:pregnant"); none for other limits. */
export const riskRowsOf = (limit: string): readonly RiskRow[] =>
  RISKS.filter((id) => `risk:${id}` === limit).flatMap(riskRowsFor);
