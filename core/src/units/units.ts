import { z } from 'zod';

/**
 * Quantities as branded numbers, so that grams cannot be given where millimetres are asked.
 * The schemas check what comes in; the functions of the same name in lower case mark what we computed.
 */
export const Grams = z.number().nonnegative().max(1e7).brand<'Grams'>();
export type Grams = z.infer<typeof Grams>;
export const grams = (n: number) => n as Grams;

export const Millimetres = z.number().nonnegative().max(1e5).brand<'Millimetres'>();
export type Millimetres = z.infer<typeof Millimetres>;
export const millimetres = (n: number) => n as Millimetres;

export const Celsius = z.number().min(-273.15).max(1000).brand<'Celsius'>();
export type Celsius = z.infer<typeof Celsius>;
export const celsius = (n: number) => n as Celsius;

export const Minutes = z.number().nonnegative().max(1e6).brand<'Minutes'>();
export type Minutes = z.infer<typeof Minutes>;
export const minutes = (n: number) => n as Minutes;

export const Days = z.number().int().nonnegative().max(20000).brand<'Days'>();
export type Days = z.infer<typeof Days>;
export const days = (n: number) => n as Days;

/** Money in the smallest unit of the house's currency (cents, pence), a whole number. */
export const Money = z.number().int().min(-1e10).max(1e10).brand<'Money'>();
export type Money = z.infer<typeof Money>;
export const money = (n: number) => Math.round(n) as Money;

/** Exact by definition: international avoirdupois pound and inch (1959 agreement). */
export const G_PER_OZ = 28.349523125;
export const G_PER_LB = 453.59237;
export const MM_PER_INCH = 25.4;

export const gramsFromOunces = (oz: number) => grams(oz * G_PER_OZ);
export const ouncesFromGrams = (g: number) => g / G_PER_OZ;
export const gramsFromPounds = (lb: number) => grams(lb * G_PER_LB);
export const poundsFromGrams = (g: number) => g / G_PER_LB;
export const millimetresFromInches = (inches: number) => millimetres(inches * MM_PER_INCH);
export const inchesFromMillimetres = (mm: number) => mm / MM_PER_INCH;
export const fahrenheitFromCelsius = (c: number) => (c * 9) / 5 + 32;
export const celsiusFromFahrenheit = (f: number) => celsius(((f - 32) * 5) / 9);
