import { describe, expect, test } from '@jest/globals';
import { aCheese, aMeat, demoCounter } from '../testing/goods.js';
import { composition } from '../testing/reference.js';
import { compositionOf } from './compositionOf.js';

const sum = ({ water, fat, protein, carbohydrate, ash }: ReturnType<typeof compositionOf>) =>
  water + fat + protein + carbohydrate + ash;

describe('what a good is made of', () => {
  test('told composition stands; what is missing of it is filled in to a hundred and marked', () => {
    const told = compositionOf(aCheese('t', { composition: { water: 40, fat: 30 } }));
    expect(told).toMatchObject({ water: 40, fat: 30, estimated: true });
    expect(sum(told)).toBeCloseTo(100, 9);
    const all = { water: 37, fat: 33, protein: 25, carbohydrate: 1.5, ash: 3.5 };
    expect(compositionOf(aCheese('a', { composition: all }))).toEqual({ ...all, estimated: false });
  });
  test('of every good of the counter there is one, near a hundred', () => {
    for (const good of demoCounter().filter(({ kind }) => ['cheese', 'meat', 'companion'].includes(kind)))
      expect(Math.abs(sum(compositionOf(good)) - 100)).toBeLessThan(2.5);
    expect(compositionOf(aMeat('m')).estimated).toBe(true);
  });
  // Source: USDA Standard Reference, from memory (composition.csv); families are means of their styles, to 4 points.
  test.each([
    ['hard', 'alpine (cooked firm cow)'],
    ['very hard', 'grana (extra-hard cow)'],
    ['blue', 'blue cow'],
    ['firm', 'cheddar-style'],
    ['bloomy', 'camembert-style'],
    ['fresh', 'soft goat'],
  ])('%s is as wet and as fat as %s', (texture, style) => {
    const row = composition().find((r) => r.style === style)!;
    const usual = compositionOf(aCheese('x', { texture }));
    expect(Math.abs(usual.water - row.water)).toBeLessThan(4);
    expect(Math.abs(usual.fat - row.fat)).toBeLessThan(4);
  });
});
