import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { aBrief } from '../testing/briefs.js';
import { aCheese, aCompanion, cheeses } from '../testing/goods.js';
import { grams } from '../units/index.js';
import { besideEstimate, besideTotal } from './beside.js';
import { netGrams } from './share.js';
import { usualNet, usualPurchase } from './usual.js';

describe('the usual share of one good', () => {
  test('is an even share; half of it for a blue, more for the safe bet, and nothing of nothing', () => {
    expect(usualNet(aCheese('a'), 1400, 5)).toBe(280);
    expect(usualNet(aCheese('b', { texture: 'blue' }), 1400, 5)).toBe(140);
    expect(usualNet(aCheese('s', { known: 'safe bet' }), 1400, 5)).toBe(336);
    expect(usualNet(aCheese('a'), 1400, 0)).toBe(0);
  });
  test('does not depend on the others, and comes near what Portion settles', () => {
    fc.assert(
      fc.property(cheeses(3, 6), fc.integer({ min: 300, max: 4000 }), (c, total) => {
        const settled = netGrams(grams(total), c);
        c.forEach((cheese, i) => {
          const usual = usualNet(cheese, total, c.length);
          // Shares run from 0.5 to 1.2, so the settled share is the usual one times 1/1.2 to 1/0.5.
          expect(settled[i]!).toBeGreaterThanOrEqual(usual / 1.2 - 2);
          expect(settled[i]!).toBeLessThanOrEqual(usual / 0.5 + 2);
        });
        const sum = c.reduce((all, cheese) => all + usualNet(cheese, total, c.length), 0);
        expect(sum).toBeGreaterThan(0.45 * total);
        expect(sum).toBeLessThan(1.25 * total);
      }),
      { numRuns: 60 },
    );
  });
  test('is costed as it is bought: whole pieces whole', () => {
    const piece = aCheese('p', { pack: { form: 'whole', grams: 200 }, price: { amount: 700, per: 'piece' } });
    expect(usualPurchase(piece, 1000, 4)).toMatchObject({ packs: 2, price: 1400 });
  });
});

describe('what the companions will take of the budget', () => {
  const cracker = (id: string, amount: number, more = {}) =>
    aCompanion(id, {
      role: 'cracker',
      price: { amount, per: 'pack' },
      pack: { form: 'pre-packed', grams: 100 },
      ...more,
    });
  test('breads come in three kinds, each in whole packs', () => {
    const brief = aBrief({ guests: { adults: 12 } });
    const each = besideTotal(brief, 'bread') / 3;
    const packs = Math.ceil(each / 100);
    expect(besideEstimate(brief, [cracker('a', 300)])).toBe(3 * packs * 300);
  });
  test('a small table has two', () => {
    const brief = aBrief({ guests: { adults: 4 } });
    expect(besideEstimate(brief, [cracker('a', 300)])).toBe(2 * 300);
    // The middle of five prices, whatever order they stand in.
    const five = [900, 100, 300, 500, 200].map((price, i) => cracker(`c${i}`, price));
    expect(besideEstimate(brief, five)).toBe(2 * 300);
  });
  test('what the limits keep off the board is not counted', () => {
    const wheat = cracker('w', 900, { allergens: { contains: ['wheat'], rest: 'free' } });
    const brief = aBrief({
      guests: { adults: 4 },
      limits: [{ what: 'allergen:gluten', severity: 'allergy', reach: 'board' }],
    });
    expect(besideEstimate(brief, [wheat, cracker('a', 300)])).toBe(600);
    expect(besideEstimate(brief, [wheat])).toBe(0);
  });
});
