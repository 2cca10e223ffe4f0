import { expect, test } from '@jest/globals';
import type { Basis, BasisField } from '../counter/index.js';
import { aCheese } from '../testing/goods.js';
import { isAvailable } from './problem.js';

const DAY = '2026-12-05T18:00';
const available = (from: Partial<Record<BasisField, Basis>>) => isAvailable(aCheese('c', { from }), 100, DAY);

test.each(['animal', 'making', 'shape', 'price'] as const)(
  'a good of which the %s is not known is not proposed',
  (field) => {
    expect(available({ [field]: 'not known' })).toBe(false);
  },
);

test('what its name tells or what is usual is enough to propose it, and so is an age that nobody knows', () => {
  expect(available({ animal: 'name', making: 'typical', shape: 'typical', age: 'not known' })).toBe(true);
});
