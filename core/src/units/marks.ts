import type { Celsius, Days, Grams, Millimetres, Minutes, Money } from './units.js';

/** Marks of what we computed; the schemas of what comes in are in units.ts. */
export const grams = (n: number) => n as Grams;
export const millimetres = (n: number) => n as Millimetres;
export const celsius = (n: number) => n as Celsius;
export const minutes = (n: number) => n as Minutes;
export const days = (n: number) => n as Days;
export const money = (n: number) => Math.round(n) as Money;
