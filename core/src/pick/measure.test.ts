import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { aBrief, aCheese, cheeses, meats, subsets } from '../testing/goods.js';
import { axesOf, tiles } from './axes.js';
import { bestFill, DECAY, fillValue } from './fill.js';
import { bestRaw, measure } from './measure.js';
import { riseOf, samenessOf } from './terms.js';
import { effectOf } from './why.js';

const brief = aBrief();

describe('the value of a band', () => {
  test('is 0 empty, 1 with one good, and each further good is worth 0.4 of the one before', () => {
    expect([0, 0.5, 1, 2, 3].map(fillValue)).toEqual([0, 0.5, 1, 1 + DECAY, 1 + DECAY + DECAY ** 2]);
  });
  test('is concave and rising', () => {
    const x = fc.double({ min: 0, max: 6, noNaN: true });
    fc.assert(
      fc.property(x, x, (a, b) => {
        expect(fillValue((a + b) / 2)).toBeGreaterThanOrEqual((fillValue(a) + fillValue(b)) / 2 - 1e-12);
        if (a < b) expect(fillValue(a)).toBeLessThanOrEqual(fillValue(b));
      }),
    );
  });
  test('a new band never adds less than a second good in a filled one', () => {
    expect(fillValue(1) - fillValue(0)).toBeGreaterThanOrEqual(fillValue(2) - fillValue(1));
  });
  test('the best filling is that of brute force over all ways to lay n goods', () => {
    const wants = fc.array(fc.double({ min: 0.1, max: 3, noNaN: true }), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(wants, fc.integer({ min: 0, max: 4 }), (w, n) => {
        const lay = (left: number, band: number): number =>
          band === w.length
            ? 0
            : Math.max(
                ...[...Array(left + 1).keys()].map((k) => w[band]! * fillValue(k) + lay(left - k, band + 1)),
              );
        expect(bestFill(w, n)).toBeCloseTo(lay(n, 0), 9);
      }),
    );
  });
});

test('tiles hold a whole membership, shared between neighbours', () => {
  const centres = [
    ['a', 2],
    ['b', 4],
    ['c', 8],
  ] as const;
  fc.assert(
    fc.property(fc.double({ min: 0, max: 10, noNaN: true }), (x) => {
      const shares = Object.values(tiles(centres, x));
      expect(shares.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 12);
      expect(shares.every((s) => s >= 0)).toBe(true);
    }),
  );
  expect(tiles(centres, 3)).toEqual({ a: 0.5, b: 0.5 });
  expect(tiles(centres, 99)).toEqual({ c: 1 });
});

test('the order of the goods never matters', () => {
  fc.assert(
    fc.property(cheeses(1, 8), meats(0, 3), (c, m) => {
      const goods = [...c, ...m];
      expect(measure([...goods].reverse(), brief)).toEqual(measure(goods, brief));
    }),
  );
});

test('raw balance only grows as goods are added, and the dial stays between 0 and 100', () => {
  fc.assert(
    fc.property(cheeses(2, 8), meats(0, 3), (c, m) => {
      const all = measure([...c, ...m], brief);
      expect(all.raw).toBeGreaterThanOrEqual(measure([...c.slice(1), ...m], brief).raw - 1e-9);
      expect(all.dial).toBeGreaterThanOrEqual(0);
      expect(all.dial).toBeLessThanOrEqual(100 + 1e-9);
    }),
  );
});

test('an empty selection reads 0', () =>
  expect(measure([], brief)).toMatchObject({ raw: 0, dial: 0, value: 0 }));

test('every membership on an axis is at most whole', () => {
  fc.assert(
    fc.property(cheeses(1, 1), meats(1, 1), ([c], [m]) => {
      for (const main of [c!, m!])
        for (const axis of axesOf(main.kind))
          expect(Object.values(axis.membership(main, brief)).reduce((a, b) => a + b, 0)).toBeLessThanOrEqual(
            1 + 1e-9,
          );
    }),
  );
});

test('no choice of goods beats the best raw value for its count', () => {
  fc.assert(
    fc.property(cheeses(4, 7), (c) => {
      for (const set of subsets(c, 3))
        expect(measure(set, brief).raw).toBeLessThanOrEqual(bestRaw('cheese', brief, 3) + 1e-9);
    }),
    { numRuns: 30 },
  );
});

test('the rise is best when even, and never under -3', () => {
  expect(riseOf([2, 4, 6])).toBe(0);
  expect(riseOf([2, 2, 6])).toBeLessThan(0);
  expect(riseOf([1, 1, 10])).toBe(-3);
  expect(riseOf([5, 5])).toBe(0);
});

test('sameness is never above 0 and does not mind which comes first', () => {
  fc.assert(
    fc.property(cheeses(2, 2), ([a, b]) => {
      const effects = samenessOf(a!, b!).map((r) => r.effect);
      expect(effects.every((e) => e < 0)).toBe(true);
      expect(samenessOf(b!, a!).map((r) => r.effect)).toEqual(effects);
    }),
  );
  expect(samenessOf(aCheese('a'), aCheese('b'))[0]?.rule).toBe('two alike');
});

test('the parts of an effect add up to what the exchange changes', () => {
  fc.assert(
    fc.property(cheeses(5, 8), meats(1, 2), (c, m) => {
      const [rival, ...rest] = c;
      const selection = [...rest, ...m];
      const { parts, total } = effectOf(rest[0]!, selection, rival!, brief);
      const swapped = [...selection.slice(1), rival!];
      expect(parts.reduce((sum, p) => sum + p.effect, 0)).toBeCloseTo(total, 9);
      expect(total).toBeCloseTo(measure(selection, brief).value - measure(swapped, brief).value, 9);
    }),
  );
});
