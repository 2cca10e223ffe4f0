import { z } from 'zod';
import { Grams } from '../units/index.js';
import { Length } from './fields.js';
import { SHAPES } from './words.js';

/** Measures of a good: the whole piece, one piece of a companion, and what it is made of. */

/** Outer measures of the whole piece. Round shapes use diameter and height (a log: diameter and length). */
export const Form = z.object({
  shape: z.enum(SHAPES),
  grams: Grams.refine((g) => g >= 0.1, 'a whole piece weighs at least 0.1 g'),
  diameter: Length.nullable().default(null),
  height: Length.nullable().default(null),
  length: Length.nullable().default(null),
  width: Length.nullable().default(null),
});
export type Form = z.infer<typeof Form>;

/** g per 100 g. */
export const Composition = z.object({
  water: z.number().min(0).max(100),
  fat: z.number().min(0).max(100),
  protein: z.number().min(0).max(100).nullable().default(null),
  carbohydrate: z.number().min(0).max(100).nullable().default(null),
  ash: z.number().min(0).max(100).nullable().default(null),
});
export type Composition = z.infer<typeof Composition>;

export const smallestMeasure = ({ diameter, height, length, width }: Form): number =>
  Math.min(...[diameter, height, length, width].map((mm) => mm ?? Infinity));

/** Weight of one piece, and its measures where they are known. */
export const Piece = z.object({
  grams: Grams.refine((g) => g > 0, 'a piece weighs more than nothing')
    .nullable()
    .default(null),
  diameter: Length.nullable().default(null),
  length: Length.nullable().default(null),
  width: Length.nullable().default(null),
  height: Length.nullable().default(null),
});
