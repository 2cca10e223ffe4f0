import { z } from 'zod';
import { lineText } from '../units/index.js';
import { SEVERITIES } from './fit.js';
import { isLimitId, LIMITS } from './limitRules.js';
import { HEAD_KINDS, REACHES } from './persons.js';

/** The schema of a guest with limits, apart from the rules: a page that only plans needs no schema. */

export const LimitId = z.string().refine(isLimitId, 'no such limit is known; see the list of limits');

const PersonLimit = z.strictObject({ what: LimitId, severity: z.enum(SEVERITIES) });

// Strict: a limit under a name that nobody knows is refused, never dropped.
export const Person = z.strictObject({
  who: lineText(60).default(''),
  seat: lineText(20).default(''),
  /** How many share just these limits. */
  count: z.number().int().min(1).max(10_000).default(1),
  head: z.enum(HEAD_KINDS).default('adult'),
  limits: z
    .array(PersonLimit)
    .max(LIMITS.length)
    .refine((all) => new Set(all.map((l) => l.what)).size === all.length, 'a guest has each limit once')
    .default([]),
  reach: z.enum(REACHES).default('undecided'),
  /** Severe, or carries an injector. */
  severe: z.boolean().default(false),
  /** What nothing can check. */
  note: z.string().max(500).default(''),
  /** In an older order: may be the same guest as another without a name. */
  unsure: z.boolean().default(false),
});
