import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { aCheese, aCompanion, cheeses } from '../testing/goods.js';
import type { Main } from '../counter/index.js';
import { needsRelief } from './cost.js';
import { clears, excessOf, leftOver, MOST_LEFT, reliefFor } from './relief.js';

/** Every placement there is: the fewest with the least excess, of those the least that is left over. */
function bruteForce(order: readonly Main[], power: number) {
  let best = { excess: Infinity, many: Infinity, total: Infinity };
  for (let bits = 0; bits < 1 << order.length; bits += 2) {
    const before = order.map((_, i) => (bits & (1 << i)) !== 0);
    if (order.some((main, i) => i > 0 && needsRelief(order[i - 1]!, main) && !before[i])) continue;
    const left = leftOver(order, before, power);
    const one = {
      excess: Math.round(excessOf(order, left) * 1e6) / 1e6,
      many: before.filter(Boolean).length,
      total: left.reduce((a, b) => a + b, 0),
    };
    if (
      one.excess < best.excess ||
      (one.excess === best.excess &&
        (one.many < best.many || (one.many === best.many && one.total < best.total)))
    )
      best = one;
  }
  return best;
}

test('the places are the fewest that keep what is left over low, by trying all, to nine goods', () => {
  fc.assert(
    fc.property(cheeses(1, 9), fc.double({ min: 0.2, max: 0.8, noNaN: true }), (order, power) => {
      const { before, left } = reliefFor(order, power);
      const best = bruteForce(order, power);
      expect(excessOf(order, left)).toBeCloseTo(best.excess, 5);
      expect(before.filter(Boolean).length).toBe(best.many);
      expect(left.reduce((a, b) => a + b, 0)).toBeCloseTo(best.total, 5);
    }),
    { numRuns: 60 },
  );
});

test('as many goods as a board may have are no longer than a blink, whatever clears the palate', () => {
  // Two dozen strong and mild in turn, and nothing but water: every choice of places would be eight million.
  const order = Array.from({ length: 24 }, (_, i) =>
    aCheese(`c${i}`, {}, { intensity: i % 2 ? 6.9 : 2, persistence: 8, salty: 6, fat: 7 }),
  );
  const { before, tooMuch } = reliefFor(order, 0.25);
  expect([before.length, tooMuch.length > 0]).toEqual([24, true]);
});

// Source: common practice, no source: "cleansers between strong steps: after two bites (20 g) of strength 7 and more comes relief".
describe('relief', () => {
  const of = (...strengths: number[]) =>
    strengths.map((x, i) => aCheese(`c${i}`, {}, { intensity: x, persistence: x, salty: 5, fat: 6 }));
  test('comes between two strong ones, and before a mild one after a strong one', () => {
    expect(reliefFor(of(8, 8), 0.7).before).toEqual([false, true]);
    expect(reliefFor(of(8, 2), 0.7).before).toEqual([false, true]);
  });
  test('is not asked for where the walk rises gently', () => {
    expect(reliefFor(of(2, 4, 6), 0.7).before).toEqual([false, false, false]);
  });
  test('where nothing is enough, the step is named', () => {
    const { tooMuch, left, before } = reliefFor(of(9, 1), 0.25);
    expect([tooMuch, before]).toEqual([[1], [false, true]]);
    expect(left[1]!).toBeGreaterThan(MOST_LEFT);
  });
  test('never before the first; nothing on an empty board', () => {
    expect(reliefFor([], 0.5)).toEqual({ before: [], left: [], tooMuch: [] });
    expect(reliefFor(of(9), 0.5).before).toEqual([false]);
  });
});

// Source: common practice, no source: "water-rich sharp fruit (grape, apple, pear, fresh fig) cleans the palate".
test('juicy and sharp clears more than plain bread, and bread more than water', () => {
  const apple = aCompanion('apple', { role: 'fruit', juice: 8 }, { sour: 6 });
  const bread = aCompanion('bread', { role: 'bread', juice: 1 }, { sour: 1 });
  expect(clears(apple)).toBeGreaterThan(clears(bread));
  expect(clears(bread)).toBeGreaterThan(clears(null));
  expect(clears(apple)).toBeLessThanOrEqual(0.8);
});
