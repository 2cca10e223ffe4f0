import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { keepsAll, valueOf, type Instance } from './instance.js';
import { optimise } from './optimise.js';

/** The optimiser on columns of numbers alone, against every set there is. */

/** Every subset of `k` of the items. */
function* subsetsOf(items: readonly number[], k: number): Generator<number[]> {
  if (k === 0) return yield [];
  for (const [i, item] of items.entries())
    for (const rest of subsetsOf(items.slice(i + 1), k - 1)) yield [item, ...rest];
}

const MOST = 4;
/** A concave worth: each further whole good adds no more than the one before it. */
const concave = fc
  .array(fc.integer({ min: -3, max: 9 }), { minLength: MOST, maxLength: MOST })
  .map((steps) => [...steps].sort((a, b) => b - a))
  .map((steps) => steps.reduce<number[]>((worth, step) => [...worth, worth.at(-1)! + step], [0]));

const instances = fc
  .record({
    cheeses: fc.integer({ min: 2, max: 6 }),
    meats: fc.integer({ min: 0, max: 4 }),
    bands: fc.constantFrom(4, 8).chain((many) => fc.array(concave, { minLength: many, maxLength: many })),
    numbers: fc.infiniteStream(fc.integer({ min: 0, max: 99 })),
  })
  .map(({ cheeses, meats, bands, numbers }): Instance => {
    const next = (below: number) => (numbers.next().value as number) % below;
    const n = cheeses + meats;
    // Two bands an item, of which it fills some share; cheeses and meats have none in common.
    const half = Math.floor(bands.length / 2);
    const feat = Int32Array.from({ length: 2 * n }, (_, p) =>
      p >> 1 < cheeses ? (p % 2) + 2 * next(half / 2) : half + (p % 2) + 2 * next((bands.length - half) / 2),
    );
    const cost = Float64Array.from({ length: n }, () => 1 + next(20));
    const want = [1 + next(Math.min(3, cheeses)), meats === 0 ? 0 : next(Math.min(2, meats) + 1)] as const;
    return {
      kindOf: Uint8Array.from({ length: n }, (_, i) => (i < cheeses ? 0 : 1)),
      want,
      own: Float64Array.from({ length: n }, () => next(13) - 4),
      cost,
      purse: next(3) === 0 ? Infinity : 10 + next(50),
      start: Int32Array.from({ length: n + 1 }, (_, i) => 2 * i),
      feat,
      share: Float64Array.from({ length: 2 * n }, () => (1 + next(4)) / 4),
      bands: bands.length,
      worth: Float64Array.from(bands.flat()),
      most: MOST,
      base: next(5),
      ofDial: Uint8Array.from(bands, () => 1),
      locked: next(4) === 0 ? [next(cheeses)] : [],
      groups: next(3) === 0 ? [{ id: 'first', members: [0, 1], lo: next(2), hi: 1 }] : [],
    };
  });

/** The greatest value of any set that is allowed; null: none is. */
function bruteForce(instance: Instance): number | null {
  const ofKind = (kind: number) => [...instance.kindOf.keys()].filter((i) => instance.kindOf[i] === kind);
  let best: number | null = null;
  for (const first of subsetsOf(ofKind(0), instance.want[0]))
    for (const second of subsetsOf(ofKind(1), instance.want[1])) {
      const set = [...first, ...second];
      if (keepsAll(instance, set)) best = Math.max(best ?? -Infinity, valueOf(instance, set));
    }
  return best;
}

describe('the optimiser, against every set', () => {
  test('finds the greatest value, with a set that keeps purse, locks and groups; and proves it', () => {
    fc.assert(
      fc.property(instances, (instance) => {
        const best = bruteForce(instance);
        const found = optimise(instance, { nodeLimit: 50_000 });
        if (best === null) return void expect(found.set).toBeNull();
        expect(found.set).not.toBeNull();
        expect(keepsAll(instance, found.set!)).toBe(true);
        expect(valueOf(instance, found.set!)).toBeCloseTo(best, 6);
        expect(found.value).toBeCloseTo(best, 6);
        expect(found.proven).toBe(true);
      }),
      { numRuns: 300 },
    );
  });
  test('an ended search keeps an allowed set, and says what is open', () => {
    fc.assert(
      fc.property(instances, (instance) => {
        const { set, gap, value } = optimise(instance, { nodeLimit: 1 });
        if (set === null) return;
        expect(keepsAll(instance, set)).toBe(true);
        if (gap !== null) expect(value + gap).toBeGreaterThanOrEqual(bruteForce(instance)! - 1e-6);
      }),
      { numRuns: 100 },
    );
  });
});
