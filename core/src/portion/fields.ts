import { z } from 'zod';
import { ByGood } from '../counter/index.js';
import { DRINKS_COME } from './words.js';

/** What an order holds of this stage. */
export const portionFields = {
  /** Net grams set by hand. */
  portions: ByGood(z.number().min(0).max(1e6)).default({}),
  /** Do the drinks come with the order? Else they are suggested: counted and priced, and not in the sum. */
  drinks: z.enum(DRINKS_COME).default('suggested'),
  /** The price that was agreed with the customer, smallest unit: it stands, whatever is cut. */
  agreed: z.number().int().min(0).max(1e9).nullable().default(null),
  /** Waves of the food set by hand: how many, and the share that the first one holds. */
  waves: z
    .object({
      count: z.number().int().min(1).max(6).nullable().default(null),
      first: z.number().min(0.1).max(1).nullable().default(null),
    })
    .default({ count: null, first: null }),
};

declare module '../stage/fields.js' {
  interface Fields extends z.output<z.ZodObject<typeof portionFields>> {}
}
