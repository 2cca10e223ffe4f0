import { z } from 'zod';
import { GoodId } from '../counter/index.js';

/** What was really cut: targets that froze at the first cut, and every weighing. */

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

export const MOST_WEIGHINGS = 200;
export const Cutting = z.object({
  /** Net grams of every good when the first was cut; they do not move under the knife. */
  targets: z.record(GoodId, z.number().min(0).max(1e6)).default({}),
  entries: z.array(Weighing).max(MOST_WEIGHINGS).default([]),
});
export type Cutting = z.infer<typeof Cutting>;
