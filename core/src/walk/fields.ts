import { z } from 'zod';
import { ByGood, GoodId } from '../counter/index.js';
import { MOST_MAINS } from '../pick/index.js';
import { MOST_DESSERTS } from './words.js';

/** What an order holds of this stage. */
export const walkFields = {
  /** Order of tasting set by hand. */
  walk: z.array(GoodId).max(MOST_MAINS).nullable().default(null),
  /** Goods pinned to a place of the tasting, from 1: the others are ordered round them. */
  walkPins: ByGood(z.number().int().min(1).max(MOST_MAINS)).default({}),
  /** Sweet things and sweet wine that are a step of their own, after all else. */
  desserts: z.array(GoodId).max(MOST_DESSERTS).default([]),
};

declare module '../stage/fields.js' {
  interface Fields extends z.output<z.ZodObject<typeof walkFields>> {}
}
