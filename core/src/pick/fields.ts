import { z } from 'zod';
import { ByGood, GoodId } from '../counter/index.js';
import { NO_SNAPSHOT } from './snapshot.js';
import { Snapshot } from './snapshotSchema.js';

/** Cheeses and meats that one board can hold; more overwhelms long before (common practice: 5 to 7), and needs a second order. */
export const MOST_MAINS = 24;

const Selection = z.object({
  /** Cheeses and meats of the board, in the order in which they came; null: nothing has been picked yet. */
  goods: z
    .array(GoodId)
    .max(MOST_MAINS, `a board holds at most ${MOST_MAINS} cheeses and meats`)
    .refine((ids) => new Set(ids).size === ids.length, 'each good is named once')
    .nullable()
    .default(null),
  locked: z.array(GoodId).max(MOST_MAINS).default([]),
  leftOut: z.array(GoodId).max(500).default([]),
  /** Which lot is cut, where a person chose one: the same cheese is sold at several ages. */
  lots: ByGood(z.string().max(64)).default({}),
  /** Fingerprint of the brief for which the selection was last proposed. */
  briefFingerprint: z.string().max(64).nullable().default(null),
});

/** What an order holds of this stage: the selection, and the goods that it uses as they were when they were chosen. */
export const pickFields = {
  selection: Selection.default({ goods: null, locked: [], leftOut: [], lots: {}, briefFingerprint: null }),
  snapshot: Snapshot.default(NO_SNAPSHOT),
};

declare module '../stage/fields.js' {
  interface Fields extends z.output<z.ZodObject<typeof pickFields>> {}
}
