import { celsiusFromFahrenheit, fahrenheitFromCelsius, type House } from '@rotula/core';

/** Degrees for a field, in the person's unit. */
export interface Degrees {
  readonly unit: '°C' | '°F';
  readonly shown: (celsius: number) => number;
  /** Not rounded: for a curve. */
  readonly exact: (celsius: number) => number;
  readonly back: (typed: number) => number;
}

export const degreesOf = ({ units }: House): Degrees =>
  units === 'US customary'
    ? {
        unit: '°F',
        shown: (c) => Math.round(fahrenheitFromCelsius(c)),
        exact: fahrenheitFromCelsius,
        back: celsiusFromFahrenheit,
      }
    : { unit: '°C', shown: (c) => Math.round(c * 10) / 10, exact: (c) => c, back: (c) => c };
