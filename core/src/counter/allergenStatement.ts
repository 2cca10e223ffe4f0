import { z } from 'zod';
import { lineText } from '../units/index.js';
import { ALLERGENS, type AllergenId as Id } from '../lexicon/index.js';

const AllergenId = z.enum(ALLERGENS.map((a) => a.id) as [Id, ...Id[]]);

/**
 * What is declared of a good. `rest` is the state of every allergen that is not named:
 * `free` only when somebody checked the whole list; nothing said means unknown, and unknown is never safe.
 */
export const AllergenStatement = z.object({
  contains: z.array(AllergenId).default([]),
  mayContain: z.array(AllergenId).default([]),
  free: z.array(AllergenId).default([]),
  unknown: z.array(AllergenId).default([]),
  rest: z.enum(['free', 'unknown']).default('unknown'),
  /** Who said of which allergen what it is, and the day: of what a name or a label left open. */
  said: z
    .array(z.object({ id: AllergenId, by: lineText(60, 1), on: z.iso.date() }))
    .max(ALLERGENS.length)
    .default([]),
});
export type AllergenStatement = z.infer<typeof AllergenStatement>;
