import { describe, expect, test } from '@jest/globals';
import { goodsById } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCompanion } from '../testing/goods.js';
import { garnishOf, garnishThings, garnishVerdict as verdictFor } from './garnish.js';

const rosemary = aCompanion('rosemary', {
  name: 'Garden Rosemary',
  role: 'garnish',
  price: { amount: 180, per: 'piece' },
  pack: { form: 'piece', grams: 20 },
});
const garnishVerdict = (text: string, from: Parameters<typeof verdictFor>[1], brief = aBrief()) =>
  verdictFor(text, from, brief);

const counter = [rosemary, aCompanion('jam', { role: 'preserve' })];

// Source: common practice, no source: only what is known by species and comes from a food supplier; the poisonous by name.
// Source: Regulation (EU) 1169/2011 Annex II names sesame; an allergy at this board clears the whole of it.
test('what a guest of this board must not have decorates it never, though it is on the list', () => {
  const sesame = aCompanion('sesame', {
    name: 'Toasted Sesame',
    role: 'garnish',
    allergens: { contains: ['sesame'], rest: 'free' },
  });
  const limits = [{ what: 'allergen:sesame', severity: 'allergy', reach: 'board', guests: 1, who: '' }];
  expect(garnishVerdict('sesame', [sesame])).toEqual({ good: sesame });
  expect(garnishVerdict('sesame', [sesame], aBrief({ limits }))).toEqual({ refused: 'not for these guests' });
  const asked = [{ id: 'sesame', sprigs: 3 }];
  expect(garnishOf(asked, goodsById([sesame]), aBrief())).toHaveLength(1);
  expect(garnishOf(asked, goodsById([sesame]), aBrief({ limits }))).toEqual([]);
});

describe('what may decorate a board', () => {
  test('a herb that the counter has may', () => {
    expect(garnishVerdict('a sprig of rosemary', counter)).toEqual({ good: rosemary });
    expect(garnishVerdict('ROSEMARY', counter)).toEqual({ good: rosemary });
  });
  test.each(['holly', 'Christmas mistletoe', 'lily of the valley', 'cherry laurel', 'ivy leaves'])(
    '%s is refused as poisonous',
    (name) => expect(garnishVerdict(name, counter)).toEqual({ refused: 'poisonous' }),
  );
  test.each(['peony', 'fern', 'the grass from outside', 'privy'])('%s is not on the list', (name) =>
    expect(garnishVerdict(name, counter)).toEqual({ refused: 'not on the list' }),
  );
  test('what may, but from nobody knows where, is refused until the counter has it', () => {
    expect(garnishVerdict('nasturtium', counter)).toEqual({ refused: 'no food supplier' });
    expect(garnishVerdict('rosemary', [])).toEqual({ refused: 'no food supplier' });
    // A jam of rosemary is no garnish.
    expect(
      garnishVerdict('rosemary', [aCompanion('r', { name: 'Rosemary Jelly', role: 'preserve' })]),
    ).toEqual({
      refused: 'no food supplier',
    });
  });
  test('chive blossoms are no chives', () => {
    const chives = aCompanion('chives', { name: 'Chives', role: 'garnish' });
    expect(garnishVerdict('chive blossom', [chives])).toEqual({ refused: 'no food supplier' });
    expect(garnishVerdict('chives', [chives])).toEqual({ good: chives });
  });
});

test('by the sprig it is weighed, priced by whole packs, and lies in bunches of three on each board', () => {
  const [one] = garnishOf(
    [
      { id: 'rosemary', sprigs: 7 },
      { id: 'jam', sprigs: 2 },
      { id: 'gone', sprigs: 1 },
    ],
    goodsById(counter),
    aBrief(),
  );
  expect(one).toMatchObject({ sprigs: 7, net: 11, packs: 1, price: 180, stemOut: true });
  const things = garnishThings([one!], 1);
  expect(things.map(({ pieces }) => pieces)).toEqual([3, 3, 1]);
  expect(new Set(things.map(({ id }) => id)).size).toBe(3);
  expect(garnishThings([one!], 7)).toHaveLength(1);
});
