import { z } from 'zod';
import { House } from '../brief/index.js';
import { Good, GoodId } from '../counter/index.js';
import { recordOf } from '../units/index.js';

/**
 * What an order keeps of the goods it uses, taken when they are chosen: their price is frozen, and whatever is said of
 * their contents, allergens, treatment and verdict later, the stricter word holds until the person refreshes it.
 */
export const SnapshotEntry = z.object({
  good: Good,
  /** The lot that the person chose then, by whose price it was taken; null: whichever goes first. */
  lot: z.string().max(64).nullable().default(null),
});
export type SnapshotEntry = z.infer<typeof SnapshotEntry>;

const MOST_KEPT = 200;
export const Snapshot = z.object({
  goods: recordOf(GoodId, SnapshotEntry, MOST_KEPT).default({}),
  /** Of a finished order: the house that it was made with. */
  house: House.nullable().default(null),
});
export type Snapshot = z.infer<typeof Snapshot>;
