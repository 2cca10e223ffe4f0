import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import * as highsModule from 'highs';
import { setLpOf } from '../testing/setMip.js';
import { bestSets, countBits, kneeOf, type SetPoint, type SetQuestion } from './set.js';

interface Highs {
  solve(program: string, options: Record<string, unknown>): { Status: string; ObjectiveValue: number };
}
/** The package is a CommonJS function; how an import sees it depends on who transforms it. */
const loadHighs = ((highsModule as { default?: unknown }).default ?? highsModule) as () => Promise<Highs>;

/** What a choice is worth, by the words of the question alone. */
function valueOf({ slots, has, perBit }: SetQuestion, chosen: readonly (readonly number[])[]): number {
  let bits = has;
  let value = 0;
  slots.forEach(({ worth, cost, brings }, s) => {
    const own = chosen[s]!;
    if (own.length > 0) for (const row of worth) value += Math.max(...own.map((c) => row[c]!));
    for (const c of own) {
      value -= cost[c]!;
      bits |= brings[c]!;
    }
  });
  return value + perBit * countBits(bits);
}

const setsOf = (n: number, most: number): number[][] =>
  Array.from({ length: 1 << n }, (_, bits) => [...Array(n).keys()].filter((c) => bits & (1 << c))).filter(
    (set) => set.length <= most,
  );

/** Every choice there is. */
function bruteForce(question: SetQuestion): Map<number, number> {
  let choices: number[][][] = [[]];
  for (const { cost, least, most, oneOf } of question.slots) {
    const sets = setsOf(cost.length, most).filter(
      (set) =>
        set.length >= least && oneOf.every((group) => group.size === 0 || set.some((c) => group.has(c))),
    );
    choices = choices.flatMap((before) => sets.map((set) => [...before, set]));
  }
  const best = new Map<number, number>();
  for (const choice of choices) {
    const kinds = choice.flat().length;
    best.set(kinds, Math.max(best.get(kinds) ?? -Infinity, valueOf(question, choice)));
  }
  return best;
}

const slot = (goods: number, least: number) =>
  fc.integer({ min: 2, max: 5 }).chain((n) =>
    fc.record({
      worth: fc.array(
        fc
          .array(fc.integer({ min: -40, max: 90 }), { minLength: n, maxLength: n })
          .map((row) => Float64Array.from(row, (x) => x / 10)),
        { minLength: goods, maxLength: goods },
      ),
      cost: fc
        .array(fc.integer({ min: 0, max: 60 }), { minLength: n, maxLength: n })
        .map((all) => all.map((x) => x / 10)),
      brings: fc.array(fc.integer({ min: 0, max: 7 }), { minLength: n, maxLength: n }),
      least: fc.constant(least),
      most: fc.constant(Math.min(n, 2)),
      oneOf: fc
        .array(fc.integer({ min: 0, max: n - 1 }), { maxLength: 2 })
        .map((group) => [new Set(group)] as readonly ReadonlySet<number>[]),
    }),
  );
const questions = fc.integer({ min: 1, max: 4 }).chain((goods) =>
  fc.record({
    slots: fc.array(slot(goods, 1), { minLength: 1, maxLength: 3 }),
    has: fc.integer({ min: 0, max: 7 }),
    perBit: fc.constant(1),
  }),
);

test('the best of every number is that of trying every choice, and is worth what it says', () => {
  fc.assert(
    fc.property(questions, (question) => {
      const { curve, gap } = bestSets(question, 1e6);
      const all = bruteForce(question);
      expect(gap).toBe(0);
      expect(curve.map(({ kinds }) => kinds)).toEqual([...all.keys()].sort((a, b) => a - b));
      for (const { kinds, value, chosen } of curve) {
        expect(value).toBeCloseTo(all.get(kinds)!, 9);
        expect(valueOf(question, chosen)).toBeCloseTo(value, 9);
      }
    }),
    { numRuns: 400 },
  );
});

test('two that each clash with one good may serve both best together', () => {
  const question: SetQuestion = {
    slots: [
      {
        worth: [Float64Array.from([5, 5, 10, -9]), Float64Array.from([5, 5, -9, 10])],
        cost: [0, 0, 0, 0],
        brings: [0, 0, 0, 0],
        least: 1,
        most: 2,
        oneOf: [],
      },
    ],
    has: 0,
    perBit: 0,
  };
  const [, two] = bestSets(question, 1e6).curve;
  expect([two!.value, two!.chosen[0]]).toEqual([20, [2, 3]]);
});

test('cut short, it never says more than there is, and says what it may have missed', () => {
  fc.assert(
    fc.property(questions, (question) => {
      const { curve, gap } = bestSets(question, 3);
      const all = bruteForce(question);
      const most = Math.max(...all.values());
      for (const { kinds, value } of curve) expect(value).toBeLessThanOrEqual(all.get(kinds)! + 1e-9);
      if (gap === 0 && curve.length > 0)
        expect(Math.max(...curve.map(({ value }) => value))).toBeCloseTo(most, 9);
    }),
    { numRuns: 100 },
  );
});

/** A seeded question about as large as a board's: seven goods, six slots. */
function seededQuestion(seed: number): SetQuestion {
  let state = seed * 2654435761;
  const random = () => {
    state = (Math.imul(state ^ (state >>> 15), 2246822507) + 0x9e3779b9) | 0;
    return (state >>> 0) / 2 ** 32;
  };
  const goods = 4 + (seed % 4);
  const slots = [14, 8, 7, 6].map((n, s) => ({
    worth: Array.from({ length: goods }, () =>
      Float64Array.from({ length: n }, () => Math.round(random() * 120 - 30) / 10),
    ),
    cost: Array.from({ length: n }, () => Math.round(random() * 40) / 10),
    brings: Array.from({ length: n }, () => Math.floor(random() * 64)),
    least: 1,
    most: s === 0 ? 3 : 2,
    oneOf: s === 3 ? [new Set([1, 2]), new Set([3])] : [],
  }));
  return { slots, has: seed % 8, perBit: 1 };
}

// Source: HiGHS 1.15 (npm highs), a general-purpose exact mixed-integer solver, on the same question as a program.
test('the best set is that of an independent exact solver, on thirty seeded counters', async () => {
  const highs = await loadHighs();
  for (let seed = 1; seed <= 30; seed++) {
    const question = seededQuestion(seed);
    const { curve, gap } = bestSets(question, 1e6);
    expect([seed, gap]).toEqual([seed, 0]);
    const point = curve[seed % curve.length]!;
    const theirs = highs.solve(setLpOf(question, point.kinds), { mip_rel_gap: 0, mip_abs_gap: 0 });
    expect([seed, theirs.Status]).toEqual([seed, 'Optimal']);
    expect(Math.abs(theirs.ObjectiveValue + countBits(question.has) - point.value)).toBeLessThan(1e-6);
  }
});

describe('the knee', () => {
  const points = (values: readonly number[]): SetPoint[] =>
    values.map((value, i) => ({ kinds: i + 3, value, chosen: [] }));
  test.each([
    ['where the curve turns flat', [0, 10, 18, 19, 19.5, 20], 5],
    ['the best, where it bends nowhere', [0, 5, 10, 15], 6],
    ['the best, where more is worse', [10, 9, 8], 3],
    ['before the best, never behind it', [0, 8, 10, 4, 1], 4],
  ])('%s', (_, values, kinds) => {
    expect(kneeOf(points(values))!.kinds).toBe(kinds);
  });
  test('of nothing is nothing', () => {
    expect(kneeOf([])).toBeNull();
  });
});
