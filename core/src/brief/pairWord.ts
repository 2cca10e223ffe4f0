import { z } from 'zod';
import { lineText, recordOf } from '../units/index.js';
import { PAIR_WORDS } from './words.js';

const Named = lineText(120, 1);

/** A pair of the house, by the id of a good or by its style; it stands above the model. */
export const PairWord = z.object({
  good: Named,
  beside: Named,
  says: z.enum(PAIR_WORDS),
  why: lineText(400).default(''),
});
export type PairWord = z.infer<typeof PairWord>;

/** What the house's own tastings taught the pairing, once it was accepted: what each rule about drinks weighs now. */
export const Learnt = z.object({
  /** The day on which it was accepted. */
  on: z.string().max(40),
  /** Of the sessions and what they say; when they change, a new fit may be better. */
  fingerprint: z.string().max(64),
  sessions: z.array(z.string().max(64)).max(2000),
  notes: z.number().int().min(0),
  weights: recordOf(z.string().max(60), z.number().min(-1000).max(1000), 1000),
});
export type Learnt = z.infer<typeof Learnt>;
