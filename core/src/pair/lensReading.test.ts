import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { limitRow } from '../testing/guests.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, aCompanion, aMeat, demoCounter } from '../testing/goods.js';
import { carries, LENSES, TAGS, tagsOf, type Tag } from '../sense/index.js';
import { readLenses } from './lensReading.js';

const counter = demoCounter();
const brief = aBrief();

describe('tags', () => {
  // Source: common practice, no source, "double duty counts once in each (a seed cracker is bready and crunchy)".
  test('double duty counts in each', () => {
    const cracker = aCompanion('seed-cracker', { role: 'cracker', crunch: 8, juice: 0 });
    expect(tagsOf(cracker)).toEqual(expect.arrayContaining(['bready', 'crunchy', 'crisp']));
  });
  test('every tag is carried by something on the demo counter', () => {
    for (const tag of Object.keys(TAGS) as Tag[])
      expect({ tag, n: counter.filter((good) => carries(good, tag)).length > 0 }).toEqual({ tag, n: true });
  });
  test('every lens is made of tags, none twice', () => {
    for (const lens of LENSES) expect(new Set(lens.tags).size).toBe(lens.tags.length);
  });
});

describe('reading a board through a lens', () => {
  const reading = (goods: Parameters<typeof readLenses>[0], id: string, more = brief) =>
    readLenses(goods, counter, more).find((r) => r.lens.id === id)!;
  test('an empty board misses everything, and each thing has a fix where the counter has one', () => {
    const { tags, missing } = reading([], 'elements');
    expect(missing).toBe(8);
    // Cheese and meat are picked, not added beside.
    expect(tags.filter((t) => t.fix === null).map((t) => t.tag)).toEqual(['cheese', 'meat']);
  });
  test('a fix carries its tag, is the cheapest that does, and is allowed', () => {
    const gluten = aBrief({ limits: [{ ...limitRow('allergen:gluten'), reach: 'board' }] });
    const subset = fc.subarray(counter.filter((g) => g.kind === 'cheese' || g.kind === 'meat').slice(0, 20));
    fc.assert(
      fc.property(subset, (goods) => {
        for (const { tags } of readLenses(goods, counter, gluten))
          for (const { tag, goods: with_, fix } of tags) {
            expect(with_).toEqual(goods.filter((good) => carries(good, tag)));
            if (with_.length > 0) expect(fix).toBeNull();
            if (!fix) continue;
            expect(carries(fix.good, tag)).toBe(true);
            expect(fix.good.allergens.contains).not.toContain('wheat');
            for (const other of fix.alsoBrings) expect(carries(fix.good, other)).toBe(true);
          }
      }),
      { numRuns: 25 },
    );
  });
  test('once the fix is added nothing is missing any more', () => {
    const board = [aCheese('c'), aMeat('m')];
    const first = reading(board, 'mouthfeels').tags.find((t) => t.fix)!;
    const after = reading([...board, first.fix!.good], 'mouthfeels');
    expect(after.tags.find((t) => t.tag === first.tag)).toMatchObject({ fix: null });
    expect(after.missing).toBeLessThan(reading(board, 'mouthfeels').missing);
  });
});
