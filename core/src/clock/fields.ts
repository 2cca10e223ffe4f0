import { z } from 'zod';
import { KEEPERS, WARMING_WAYS } from './words.js';
import { GoodId } from '../counter/index.js';
import { HOT_WAYS } from '../cut/hot.js';
import { isRealTime, recordOf } from '../units/index.js';

/** Ids of pieces of work: "cut:kestrel-ash" (clock/tasks.ts). */
const TaskId = z.string().min(1).max(120);
/** More pieces of work than a day of the largest order has. */
const MOST_TASKS = 1000;
/** A time of the wall clock. */
const WallTime = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/, 'a time is written 2027-06-12T18:30')
  .refine(isRealTime, 'there is no such day or time');

/** A reading of a probe in the heart of a good, minutes after it left the cold. */
const ProbeReading = z.object({
  goodId: GoodId,
  after: z.number().min(0).max(1440),
  celsius: z.number().min(-20).max(80),
  /** By the stand-in for a probe. */
  simulated: z.boolean().default(false),
});

/** What a person set of the day: how it warms, where there is room, and what was said of a piece of work. */
export const Clock = z
  .object({
    /** null: as Rotula would. */
    way: z.enum(WARMING_WAYS).nullable().default(null),
    /** Who watches over the food while it is out. With a customer the two-hour advice holds: a shop's written procedure does not reach their home. */
    keeper: z.enum(KEEPERS).default('us'),
    /** It travels in a cold box or van with a reading at 5 degrees or below. */
    chilled: z.boolean().default(false),
    /** The board itself comes from the cold. */
    coldBelow: z.boolean().default(false),
    /** Whole pieces stay in their paper until late. */
    inPaper: z.boolean().default(true),
    /** Of this order; null: those of the house. */
    hands: z.number().int().min(1).max(50).nullable().default(null),
    ovens: z.number().int().min(0).max(20).nullable().default(null),
    /** Places at the bench; null: one for each pair of hands. */
    benches: z.number().int().min(1).max(50).nullable().default(null),
    /** Laid boards that the cold takes at once; null: all of them. */
    coldPlaces: z.number().int().min(0).max(500).nullable().default(null),
    /** Boards or boxes that a car takes at once, null: all of them; and how many cars there are. */
    carPlaces: z.number().int().min(1).max(500).nullable().default(null),
    cars: z.number().int().min(1).max(20).default(1),
    /** Nobody begins before; null: at any time. */
    earliest: WallTime.nullable().default(null),
    /** A lower target for the heart, degrees Celsius, by good id. */
    targets: recordOf(GoodId, z.number().min(0).max(25), 500).default({}),
    hot: z
      .array(z.object({ id: GoodId, way: z.enum(HOT_WAYS) }))
      .max(12)
      .default([]),
    /** Minutes of a piece of work, when it begins (minutes from serving), and what is not done. */
    minutes: recordOf(TaskId, z.number().int().min(1).max(720), MOST_TASKS).default({}),
    moved: recordOf(TaskId, z.number().int().min(-2880).max(2880), MOST_TASKS).default({}),
    dropped: z.array(TaskId).max(100).default([]),
    readings: z.array(ProbeReading).max(60).default([]),
  })
  .prefault({});

/** What an order holds of this stage. */
export const clockFields = { clock: Clock };

declare module '../stage/fields.js' {
  interface Fields extends z.output<z.ZodObject<typeof clockFields>> {}
}
