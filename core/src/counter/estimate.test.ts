import { describe, expect, test } from '@jest/globals';
import { aCheese, demoCounter } from '../testing/goods.js';
import { reference } from '../testing/reference.js';
import { blankGood } from './blank.js';
import { agedSense } from './ageing.js';
import { estimatedSense, reestimated, tastedScale } from './estimate.js';
import { isCheese, isMeat } from './kinds.js';
import { Lot } from './lot.js';
import { servedGood } from './served.js';
import { SENSES, type Texture } from './words.js';

// Source: scales.csv, the anchors of the scales (common practice, no source).
describe('the estimate stands on the anchors', () => {
  const cheese = (texture: Texture, ageDays: number) =>
    estimatedSense(
      aCheese('c', { texture, ageDays, composition: null, milk: [{ animal: 'cow', share: 1 }] }),
    );
  test('the scales are those of the table', () => {
    const scales = reference('scales').map(({ scale }) => scale);
    for (const scale of SENSES) expect(scales).toContain(scale);
  });
  test.each([
    ['a firm cheese of half a year is 5 strong', 'firm', 182, 'intensity', 5],
    ['a cheddar of three years 7', 'hard', 1095, 'intensity', 7],
    ['a cheddar of two years is 6 in savour', 'hard', 730, 'umami', 6],
    ['a grana of two years 8', 'very hard', 730, 'umami', 8],
    ['a washed rind is 6 in funk', 'washed', 60, 'funk', 6],
    ['a young bloomy one is 3 strong', 'bloomy', 25, 'intensity', 3],
  ] as const)('%s, within a point', (_, texture, age, scale, anchor) => {
    expect(Math.abs(cheese(texture, age)[scale] - anchor)).toBeLessThanOrEqual(1);
  });
  test('richness goes by fat where it is told', () => {
    const fat = (g: number) =>
      estimatedSense(
        aCheese('c', { composition: { water: 40, fat: g, protein: 20, carbohydrate: 1, ash: 3 } }),
      ).fat;
    expect([fat(18), fat(33), fat(42)]).toEqual([4, 6, 8]);
  });
  test('of the demo’s cheeses and meats four of five scales are within a point and a half of what was set', () => {
    const off = demoCounter()
      .filter((good) => isCheese(good) || isMeat(good))
      .flatMap((good) => SENSES.map((scale) => Math.abs(good.sense[scale] - estimatedSense(good)[scale])));
    expect(off.filter((x) => x <= 1.5).length / off.length).toBeGreaterThan(0.8);
  });
});

describe('age', () => {
  const cheddar = aCheese(
    'c',
    { texture: 'hard', ageDays: 365 },
    { salty: 5, umami: 5, intensity: 5, persistence: 5 },
  );
  test('the same cheese at three years is saltier, more savoury and stronger than at three months', () => {
    const at = (days: number) => agedSense('hard', cheddar.sense, 365, days);
    for (const scale of ['salty', 'umami', 'intensity', 'persistence'] as const)
      expect(at(1095)[scale]).toBeGreaterThan(at(91)[scale]);
    expect(at(365)).toEqual(cheddar.sense);
  });
  test('so is a lot that lay longer, on the day it is served', () => {
    const made = (madeOn: string) => {
      const lots = [Lot.parse({ id: 'l', grams: 1000, madeOn, receivedOn: '2026-11-01' })];
      return servedGood(aCheese('c', { texture: 'hard', ageDays: 365, lots }, cheddar.sense), '2026-12-01');
    };
    const young = made('2026-05-01');
    const old = made('2023-12-01');
    expect(old.sense.intensity).toBeGreaterThan(young.sense.intensity);
    expect(old.sense.salty).toBeGreaterThan(young.sense.salty);
  });
  test('what ripens soft goes by its verdict, not by its days', () => {
    expect(agedSense('bloomy', cheddar.sense, 30, 60)).toEqual(cheddar.sense);
  });
});

test('a new good is all estimate; a scale that is set stays, the others follow what else is told', () => {
  const blank = blankGood('cheese', 'New', 'new', 'a cheese');
  if (!isCheese(blank)) throw new Error('a cheese');
  expect(blank.estimated).toEqual([...SENSES]);
  const set = tastedScale({ ...blank, sense: { ...blank.sense, salty: 9 } }, 'salty');
  const blue = reestimated({ ...set, texture: 'blue' as const });
  expect(blue.sense.salty).toBe(9);
  expect(blue.sense.intensity).toBeGreaterThan(blank.sense.intensity + 1);
});
