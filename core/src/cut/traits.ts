import type { Cheese, Texture } from '../counter/index.js';

/** What of a cheese decides how it is cut. */

/** Is it one of these? */
export const is = <T>(x: T, ...options: T[]) => options.includes(x);
/** Families whose paste is soft: it dries, runs and is never split in height. */
export const SOFT_FAMILIES: readonly Texture[] = ['fresh', 'soft', 'bloomy', 'washed'];
/** A piece that is set out whole: up to about a pound. */
const SMALL_GRAMS = 500;
/** It is set out whole. */
export const small = (cheese: Cheese) => cheese.form.grams <= SMALL_GRAMS;
/** It runs, and is spooned. */
export const flows = (cheese: Cheese) => cheese.paste === 'runny' || cheese.rind.kind === 'bark';
/** It has corners. */
export const angular = (cheese: Cheese) => is(cheese.form.shape, 'block', 'square');

/** Supple paste slices clean and lies in a fan; a washed block has no better cut. Common practice, no source. */
export function fans({ texture, paste, form: { shape, grams } }: Cheese): 0 | 2 | 3 {
  if (paste !== 'supple') return 0;
  if (texture === 'washed' && shape === 'block') return 3;
  return is(texture, 'semi-soft', 'firm') && grams > SMALL_GRAMS ? 2 : 0;
}
