import { z } from 'zod';
import { lineText } from '../units/index.js';
import { SEVERITIES } from './fit.js';
import { isLimitId, REACHES } from './limitRules.js';

/** The schema of a guest's limit, apart from its rules: a page that only plans needs no schema. */

export const LimitId = z.string().refine(isLimitId, 'no such limit is known; see the list of limits');

export const Limit = z.object({
  what: LimitId,
  severity: z.enum(SEVERITIES),
  reach: z.enum(REACHES),
  guests: z.number().int().min(1).max(10000).default(1),
  /** Whose it is; limits that bear one name are met together on one plate. */
  who: lineText(60).default(''),
  note: z.string().max(500).default(''),
});
export type Limit = z.infer<typeof Limit>;
