import { expect, test } from '@jest/globals';
import { aCheese, aCompanion, aMeat } from '../testing/goods.js';
import { goneFirst } from './goneFirst.js';

// Common practice, no source: the safe bet, the ham and the bread run out first.
test('the safe bet, the dry ham and the bread; not the surprise, the salami or the crackers', () => {
  const goods = [
    aCheese('bet', { known: 'safe bet' }),
    aCheese('find', { known: 'surprise' }),
    aMeat('ham', { build: 'whole muscle', process: 'air-dried' }),
    aMeat('salami', { build: 'coarse', process: 'fermented' }),
    aCompanion('loaf', { role: 'bread' }),
    aCompanion('crisps', { role: 'cracker' }),
  ];
  expect(goneFirst(goods).map(({ id }) => id)).toEqual(['bet', 'ham', 'loaf']);
});
