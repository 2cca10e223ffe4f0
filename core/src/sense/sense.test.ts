import { describe, expect, test } from '@jest/globals';
import { isDrink, TEXTURES } from '../counter/index.js';
import { aCheese, aMeat, demoCounter } from '../testing/goods.js';
import { hslOf, isPale, sightOf } from './colour.js';
import { drinkSense, isDelicate, isDivisive, SOFTNESS } from './sense.js';

const drinks = demoCounter().filter(isDrink);
const drink = (id: string) => drinks.find((d) => d.id === id)!;

// Source: scales.csv, common practice: 3 g/l and under is 0, 5 is 3, 6 is 5, 7 is 6, 8 is 8, 10 and over is 10.
test.each([
  [2, 0],
  [3, 0],
  [5, 3],
  [6, 5],
  [7, 6],
  [8, 8],
  [10, 10],
  [12, 10],
])('an acidity of %p g/l is felt as %p', (totalAcidity, felt) => {
  expect(drinkSense({ ...drink('estuary-white'), totalAcidity }).acid).toBeCloseTo(felt, 10);
});

test('more sugar is never less sweet, and alcohol burns from 12 % up', () => {
  const sweet = [0, 5, 12, 40, 90, 250].map(
    (residualSugar) => drinkSense({ ...drink('estuary-white'), residualSugar }).sweet,
  );
  expect(sweet).toEqual([...sweet].sort((a, b) => a - b));
  expect(drinkSense({ ...drink('estuary-white'), abv: 12 }).burn).toBe(0);
  expect(drinkSense({ ...drink('estuary-white'), abv: 15 }).burn).toBe(3);
});

test('families run from soft to brittle as they dry; blue lies between', () => {
  const drying = TEXTURES.filter((t) => t !== 'blue').map((t) => SOFTNESS[t]);
  expect(drying).toEqual([...drying].sort((a, b) => b - a));
});

test('what divides a table: blue, pungent, hot', () => {
  expect(isDivisive(aCheese('b', { texture: 'blue' }))).toBe(true);
  expect(isDivisive(aCheese('w', { texture: 'washed' }, { funk: 8 }))).toBe(true);
  expect(isDivisive(aMeat('h', {}, { heat: 6 }))).toBe(true);
  expect(isDivisive(aCheese('m'))).toBe(false);
  expect(isDelicate(aCheese('d', {}, { intensity: 2, funk: 1 }).sense)).toBe(true);
  expect(isDelicate(aCheese('d', {}, { intensity: 7 }).sense)).toBe(false);
});

describe('colour', () => {
  // Source: the corners of the RGB cube in HSL.
  test.each([
    ['#ff0000', 0, 1, 0.5],
    ['#00ff00', 120, 1, 0.5],
    ['#0000ff', 240, 1, 0.5],
    ['#ffff00', 60, 1, 0.5],
    ['#ffffff', 0, 0, 1],
    ['#000000', 0, 0, 0],
    ['#808080', 0, 0, 128 / 255],
  ])('%s', (hex, h, s, l) => {
    const [hue, saturation, lightness] = hslOf(hex);
    expect([hue, saturation]).toEqual([h, s]);
    expect(lightness).toBeCloseTo(l, 10);
  });
  test.each([
    [{ colours: ['#fbf8ef'] }, 'white'],
    [{ colours: ['#f4e7be'] }, 'ivory'],
    [{ colours: ['#d9933d'] }, 'orange'],
    [{ colours: ['#e9c46a'] }, 'gold'],
    [{ colours: ['#fbf8ef'], look: { veins: 2 } }, 'veined'],
    [{ colours: ['#fbf8ef'], look: { ashLine: true } }, 'dark'],
  ])('%j looks %s', (more, sight) => expect(sightOf(aCheese('x', more))).toBe(sight));
  test('white and ivory are pale', () => {
    expect(isPale(aCheese('x', { colours: ['#f4e7be'] }))).toBe(true);
    expect(isPale(aCheese('x', { colours: ['#d9933d'] }))).toBe(false);
  });
});
