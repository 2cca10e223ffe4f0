import { expect, test } from '@jest/globals';
import { aCheese, aCompanion } from '../testing/goods.js';
import { keepsCold } from './keepsCold.js';

// FDA Food Code 1-201.10: dairy dips, cooked pulses and cut melon are kept cold; jam, honey, pickles and dried fruit are not.
test.each([
  ['dip', 'Chickpea Dip', true],
  ['butter', 'Herb Butter', true],
  ['fruit', 'Ribbon Melon', true],
  ['fruit', 'Black Grapes', false],
  ['preserve', 'Melon Preserve', false],
  ['dried fruit', 'Dried Melon', false],
  ['honey', 'Heather Honey', false],
  ['nut', 'Butter Walnuts', false],
] as const)('%s: %s', (role, name, cold) => {
  expect(keepsCold(aCompanion('a', { role, name }))).toBe(cold);
});

test('every cheese, whatever it is called', () => {
  expect(keepsCold(aCheese('a', { name: 'Melonfield' }))).toBe(true);
});
