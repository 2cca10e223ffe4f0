import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { aCheese, aMeat, cheeses, meats, permutations } from '../testing/goods.js';
import { bestOrder, EXACT_UP_TO, walkCost, walkFor } from './walk.js';

test('the order costs no more than any permutation of up to 8 goods', () => {
  fc.assert(
    fc.property(cheeses(1, 5), meats(0, 2), (c, m) => {
      const goods = [...c, ...m];
      const least = Math.min(...permutations(goods).map(walkCost));
      expect(walkCost(bestOrder(goods))).toBeCloseTo(least, 9);
    }),
    { numRuns: 25 },
  );
});

test('and of exactly 8', () => {
  fc.assert(
    fc.property(cheeses(8, 8), (goods) => {
      let least = Infinity;
      for (const order of permutations(goods)) least = Math.min(least, walkCost(order));
      expect(walkCost(bestOrder(goods))).toBeCloseTo(least, 9);
    }),
    { numRuns: 2 },
  );
});

test('the order in which goods are given never matters', () => {
  fc.assert(
    fc.property(cheeses(2, 8), (goods) => {
      expect(bestOrder([...goods].reverse()).map((g) => g.id)).toEqual(bestOrder(goods).map((g) => g.id));
    }),
  );
});

// Facts of the trade, common practice: mild to strong, blue last.
test('mild to strong', () => {
  const goods = [7, 2, 5, 3].map((i) => aCheese(`c${i}`, {}, { intensity: i, persistence: i }));
  expect(bestOrder(goods).map((g) => g.sense.intensity)).toEqual([2, 3, 5, 7]);
});

test('blue comes last even when something else is as strong', () => {
  const goods = [
    aCheese('blue', { texture: 'blue' }, { intensity: 7, persistence: 7 }),
    aCheese('old', { texture: 'hard' }, { intensity: 7.5, persistence: 7 }),
    aCheese('mild', {}, { intensity: 2, persistence: 2 }),
  ];
  expect(bestOrder(goods).map((g) => g.id)).toEqual(['mild', 'old', 'blue']);
});

test('hot meat comes after what it would hide', () => {
  const goods = [
    aMeat('hot', {}, { intensity: 5, persistence: 5, heat: 6 }),
    aCheese('c', {}, { intensity: 5, persistence: 4 }),
  ];
  expect(bestOrder(goods).map((g) => g.id)).toEqual(['c', 'hot']);
});

test('an order by hand stands; goods that it does not name find their place', () => {
  const goods = [2, 4, 6].map((i) => aCheese(`c${i}`, {}, { intensity: i, persistence: i }));
  const walk = walkFor(goods, ['c6', 'c2']);
  expect(walk).toMatchObject({ byHand: true, exact: false });
  expect(walk.steps.map((s) => s.main.id).filter((id) => id !== 'c4')).toEqual(['c6', 'c2']);
  expect(walkFor(goods, ['gone']).byHand).toBe(false);
});

test('a large fall in strength asks for something to clear the palate', () => {
  const goods = [
    aCheese('a', {}, { intensity: 8, persistence: 8 }),
    aCheese('b', {}, { intensity: 2, persistence: 2 }),
  ];
  const { steps } = walkFor(goods, ['a', 'b']);
  expect(steps[1]!.cleanse).toBe(true);
  expect(['falls back', 'lingers']).toContain(steps[1]!.reasons[0]!.rule);
});

test('beyond the exact limit it still rises, blue last', () => {
  const many = Array.from({ length: EXACT_UP_TO + 1 }, (_, i) =>
    aCheese(`c${i}`, { texture: i === 0 ? 'blue' : 'firm' }, { intensity: i % 9 }),
  );
  const walk = walkFor(many, null);
  expect(walk.exact).toBe(false);
  expect(walk.steps.at(-1)!.main.id).toBe('c0');
});
