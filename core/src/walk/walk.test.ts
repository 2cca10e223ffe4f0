import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { aCheese, aMeat, cheeses, demoCounter, meats, permutations } from '../testing/goods.js';
import { isMain, type Main } from '../counter/index.js';
import { keepsLate, lateness, needsRelief, walkCost } from './cost.js';
import { bestOrder, EXACT_UP_TO } from './order.js';
import { changeOf, walkFor } from './walk.js';

/** The least cost of any order that keeps what comes late late. */
function leastOf(goods: readonly Main[]): number {
  let least = Infinity;
  for (const order of permutations(goods))
    if (keepsLate(order, 'blue last')) least = Math.min(least, walkCost(order));
  return least;
}

test('the order costs no more than any permutation of up to 7 goods', () => {
  fc.assert(
    fc.property(cheeses(1, 5), meats(0, 2), (c, m) => {
      const goods = [...c, ...m];
      expect(walkCost(bestOrder(goods))).toBeCloseTo(leastOf(goods), 9);
      expect(keepsLate(bestOrder(goods), 'blue last')).toBe(true);
    }),
    { numRuns: 40 },
  );
});

test.each([8, 9])('and of exactly %d', (n) => {
  fc.assert(
    fc.property(cheeses(n, n), (goods) => {
      expect(walkCost(bestOrder(goods))).toBeCloseTo(leastOf(goods), 9);
    }),
    { numRuns: n === 9 ? 1 : 2 },
  );
});

test('by the other school strength alone counts, exactly', () => {
  fc.assert(
    fc.property(cheeses(2, 6), (goods) => {
      const least = Math.min(...permutations(goods).map(walkCost));
      expect(walkCost(bestOrder(goods, 'by strength'))).toBeCloseTo(least, 9);
    }),
    { numRuns: 20 },
  );
});

test('a hundred seeded boards: nothing but blue after a blue, no strong pair without relief', () => {
  const mains = demoCounter().filter(isMain);
  let state = 12345;
  const random = (n: number) => {
    state = (Math.imul(state, 1103515245) + 12345) >>> 0;
    return (state >>> 8) % n;
  };
  for (let seed = 1; seed <= 100; seed++) {
    const goods = new Set<Main>();
    while (goods.size < 3 + (seed % 7)) goods.add(mains[random(mains.length)]!);
    const { steps } = walkFor([...goods], null);
    steps.slice(1).forEach(({ main, cleanse }, i) => {
      const before = steps[i]!.main;
      expect(lateness(before, 'blue last')).toBeLessThanOrEqual(lateness(main, 'blue last'));
      if (needsRelief(before, main)) expect(cleanse).toBe(true);
    });
  }
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

test('what a change by hand costs is the difference of the two orders', () => {
  const goods = [2, 4, 6].map((i) => aCheese(`c${i}`, {}, { intensity: i, persistence: i }));
  const [a, b, c] = goods as [Main, Main, Main];
  expect(changeOf([a, b, c], [b, a, c])).toBeGreaterThan(0);
  expect(changeOf([a, b, c], [a, b, c])).toBe(0);
  const walk = walkFor(goods, ['c4', 'c2', 'c6']);
  expect(walk.cost - walk.best).toBeCloseTo(changeOf([a, b, c], [b, a, c]), 9);
});

test('the parts of a step add up to what it costs, and the steps to the walk', () => {
  fc.assert(
    fc.property(cheeses(2, 7), (goods) => {
      const { steps, cost } = walkFor(goods, null);
      const sum = steps.reduce((total, step) => total + step.cost, 0.5 * steps[0]!.main.sense.intensity);
      expect(sum).toBeCloseTo(cost, 9);
      for (const step of steps.slice(1)) {
        const told = step.reasons.reduce((total, { effect }) => total - effect, 0);
        expect(Math.abs(told - step.cost)).toBeLessThan(0.05 * 8);
      }
    }),
    { numRuns: 30 },
  );
});

test('an order by hand may break what comes late, and says so', () => {
  const goods = [
    aCheese('blue', { texture: 'blue' }, { intensity: 7, persistence: 8 }),
    aCheese('mild', {}, { intensity: 2, persistence: 2 }),
  ];
  expect(walkFor(goods, ['blue', 'mild']).breaksLate).toBe(true);
  expect(walkFor(goods, null).breaksLate).toBe(false);
});

test('a large fall in strength asks for something to clear the palate', () => {
  const goods = [
    aCheese('a', {}, { intensity: 8, persistence: 8 }),
    aCheese('b', {}, { intensity: 2, persistence: 2 }),
  ];
  const { steps } = walkFor(goods, ['a', 'b']);
  expect(steps[1]!.cleanse).toBe(true);
  expect(['falls-back', 'lingers']).toContain(steps[1]!.reasons[0]!.rule);
});

test('beyond the exact limit it still rises, blue last', () => {
  const many = Array.from({ length: EXACT_UP_TO + 1 }, (_, i) =>
    aCheese(`c${i}`, { texture: i === 0 ? 'blue' : 'firm' }, { intensity: i % 9 }),
  );
  const walk = walkFor(many, null);
  expect(walk.exact).toBe(false);
  expect(walk.steps.at(-1)!.main.id).toBe('c0');
});

test('what is pinned stands at its place, and the others cost no more round it than in any other order', () => {
  fc.assert(
    fc.property(cheeses(2, 5), meats(0, 1), fc.infiniteStream(fc.nat()), (c, m, chance) => {
      const goods = [...c, ...m];
      const next = () => (chance.next().value as number) % goods.length;
      const pins = { [goods[next()]!.id]: next() + 1 };
      const [[id, place]] = Object.entries(pins) as [[string, number]];
      const free = (order: readonly Main[]) => order.filter((main) => main.id !== id);
      const found = bestOrder(goods, 'blue last', pins);
      expect(found[place - 1]!.id).toBe(id);
      expect(keepsLate(free(found), 'blue last')).toBe(true);
      const allowed = permutations(goods).filter(
        (order) => order[place - 1]!.id === id && keepsLate(free(order), 'blue last'),
      );
      expect(walkCost(found)).toBeCloseTo(Math.min(...allowed.map(walkCost)), 9);
      const walk = walkFor(goods, null, null, 'blue last', pins);
      expect(walk.steps.filter(({ pinned }) => pinned).map(({ main }) => main.id)).toEqual([id]);
      expect(walk.cost).toBeGreaterThanOrEqual(walk.best - 1e-9 - (walk.breaksLate ? Infinity : 0));
    }),
    { numRuns: 60 },
  );
});

test('a place past the end is the end; of two pins to one place one holds; a whole order by hand stands above them', () => {
  const goods = [2, 4, 6].map((i) => aCheese(`c${i}`, {}, { intensity: i, persistence: i }));
  expect(bestOrder(goods, 'blue last', { c2: 20 }).map(({ id }) => id)).toEqual(['c4', 'c6', 'c2']);
  expect(bestOrder(goods, 'blue last', { c2: 3, c4: 3 }).map(({ id }) => id)).toEqual(['c4', 'c6', 'c2']);
  expect(
    walkFor(goods, ['c6', 'c4', 'c2'], null, 'blue last', { c2: 1 }).steps.map(({ main }) => main.id),
  ).toEqual(['c6', 'c4', 'c2']);
});
