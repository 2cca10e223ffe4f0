import { z } from 'zod';

/**
 * Quantities as branded numbers, so that grams cannot be given where millimetres are asked.
 * The schemas check what comes in; the functions of the same name in lower case mark what we computed.
 */
export const Grams = z.number().nonnegative().max(1e7).brand<'Grams'>();
export type Grams = z.infer<typeof Grams>;

export const Millimetres = z.number().nonnegative().max(1e5).brand<'Millimetres'>();
export type Millimetres = z.infer<typeof Millimetres>;

export const Celsius = z.number().min(-273.15).max(1000).brand<'Celsius'>();
export type Celsius = z.infer<typeof Celsius>;

export const Minutes = z.number().nonnegative().max(1e6).brand<'Minutes'>();
export type Minutes = z.infer<typeof Minutes>;

export const Days = z.number().int().nonnegative().max(20000).brand<'Days'>();
export type Days = z.infer<typeof Days>;

/** Money in the smallest unit of the house's currency (cents, pence), a whole number. */
export const Money = z.number().int().min(-1e10).max(1e10).brand<'Money'>();
export type Money = z.infer<typeof Money>;
