import { celsiusFromFahrenheit, fahrenheitFromCelsius, type House } from '@rotula/core';

/** Degrees for a field, in the person's unit. */
export interface Degrees {
  readonly unit: '°C' | '°F';
  readonly shown: (celsius: number) => number;
  readonly back: (typed: number) => number;
}

export const degreesOf = ({ units }: House): Degrees =>
  units === 'US customary'
    ? { unit: '°F', shown: (c) => Math.round(fahrenheitFromCelsius(c)), back: celsiusFromFahrenheit }
    : { unit: '°C', shown: (c) => Math.round(c * 10) / 10, back: (c) => c };
