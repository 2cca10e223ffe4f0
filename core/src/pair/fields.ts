import { z } from 'zod';
import { ByGood, GoodId } from '../counter/index.js';
import { SLOTS } from './slots.js';

/** Companions that may be added to one order by hand. */
export const MOST_EXTRAS = 20;

/** What an order holds of this stage. */
export const pairFields = {
  /** Companion set by hand, by good and slot. */
  pairs: ByGood(z.partialRecord(z.enum(SLOTS), GoodId)).default({}),
  /** Companions added by hand, beside those that the pairing chose. */
  extras: z.array(GoodId).max(MOST_EXTRAS).default([]),
  /** Companions and drinks that were taken off the board: the pairing chooses among the others. */
  takenOff: z.array(GoodId).max(200).default([]),
  /** How many companions and drinks the pairing chooses; null: as many as pay. */
  pairKinds: z.number().int().min(1).max(40).nullable().default(null),
};

declare module '../stage/fields.js' {
  interface Fields extends z.output<z.ZodObject<typeof pairFields>> {}
}
