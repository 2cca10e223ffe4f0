import { expect, test } from '@jest/globals';
import { aCompanion } from '../testing/goods.js';
import { nameOnBoard, styleOnBoard, withoutClaims } from './claims.js';

/** On a shared board nothing is called free of, or low in, anything. */

test.each([
  ['gluten-free crispbread', 'crispbread'],
  ['seed crackers, gluten free', 'seed crackers'],
  ['low-carb crackers', 'crackers'],
  ['keto seed thins', 'seed thins'],
  ['chocolate free of milk', 'chocolate'],
  ['no sugar jam', 'jam'],
  // Words that only look like it.
  ['freestone peach', 'freestone peach'],
  ['carbonara dip', 'carbonara dip'],
  ['free-range ham', 'free-range ham'],
])('%s', (text, left) => {
  expect(withoutClaims(text)).toBe(left);
});

test('a name keeps its capital; one that is nothing but a claim gives way to the style', () => {
  expect(nameOnBoard(aCompanion('a', { name: 'Gluten-free crispbread' }))).toBe('Crispbread');
  expect(nameOnBoard(aCompanion('a', { name: 'Rye Squares' }))).toBe('Rye Squares');
  const bare = aCompanion('a', { name: 'Gluten-free', style: 'seed crackers' });
  expect(nameOnBoard(bare)).toBe('Seed crackers');
  expect(styleOnBoard(bare)).toBe('seed crackers');
});
