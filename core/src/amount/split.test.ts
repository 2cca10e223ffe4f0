import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { boardGroupsOf, boardEatersOf } from '../brief/index.js';
import { limitRow } from '../testing/guests.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, aCompanion } from '../testing/goods.js';
import { splitAmong } from './split.js';

const gluten = (guests: number) => ({
  ...limitRow('allergen:gluten'),
  severity: 'dislike',
  reach: 'card',
  guests,
});
const wheat = (id: string) =>
  aCompanion(id, { role: 'bread', allergens: { contains: ['wheat'], rest: 'free' } });
const crisp = aCompanion('crisp', { role: 'cracker' });
const even = () => 1;

describe('who eats of what', () => {
  test('bread is not laid out for guests who eat none of it; theirs is the gluten-free one', () => {
    const brief = aBrief({ guests: { adults: 12 }, limits: [gluten(4)] });
    const { grams, eaters } = splitAmong(brief, [wheat('loaf'), crisp], 40, even);
    expect(grams).toEqual([8 * 20, 8 * 20 + 4 * 40]);
    expect(eaters).toEqual([8, 12]);
  });
  test('with wheat alone nothing is laid out for them, and it is said for how many', () => {
    const brief = aBrief({ guests: { adults: 12 }, limits: [gluten(4)] });
    expect(splitAmong(brief, [wheat('loaf')], 40, even)).toEqual({ grams: [320], eaters: [8], without: 4 });
  });
  // Common practice, no source: a child's half share goes on the safe bet and the mild, not on blue and washed.
  test('a child’s share goes on what is mild, where there is some', () => {
    const brief = aBrief({ guests: { adults: 2, children: 4 } });
    const [mild, blue] = [aCheese('mild'), aCheese('blue', { texture: 'blue' })];
    expect(splitAmong(brief, [mild, blue], 100, even).grams).toEqual([100 + 200, 100]);
    expect(splitAmong(brief, [blue], 100, even).grams).toEqual([400]);
  });
  test('groups hold all who eat from the board, once', () => {
    fc.assert(
      fc.property(
        fc.record({
          adults: fc.integer({ min: 0, max: 30 }),
          children: fc.integer({ min: 0, max: 9 }),
          under5: fc.integer({ min: 0, max: 4 }),
        }),
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 1, max: 40 }),
        (guests, marked, plated) => {
          const limits = [gluten(marked), { ...limitRow('diet:vegan'), reach: 'own plate', guests: plated }];
          const brief = aBrief({ guests, limits });
          const eaters = boardGroupsOf(brief).reduce((sum, group) => sum + group.eaters, 0);
          expect(eaters).toBeCloseTo(boardEatersOf(brief), 9);
        },
      ),
    );
  });
});
