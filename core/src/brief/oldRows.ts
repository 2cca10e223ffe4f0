import { z } from 'zod';
import { LimitId, SEVERITIES } from '../care/index.js';
import { lineText } from '../units/index.js';
import { personsOfRows, type Heads } from './rowsOfLimits.js';

/** A row of limits as the API took it until format 13, and still takes it. */
const Rows = z.array(
  z.strictObject({
    what: LimitId.or(z.literal('risk:young')),
    severity: z.enum(SEVERITIES),
    reach: z.enum(['board', 'own plate', 'card']).optional(),
    guests: z.number().int().min(1).max(10_000).default(1),
    who: lineText(60).default(''),
    note: z.string().max(500).default(''),
  }),
);

/**
 * A brief as it is sent, with guests in place of rows of limits. Rows that are wrong are refused by name: a limit is never dropped. Where
 * guests are sent too, the rows are more of them.
 */
export function withPersons(brief: unknown, context: z.RefinementCtx): unknown {
  if (typeof brief !== 'object' || brief === null || !('limits' in brief)) return brief;
  const { limits, ...rest } = brief as { limits: unknown; persons?: unknown; guests?: Heads | null };
  const rows = Rows.safeParse(limits);
  if (!rows.success) {
    for (const { path, message } of rows.error.issues)
      context.addIssue({ code: 'custom', path: ['limits', ...path], message });
    return z.NEVER;
  }
  const persons = personsOfRows(rows.data, rest.guests ?? {}, true);
  const sent = rest.persons ?? [];
  return { ...rest, persons: Array.isArray(sent) ? [...(sent as unknown[]), ...persons] : sent };
}
