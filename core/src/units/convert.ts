import type { Celsius, Grams, Millimetres } from './units.js';

/** Exact by definition: international avoirdupois pound and inch (1959 agreement). */
export const G_PER_OZ = 28.349523125;
export const G_PER_LB = 453.59237;
export const MM_PER_INCH = 25.4;

export const gramsFromOunces = (oz: number) => (oz * G_PER_OZ) as Grams;
export const ouncesFromGrams = (g: number) => g / G_PER_OZ;
export const gramsFromPounds = (lb: number) => (lb * G_PER_LB) as Grams;
export const poundsFromGrams = (g: number) => g / G_PER_LB;
export const millimetresFromInches = (inches: number) => (inches * MM_PER_INCH) as Millimetres;
export const inchesFromMillimetres = (mm: number) => mm / MM_PER_INCH;
export const fahrenheitFromCelsius = (c: number) => (c * 9) / 5 + 32;
export const celsiusFromFahrenheit = (f: number) => (((f - 32) * 5) / 9) as Celsius;
