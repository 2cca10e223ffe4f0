import {
  fahrenheitFromCelsius,
  G_PER_LB,
  G_PER_OZ,
  inchesFromMillimetres,
  MM_PER_INCH,
  ouncesFromGrams,
  type House,
} from '@rotula/core';
import { say, word } from '../language/say';

/** Numbers in the person's units, money in the house's currency, dates in the person's locale. */

export interface Format {
  grams: (g: number) => string;
  /** Whole figure and unit apart, for a big figure with a small unit. */
  weight: (g: number) => readonly [string, string];
  /** The small unit of weight, for a field: its name, and grams in one of it. */
  small: { readonly name: 'g' | 'oz'; readonly grams: number };
  /** The large unit of weight, by which goods are sold. */
  bulk: { readonly name: 'kg' | 'lb'; readonly grams: number };
  /** The unit of length, for a field: its name, and millimetres in one of it. */
  length: { readonly name: 'mm' | 'in'; readonly mm: number };
  mm: (mm: number) => string;
  /** 125 ml, or fluid ounces. */
  ml: (ml: number) => string;
  /** 85 to 115 g. */
  gramsRange: (low: number, high: number) => string;
  /** 32 °C. */
  celsius: (degrees: number) => string;
  /** two hours, one hour, 45 minutes. */
  minutes: (n: number) => string;
  /** A, B and C. */
  list: (names: readonly string[]) => string;
  money: (minor: number) => string;
  /** A price and what it is for, by the pound where the house weighs in pounds. */
  price: (minor: number, per: string) => readonly [string, string];
  /** Without the sign of the currency, for columns. */
  amount: (minor: number) => string;
  /** +5.80, −1.20, 0: a difference of money, for columns. */
  signedAmount: (minor: number) => string;
  minorPerUnit: number;
  currency: string;
  /** Where the shop is: dates and times are written and typed as they are there. */
  country: string;
  /** Sat 28 November; with the year; 18:30. All in the form of the house's country. */
  day: (at: string) => string;
  dayYear: (at: string) => string;
  time: (at: string) => string;
  /** 28/11/2026: a date for a field, as it is typed there. */
  shortDay: (at: string) => string;
}

/** A US fluid ounce. */
const ML_PER_FL_OZ = 29.5735295625;
const FORMS = new Map<number, Intl.NumberFormat>();
/** A number with a fixed number of digits after the point. The form is kept: to make it anew for each figure is what costs. */
function round(x: number, digits: number): string {
  let form = FORMS.get(digits);
  if (!form) {
    form = new Intl.NumberFormat('en', { maximumFractionDigits: digits, minimumFractionDigits: digits });
    FORMS.set(digits, form);
  }
  return form.format(x);
}

function weightMetric(g: number): readonly [string, string] {
  return g >= 1000 ? [round(g / 1000, 2), 'kg'] : [round(g, g > 0 && g < 10 ? 1 : 0), 'g'];
}
function weightUs(g: number): readonly [string, string] {
  const oz = ouncesFromGrams(g);
  return oz >= 16 ? [round(oz / 16, 2), 'lb'] : [round(oz, oz < 10 ? 1 : 0), 'oz'];
}

export function formatFor(house: House): Format {
  const us = house.units === 'US customary';
  const weight = us ? weightUs : weightMetric;
  const money = moneyFormat(house.currency);
  const digits = money.resolvedOptions().maximumFractionDigits ?? 2;
  const minorPerUnit = 10 ** digits;
  const dates = datesFor(house.country);
  const bulk = us ? ({ name: 'lb', grams: G_PER_LB } as const) : ({ name: 'kg', grams: 1000 } as const);
  const inches = (mm: number) => `${round(inchesFromMillimetres(mm), mm < 100 ? 2 : 1)} in`;
  return {
    weight,
    grams: (g) => weight(g).join(' '),
    small: us ? { name: 'oz', grams: G_PER_OZ } : { name: 'g', grams: 1 },
    bulk,
    price: (minor, per) =>
      per === 'kg'
        ? [money.format((minor * (bulk.grams / 1000)) / minorPerUnit), bulk.name]
        : [money.format(minor / minorPerUnit), word(per)],
    length: us ? { name: 'in', mm: MM_PER_INCH } : { name: 'mm', mm: 1 },
    gramsRange: (low, high) => {
      const [[from, unit], [to, same]] = [weight(low), weight(high)];
      return say`${unit === same ? from : `${from} ${unit}`} to ${to} ${same}`;
    },
    celsius: (degrees) =>
      us ? `${Math.round(fahrenheitFromCelsius(degrees))} °F` : `${Math.round(degrees)} °C`,
    minutes: timeWords,
    list: listed,
    ml: (ml) => (us ? `${round(ml / ML_PER_FL_OZ, 1)} fl oz` : `${round(ml, 0)} ml`),
    mm: (mm) => (us ? inches(mm) : `${round(mm, mm < 10 ? 1 : 0).replace('.0', '')} mm`),
    money: (minor) => money.format(minor / minorPerUnit),
    amount: (minor) => round(minor / minorPerUnit, digits),
    signedAmount: (minor) =>
      minor === 0 ? '0' : `${minor > 0 ? '+' : '−'}${round(Math.abs(minor) / minorPerUnit, digits)}`,
    minorPerUnit,
    currency: house.currency,
    ...dates,
  };
}

/** Where nobody said where the shop is: day, month, year, and a clock of 24 hours. */
const DAY_FIRST = 'GB';

/** The words are English; order, separators and clock are the country's. */
function datesFor(country: string) {
  const form = (options: Intl.DateTimeFormatOptions) => {
    const of = new Intl.DateTimeFormat(`en-${country || DAY_FIRST}`, options);
    return (at: string) => of.format(new Date(at.length === 10 ? `${at}T00:00` : at));
  };
  return {
    country,
    day: form({ weekday: 'short', day: 'numeric', month: 'long' }),
    dayYear: form({ weekday: 'short', day: 'numeric', month: 'long', year: 'numeric' }),
    time: form({ hour: 'numeric', minute: '2-digit' }),
    shortDay: form({ day: 'numeric', month: 'numeric', year: 'numeric' }),
  };
}

/** A currency that the browser does not know is shown by its letters. */
function moneyFormat(currency: string): Intl.NumberFormat {
  return new Intl.NumberFormat('en', { style: 'currency', currency });
}

const LIST = new Intl.ListFormat('en-GB', { type: 'conjunction' });
const CHOICE = new Intl.ListFormat('en-GB', { type: 'disjunction' });
/** Names as they are read: "a, b and c"; "a or b". */
export const listed = (names: readonly string[]): string => LIST.format(names);
export const choiceOf = (names: readonly string[]): string => CHOICE.format(names);

/** Whole hours in words, all else in minutes. */
function timeWords(minutes: number): string {
  const hours = minutes / 60;
  if (Number.isInteger(hours) && hours > 0)
    return `${inWords(hours)} ${word(hours === 1 ? 'hour' : 'hours')}`;
  return count(Math.round(minutes), 'minute');
}

/** +14, −3 with a true minus sign. */
export const signed = (x: number, digits = 0): string => {
  const text = Math.abs(x).toFixed(digits);
  return Number(text) === 0 ? '0' : `${x > 0 ? '+' : '−'}${text}`;
};

export const count = (n: number, one: string, many = `${one}s`): string =>
  `${n} ${word(n === 1 ? one : many)}`;

const WORDS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];
/** "Five cheeses": numbers to nine in words. */
export const inWords = (n: number): string => (WORDS[n] ? word(WORDS[n]) : String(n));
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
