import { z } from 'zod';
import { ByGood, GoodId } from '../counter/index.js';

/** One weighing of what was cut. */
export const Weighing = z.object({
  id: z.string().min(1).max(64),
  goodId: GoodId,
  /** Gross grams that were aimed at, and that the scale said. */
  target: z.number().min(0).max(1e6),
  grams: z.number().min(0).max(1e6),
  lot: z.string().max(64).nullable().default(null),
  /** By the stand-in for a scale. */
  simulated: z.boolean().default(false),
  at: z.string().max(40),
});
export type Weighing = z.infer<typeof Weighing>;

const MOST_WEIGHINGS = 200;

/** What was really cut: targets that froze at the first cut, and every weighing. */
export const Cutting = z.object({
  /** Net grams of every good when the first was cut; they do not move under the knife. */
  targets: ByGood(z.number().min(0).max(1e6)).default({}),
  /** What was put on the target of a good still uncut, or taken off it, for others that were cut too little or too much. */
  madeUp: ByGood(z.number().min(-1e6).max(1e6)).default({}),
  entries: z.array(Weighing).max(MOST_WEIGHINGS).default([]),
});
export type Cutting = z.infer<typeof Cutting>;

/** What an order holds of this stage. */
export const cutFields = {
  /** Cut style or fold set by hand. */
  cuts: ByGood(z.string().max(64)).default({}),
  /** What was really cut, from the first weighing on. */
  cutting: Cutting.prefault({}),
};

declare module '../stage/fields.js' {
  interface Fields extends z.output<z.ZodObject<typeof cutFields>> {}
}
