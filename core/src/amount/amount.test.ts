import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { grams } from '../units/index.js';
import { aCheese, aCompanion, aMeat, cheeses } from '../testing/goods.js';
import { edibleByRind, edibleShare } from './edible.js';
import { grossFor, purchase } from './buy.js';
import { netGrams, shareOf } from './share.js';

const rind = (kind: string, mm: number, verdict: string) => ({ rind: { kind, mm, verdict } });

// Source: solid geometry. Wheel of 220 x 100 mm less 4 mm all round: 212^2 x 92 / (220^2 x 100).
test('the edible share of a wheel is that of the smaller wheel inside', () => {
  const cheese = aCheese('x', rind('natural', 4, 'cut off'));
  expect(edibleByRind(cheese)).toBeCloseTo((212 ** 2 * 92) / (220 ** 2 * 100), 12);
  expect(edibleByRind(aCheese('x', rind('bloomy', 4, 'eaten')))).toBe(1);
});

test('under a plastic coat 5 mm more come off (practice: 4 to 6)', () => {
  const coat = aCheese('x', rind('plastic coat', 1, 'cut off'));
  const plain = aCheese('x', rind('natural', 6, 'cut off'));
  expect(edibleByRind(coat)).toBe(edibleByRind(plain));
});

test('a rind thicker than the piece is refused with the field, not divided by', () => {
  const tiny = {
    ...rind('natural', 8, 'cut off'),
    form: { shape: 'wheel', grams: 10, diameter: 14, height: 10 },
  };
  expect(() => aCheese('tiny', tiny)).toThrow('nothing is left of the piece');
});

test('gross gives at least the net and never a gram too much', () => {
  fc.assert(
    fc.property(cheeses(1, 1), fc.integer({ min: 1, max: 5000 }), ([cheese], net) => {
      const gross = grossFor(cheese!, grams(net));
      expect(gross * edibleShare(cheese!)).toBeGreaterThanOrEqual(net - 1e-6);
      expect((gross - 1) * edibleShare(cheese!)).toBeLessThan(net);
    }),
  );
});

test('cut to order is charged by the gram', () => {
  const bought = purchase(aCheese('x'), grams(490));
  expect(bought).toMatchObject({ gross: 500, packs: null, bought: 500, price: 1000, left: 0 });
});

test('whole pieces are charged whole and say what is left', () => {
  const wheel = aCheese('x', { pack: { form: 'whole', grams: 250 }, price: { amount: 800, per: 'piece' } });
  expect(purchase(wheel, grams(300))).toMatchObject({ packs: 2, bought: 500, price: 1600 });
  expect(purchase(wheel, grams(300)).left).toBeGreaterThan(180);
  expect(purchase(wheel, grams(245)).packs).toBe(1);
});

test('a jar is charged by the share that is used', () => {
  const jar = aCompanion('j', {
    role: 'honey',
    pack: { form: 'jar', grams: 340 },
    price: { amount: 680, per: 'pack' },
  });
  expect(purchase(jar, grams(85))).toMatchObject({ packs: 1, price: 170, byShare: true });
});

test('shares: less of what divides, more of the safe bet, and all of it adds up', () => {
  expect(shareOf(aCheese('b', { texture: 'blue' })).share).toBe(0.5);
  expect(shareOf(aCheese('s', { known: 'safe bet' })).share).toBe(1.2);
  const set = [aCheese('a'), aCheese('b', { texture: 'blue' }), aCheese('s', { known: 'safe bet' })];
  const net = netGrams(grams(1000), set);
  expect(net.reduce((a, b) => a + b, 0)).toBe(1000);
  expect(net[1]! / net[0]!).toBeCloseTo(0.5, 1);
});

test('nothing is lost of a meat whose casing is eaten but what stays on the slicer', () => {
  expect(edibleShare(aMeat('m', { casingEaten: true, contents: { casing: 'sheep' } }))).toBe(0.98);
  expect(edibleShare(aMeat('m', { contents: { casing: 'pork' } }))).toBeCloseTo(0.98 * 0.96, 12);
});

// Common practice, no source: at the counter nobody cuts a piece below about 80 g.
test('no piece is cut below the least that a counter cuts, and what is over is said', () => {
  const small = purchase(aCheese('x'), grams(30));
  expect(small).toMatchObject({ bought: 80, price: 160 });
  expect(small.left).toBeGreaterThan(40);
  expect(purchase(aCheese('x'), grams(0)).bought).toBe(0);
  const slices = purchase(aMeat('m'), grams(30));
  expect(slices.bought).toBe(slices.gross);
});
test('equal shares are a school: then nobody gets less', () => {
  const set = [aCheese('a'), aCheese('b', { texture: 'blue' }), aCheese('r', {}, { fat: 9 })];
  expect(netGrams(grams(900), set, 'equal')).toEqual([300, 300, 300]);
  const [a, b, r] = netGrams(grams(900), set);
  expect(b! / a!).toBeCloseTo(0.5, 1);
  expect(r! / a!).toBeCloseTo(0.8, 1);
});
