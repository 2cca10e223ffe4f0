import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { aCheese, demoCounter } from '../testing/goods.js';
import { practice, reference } from '../testing/reference.js';
import { densityOfMade, pasteDensity } from './density.js';
import { isCheese } from './kinds.js';
import { densityOf } from './shapeOf.js';

const none = { water: 0, fat: 0, protein: 0, carbohydrate: 0, ash: 0, estimated: false };

// Source: the handbook's table (thermal-properties.csv), at 0 degrees Celsius its first coefficients.
test.each([
  ['water', 997.18],
  ['protein', 1329.9],
  ['fat', 925.59],
  ['carbohydrate', 1599.1],
  ['ash', 2423.8],
])('pure %s at 0 °C', (part, kgPerM3) => {
  expect(densityOfMade({ ...none, [part]: 100 }, 0)).toBeCloseTo(kgPerM3, 6);
});

test('volumes add up: a mixture lies between its parts, and fat makes it lighter', () => {
  fc.assert(
    fc.property(fc.double({ min: 1, max: 99, noNaN: true }), fc.integer({ min: 0, max: 30 }), (fat, t) => {
      const mix = densityOfMade({ ...none, fat, protein: 100 - fat }, t);
      const [a, b] = [densityOfMade({ ...none, fat: 100 }, t), densityOfMade({ ...none, protein: 100 }, t)];
      expect(mix).toBeGreaterThan(a);
      expect(mix).toBeLessThan(b);
      expect(100 / mix).toBeCloseTo(fat / a + (100 - fat) / b, 6);
    }),
  );
});

// Source: practice.csv, density of close-textured cheese; compositions of composition.csv.
test('close-textured styles lie in the known range', () => {
  const { low, high } = practice('density of close-textured cheese');
  const whole = reference('composition').filter(({ protein }) => protein !== '');
  const off = whole.flatMap((row) => {
    const made = Object.fromEntries(Object.keys(none).map((key) => [key, Number(row[key]) || 0]));
    const density = densityOfMade(made as unknown as typeof none, 6);
    return density >= low && density <= high ? [] : [`${row.style} ${density.toFixed(0)}`];
  });
  expect(off).toEqual([]);
});

test('what holds air has no density by composition', () => {
  expect(pasteDensity(aCheese('c', { look: { eyes: 'large' } }))).toBeNull();
  expect(pasteDensity(aCheese('c', { look: { curd: true } }))).toBeNull();
  expect(pasteDensity(aCheese('c', { paste: 'crumbly' }))).toBeNull();
});

test('the measures of the demo’s cheeses go with their weights', () => {
  const off = demoCounter()
    .filter(isCheese)
    .filter((cheese) => {
      const paste = pasteDensity(cheese);
      return paste !== null && Math.abs((densityOf(cheese.form) * 1e6) / paste - 1) > 0.1;
    });
  expect(off.map(({ id, form }) => `${id} ${form.shape}`)).toEqual([]);
});
