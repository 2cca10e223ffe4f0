import { z } from 'zod';
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
});
export type AllergenStatement = z.infer<typeof AllergenStatement>;
