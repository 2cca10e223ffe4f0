import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  celsiusFromFahrenheit,
  fahrenheitFromCelsius,
  gramsFromOunces,
  gramsFromPounds,
  interpolate,
  millimetresFromInches,
  ouncesFromGrams,
  poundsFromGrams,
  shareOut,
} from './index.js';

// Source: international yard and pound agreement (1959): 1 lb = 453.59237 g, 1 oz = 1/16 lb, 1 in = 25.4 mm, exactly.
test('ounce, pound and inch are exact', () => {
  expect(gramsFromOunces(1)).toBe(28.349523125);
  expect(gramsFromPounds(1)).toBe(453.59237);
  expect(gramsFromOunces(16)).toBe(gramsFromPounds(1));
  expect(millimetresFromInches(1)).toBe(25.4);
});

// Source: the fixed points of water, and -40, where both scales meet.
test.each([
  [0, 32],
  [100, 212],
  [-40, -40],
  [32, 89.6],
])('%p C is %p F', (c, f) => {
  expect(fahrenheitFromCelsius(c)).toBeCloseTo(f, 10);
  expect(celsiusFromFahrenheit(f)).toBeCloseTo(c, 10);
});

test('weights go to ounces and pounds and back', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 1e6, noNaN: true }), (g) => {
      expect(gramsFromOunces(ouncesFromGrams(g))).toBeCloseTo(g, 6);
      expect(gramsFromPounds(poundsFromGrams(g))).toBeCloseTo(g, 6);
    }),
  );
});

test('shares add up to the total and none is more than one unit from its exact part', () => {
  const weights = fc.array(fc.double({ min: 0, max: 9, noNaN: true }), { minLength: 1, maxLength: 9 });
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 100000 }), weights, (total, w) => {
      const shares = shareOut(total, w);
      expect(shares.reduce((a, b) => a + b, 0)).toBe(total);
      const sum = w.reduce((a, b) => a + b, 0);
      if (sum > 0)
        shares.forEach((s, i) => expect(Math.abs(s - (total * w[i]!) / sum)).toBeLessThan(1 + 1e-6));
    }),
  );
});

test('a share needs a whole total and no negative weight', () => {
  expect(() => shareOut(1.5, [1])).toThrow('1.5');
  expect(() => shareOut(3, [1, -1])).toThrow('negative');
  expect(shareOut(5, [])).toEqual([]);
});

test('interpolation meets its anchors and is flat outside', () => {
  const anchors = [
    [3, 0],
    [5, 3],
    [10, 10],
  ] as const;
  expect([0, 3, 4, 5, 10, 99].map((x) => interpolate(anchors, x))).toEqual([0, 0, 1.5, 3, 10, 10]);
  expect(() => interpolate([], 1)).toThrow(RangeError);
});
