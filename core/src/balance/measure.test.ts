import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { Brief } from '../brief/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, cheeses, meats, subsets } from '../testing/goods.js';
import { axesOf, tiles } from './axes.js';
import { bestFill, DECAY, fillValue } from './fill.js';
import { measure } from './measure.js';
import { below, bestRaw, ladder, partsOf } from './parts.js';
import { linearAt } from '../units/index.js';
import { effectOf } from './why.js';

const brief = aBrief({ season: false, schools: { cover: 'free', aim: 'balance', company: 'free' } });

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
        for (const axis of axesOf(main.kind, brief))
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

describe('the rise', () => {
  const strengths = (...all: number[]) => all.map((intensity, i) => aCheese(`c${i}`, {}, { intensity }));
  const rise = (...all: number[]) => measure(strengths(...all), brief).rise;
  test('is 0 on the ladder itself, falls with the distance from it, and needs three cheeses', () => {
    const rungs = ladder(brief, 4);
    expect(rise(...rungs)).toBeGreaterThan(-0.8);
    expect(rise(2, 2, 2, 2)).toBeLessThan(rise(2, 3, 5, 7));
    expect(rise(5, 5)).toBe(0);
  });
  // Source: the earth mover's distance on a line is the area between the two cumulative counts (Vallender 1974).
  test('is the earth mover’s distance to the ladder, where strengths and rungs lie on the thresholds', () => {
    const even = Brief.parse({ ...brief, adventurous: 5 });
    const rungs = ladder(even, 8);
    expect(rungs).toEqual([2, 3, 4, 5, 6, 7, 8, 9]);
    const whole = fc.array(fc.integer({ min: 0, max: 10 }), { minLength: 8, maxLength: 8 });
    fc.assert(
      fc.property(whole, (all) => {
        const moved = [...all].sort((a, b) => a - b).reduce((sum, s, i) => sum + Math.abs(s - rungs[i]!), 0);
        const part = partsOf('cheese', even, 8).find((p) => p.of === 'rise')!;
        const points = part.always.reduce(
          (sum, t) =>
            sum +
            linearAt(
              part.worths(t),
              0,
              part.worths(t).length - 1,
              all.reduce((n, s) => n + below(Number(t), s), 0),
            ),
          0,
        );
        expect(points).toBeCloseTo(-0.4 * moved, 9);
      }),
    );
  });
});

describe('sameness', () => {
  test('is never above 0, and every part is concave in the count', () => {
    fc.assert(
      fc.property(cheeses(2, 7), (c) => {
        expect(measure(c, brief).sameness).toBeLessThanOrEqual(0);
        for (const part of partsOf('cheese', brief, c.length))
          for (const main of c)
            for (const band of [...part.always, ...Object.keys(part.membership(main))]) {
              const w = part.worths(band);
              for (let k = 2; k < w.length; k++)
                expect(w[k]! - w[k - 1]!).toBeLessThanOrEqual(w[k - 1]! - w[k - 2]! + 1e-9);
            }
      }),
      { numRuns: 30 },
    );
  });
  test('two alike, all pale and all strong are named', () => {
    const rules = (c: ReturnType<typeof aCheese>[]) => measure(c, brief).remarks.map((r) => r.rule);
    expect(rules([aCheese('a'), aCheese('b')])).toContain('two-alike');
    const pale = ['fresh', 'soft', 'bloomy'].map((texture, i) =>
      aCheese(`p${i}`, { texture, colours: ['#fbf8ef'] }, { intensity: 1 + 2 * i }),
    );
    expect(rules(pale)).toContain('pale');
    const strong = ['washed', 'hard', 'blue'].map((texture, i) =>
      aCheese(`s${i}`, { texture, colours: ['#d9933d'] }, { intensity: 7.5 + i }),
    );
    expect(rules(strong)).toContain('strong-with-no-relief');
  });
});

// The law of the measure: on one axis, with equal wants and all else equal, what fills a new band adds no less.
test('a new band never adds less than a second good in a filled one', () => {
  const families = fc.uniqueArray(
    fc.constantFrom('fresh', 'soft', 'bloomy', 'semi-soft', 'firm', 'hard', 'very hard'),
    { minLength: 2, maxLength: 7 },
  );
  fc.assert(
    fc.property(families, fc.integer({ min: 1, max: 5 }), ([fresh, ...filled], size) => {
      const base = filled.slice(0, size).map((texture, i) => aCheese(`b${i}`, { texture }));
      const texture = (c: typeof base) => measure(c, brief).axes.find((a) => a.id === 'texture')!.raw;
      const add = (id: string, family: string) =>
        texture([...base, aCheese(id, { texture: family })]) - texture(base);
      for (const old of filled.slice(0, size))
        expect(add('n', fresh!)).toBeGreaterThanOrEqual(add('n', old) - 1e-9);
    }),
  );
});

test('a held axis changes nothing: another milk in a one-milk board is worth the same', () => {
  const held = Brief.parse({ ...brief, theme: { holds: 'milk', is: 'goat' } });
  fc.assert(
    fc.property(cheeses(3, 6), fc.constantFrom('cow', 'sheep', 'goat', 'buffalo'), (c, animal) => {
      const turned = c.map((cheese) => ({ ...cheese, milk: [{ animal, share: 1 }] }) as typeof cheese);
      const a = measure(c, held);
      const b = measure(turned, held);
      expect(b.value).toBeCloseTo(a.value, 9);
      expect(a.axes.find((axis) => axis.id === 'milk' && axis.kind === 'cheese')).toMatchObject({
        held: true,
        best: 0,
      });
    }),
  );
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
