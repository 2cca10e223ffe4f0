import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEFAULT_HOUSE, safetyOf } from '../brief/index.js';
import type { Main } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, aMeat } from '../testing/goods.js';
import { grams } from '../units/index.js';
import { goneAfter, hoursUntil, overWaves, wavesFor } from './waves.js';

const soft = aCheese('soft', { texture: 'soft' });
const hard = aCheese('hard', { texture: 'hard' });
const ham = aMeat('ham', { build: 'whole muscle', process: 'air-dried' });
const none = { count: null, first: null };
const houseIn = (country: string, more = {}) => ({ ...DEFAULT_HOUSE, country, ...more });
const waves = (hours: number, goods: Main[] = [soft], country = 'IE', more = {}, house = {}) => {
  const brief = aBrief({ hours, ...more });
  return wavesFor(brief, goods, safetyOf(brief, houseIn(country, house), false), none);
};

// Common practice, no source: two for parties over two hours, the first holds 60 %.
test('two hours in one wave, three in two, the first of 60 %', () => {
  expect(waves(2)).toMatchObject({ count: 1, first: 1 });
  expect(waves(3)).toMatchObject({ count: 2, first: 0.6 });
});
// Source: USDA FSIS consumer advice, two hours, one above 32 °C.
test('as many as the safe time of the most tender good asks', () => {
  expect(waves(5).count).toBe(3);
  expect(waves(3, [soft], 'IE', { setting: 'outdoors, hot' }).count).toBe(3);
  expect(waves(3, [soft, hard]).safe).toBe(120);
});
// Source: Food Safety and Hygiene (England) Regulations 2013, schedule 4: four hours, once. From memory.
test('where the law gives four hours, they count', () => {
  expect(waves(3, [soft], 'GB').safe).toBe(240);
});
// The program never derives a longer time: hard cheese and dry ham are the tight case until the house says otherwise.
test('a longer time is only what the house entered, with its ground', () => {
  const entered = (what: string) => ({
    safeLimits: [{ what, minutes: 240, ground: 'water activity 0.90, pH 5.2', source: 'maker’s sheet' }],
  });
  expect(waves(3, [hard, ham]).safe).toBe(120);
  expect(waves(3, [hard], 'IE', {}, entered('hard low-moisture cheese')).safe).toBe(240);
  expect(waves(3, [hard, ham], 'IE', {}, entered('hard low-moisture cheese')).safe).toBe(120);
  expect(waves(3, [ham], 'IE', {}, entered('ham')).safe).toBe(240);
});

test('what a person sets stands', () => {
  const brief = aBrief({ hours: 1 });
  const safety = safetyOf(brief, houseIn('IE'), false);
  const set = wavesFor(brief, [soft], safety, { count: 2, first: 0.5 });
  expect(set).toMatchObject({ count: 2, first: 0.5, byHand: true, firstLasts: 1 });
});
// Common practice, no source: the share gone after t hours is 1 - 2^-t, 29 % in the first half hour.
test('a table eats half in an hour, 29 % in the first half', () => {
  expect(goneAfter(0.5)).toBeCloseTo(0.29, 2);
  fc.assert(
    fc.property(fc.double({ min: 0.01, max: 8, noNaN: true }), (t) => {
      expect(hoursUntil(goneAfter(t))).toBeCloseTo(t, 6);
    }),
  );
});
test('the waves hold all of it, in whole grams', () => {
  fc.assert(
    fc.property(
      fc.nat(5000),
      fc.integer({ min: 1, max: 6 }),
      fc.double({ min: 0.1, max: 1, noNaN: true }),
      (g, count, first) => {
        const parts = overWaves(grams(g), { ...waves(3), count, first });
        expect(parts).toHaveLength(count);
        expect(parts.reduce((a, b) => a + b, 0)).toBe(g);
      },
    ),
  );
});
