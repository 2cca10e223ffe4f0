import { z } from 'zod';
import { House, HOUSE_FORMAT } from '../brief/index.js';
import { Good, GOOD_FORMAT, GoodId } from '../counter/index.js';
import { recordOf, versionOf } from '../units/index.js';

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
  /** In which formats they are kept; those of an earlier one come in a file or a stored document, which say their own. */
  format: z
    .object({
      good: z.literal(versionOf(GOOD_FORMAT), 'kept goods of another format are read from a file only'),
      house: z.literal(versionOf(HOUSE_FORMAT), 'a kept house of another format is read from a file only'),
    })
    .default({ good: versionOf(GOOD_FORMAT), house: versionOf(HOUSE_FORMAT) }),
});
export type Snapshot = z.infer<typeof Snapshot>;
