import { z } from 'zod';
import { PAIR_WORDS } from './words.js';

const Named = z.string().trim().min(1).max(120);

/** A pair of the house, by the id of a good or by its style; it stands above the model. */
export const PairWord = z.object({
  good: Named,
  beside: Named,
  says: z.enum(PAIR_WORDS),
  why: z.string().trim().max(400).default(''),
});
export type PairWord = z.infer<typeof PairWord>;
