import type { Good } from '../counter/index.js';
import { againstOf, notForSmall, type TableGuests } from './gate.js';
import { hasHoneyOrMay } from './honey.js';
import type { Fit } from './fit.js';
import type { RiskRowId } from './riskRows.js';
import { riskOf } from './risks.js';

/** A limit that lives at a table and that a good does not surely meet: what its card says of it, without any name. */
export interface Mark {
  /** Id of the limit ("diet:vegan"). */
  readonly what: string;
  readonly fit: Exclude<Fit, { fits: 'yes' }>;
}

/** For whom at a table a good is not, as its card says it. */
export interface Marks {
  /** One for each limit, in the order of the guests; a sure word before an unsure one. */
  readonly limits: readonly Mark[];
  readonly notForSmall: boolean;
  readonly notForInfants: boolean;
  /** Row of advice by which elders and the frail leave the good alone; null: there is none, or a limit among `limits` says the same. */
  readonly elders: RiskRowId | null;
}

/** The limits that say of a good what the line for elders would say again. */
const SAYS_IT = ['risk:pregnant', 'risk:frail', 'risk:immunity'];

/**
 * Id of the row of public advice by which elders and the frail leave a good alone; null: no row surely applies. It is printed as a line and
 * excludes nothing.
 */
export function eldersRow(good: Good): RiskRowId | null {
  const row = riskOf('frail', good);
  return row?.sure ? row.id : null;
}

/** What a card says of a good: every limit that lives at this table, however far it reaches. */
export function marksOf(good: Good, company: TableGuests): Marks {
  const limits = new Map<string, Mark>();
  for (const { limit, fit } of againstOf(good, company, company.limits)) {
    if (fit.fits === 'yes') continue;
    if (limits.get(limit.what)?.fit.fits !== 'no') limits.set(limit.what, { what: limit.what, fit });
  }
  const marks = [...limits.values()];
  return {
    limits: marks,
    notForSmall: company.under5 > 0 && notForSmall(good) !== null,
    notForInfants: company.infants > 0 && hasHoneyOrMay(good),
    elders: marks.some(({ what }) => SAYS_IT.includes(what)) ? null : eldersRow(good),
  };
}
