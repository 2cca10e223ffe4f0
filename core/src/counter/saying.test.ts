import { expect, test } from '@jest/globals';
import { aCheese, aCompanion } from '../testing/goods.js';
import { allergenOf, differencesOf } from './ingredients.js';
import { withReading } from './readGoods.js';
import { allergensSaid } from './saying.js';

/** Somebody says of an allergen what it is, with name and day. */

const none = aCheese('a').allergens;

test('it moves from list to list, and who said it goes with it', () => {
  const once = allergensSaid(none, ['almond', 'walnut'], 'free', ' Vera ', '2026-12-02');
  expect(once.free).toEqual(expect.arrayContaining(['almond', 'walnut']));
  expect(once.said).toEqual(['almond', 'walnut'].map((id) => ({ id, by: 'Vera', on: '2026-12-02' })));
  const again = allergensSaid(once, ['almond'], 'contains', 'Otto', '2026-12-03');
  expect(again.free).not.toContain('almond');
  expect(again.contains).toContain('almond');
  expect(again.said.find(({ id }) => id === 'almond')).toEqual({
    id: 'almond',
    by: 'Otto',
    on: '2026-12-03',
  });
  expect(again.said).toHaveLength(2);
});
test('without a name it is said all the same, and nobody stands beside it', () => {
  const said = allergensSaid(none, ['almond'], 'free', '', '2026-12-02');
  expect(said.said).toEqual([]);
  expect(said.free).toContain('almond');
});
test('a word of a name is open until somebody says; what stands among the ingredients is stricter than any word', () => {
  const called = withReading(
    aCompanion('b', {
      name: 'Walnut Wafers',
      allergens: { ...none, rest: 'free' },
      contents: { ingredients: ['oat flakes'] },
    }),
  );
  expect(allergenOf(called, 'walnut')).toBe('unknown');
  expect(differencesOf(called)).toEqual(
    expect.arrayContaining([
      { id: 'walnut', word: 'walnut', from: 'name' },
      expect.objectContaining({ id: 'oats', from: 'ingredients' }),
    ]),
  );
  const settled = {
    ...called,
    allergens: allergensSaid(called.allergens, ['walnut', 'oats'], 'free', 'Vera', '2026-12-02'),
  };
  expect(allergenOf(settled, 'walnut')).toBe('free');
  expect(allergenOf(settled, 'oats')).toBe('contains');
  expect(differencesOf(settled).map(({ id }) => id)).toEqual(['oats', 'wheat']);
});
