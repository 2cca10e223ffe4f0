import { describe, expect, test } from '@jest/globals';
import { demoCounter } from '../testing/goods.js';
import { reference } from '../testing/reference.js';
import {
  ACCEPTED_FIRMNESS,
  fatClassOf,
  fatInDryMatter,
  firmnessOf,
  moistureOnFatFreeBasis,
  sweetnessWords,
} from './classes.js';
import { isCheese } from './kinds.js';

const covered = reference('composition').filter((row) => !row.firmness_expected!.startsWith('not covered'));

// Source: CODEX STAN 283-1978 section 7 for the classes; USDA compositions from memory.
describe.each(covered.map((row) => [row.style!, row] as const))('%s', (_, row) => {
  const composition = { water: Number(row.water), fat: Number(row.fat) };
  test(`is ${row.firmness_expected}`, () => {
    expect(firmnessOf(composition)).toEqual(row.firmness_expected!.split(' + '));
  });
  test(`is ${row.fat_class_expected}`, () => expect(fatClassOf(composition)).toBe(row.fat_class_expected));
});

// Source: firmness.csv and fat-class.csv (CODEX STAN 283-1978): just inside and outside of each band.
test('each firmness band holds from its lower to its upper limit', () => {
  for (const band of reference('firmness')) {
    const at = (mffb: number) => firmnessOf({ water: mffb, fat: 0 }) as string[];
    if (band.mffb_from_pct) expect(at(Number(band.mffb_from_pct) - 0.1)).not.toContain(band.class);
    if (band.mffb_from_pct) expect(at(Number(band.mffb_from_pct) + 0.1)).toContain(band.class);
    if (band.mffb_below_pct) expect(at(Number(band.mffb_below_pct) - 0.1)).toContain(band.class);
    if (band.mffb_below_pct) expect(at(Number(band.mffb_below_pct) + 0.1)).not.toContain(band.class);
  }
});

test('each fat class starts at its limit', () => {
  for (const band of reference('fat-class').filter((b) => b.fdm_from_pct)) {
    const from = Number(band.fdm_from_pct);
    expect(fatClassOf({ water: 0, fat: from })).toBe(band.class);
    expect(fatClassOf({ water: 0, fat: from - 0.01 })).not.toBe(band.class);
  }
});

test('the definitions, by hand: 40 g water and 30 g fat', () => {
  expect(moistureOnFatFreeBasis({ water: 40, fat: 30 })).toBeCloseTo((100 * 40) / 70, 10);
  expect(fatInDryMatter({ water: 40, fat: 30 })).toBe(50);
  expect(() => moistureOnFatFreeBasis({ water: 0, fat: 100 })).toThrow(RangeError);
  expect(() => fatInDryMatter({ water: 100, fat: 0 })).toThrow(RangeError);
});

// Source: texture-families.csv, common practice.
test('the table of families and firmness is the reference one', () => {
  for (const row of reference('texture-families'))
    expect(ACCEPTED_FIRMNESS[row.family as keyof typeof ACCEPTED_FIRMNESS]).toEqual(
      row.accepted_firmness!.split(' + '),
    );
});

test('the demo cheeses are plausible: composition adds up, firmness is near their family', () => {
  for (const cheese of demoCounter().filter(isCheese)) {
    if (!cheese.composition) continue;
    const { water, fat, protein, carbohydrate, ash } = cheese.composition;
    expect({ id: cheese.id, sum: water + fat + protein! + carbohydrate! + ash! <= 101 }).toEqual({
      id: cheese.id,
      sum: true,
    });
    const near = [-2, 0, 2].flatMap((d) => firmnessOf({ water: water + (d * (100 - fat)) / 100, fat }));
    expect({ id: cheese.id, near: near.some((f) => ACCEPTED_FIRMNESS[cheese.texture].includes(f)) }).toEqual({
      id: cheese.id,
      near: true,
    });
  }
});

// Source: Commission Delegated Regulation (EU) 2019/33, Annex III.
describe('words for sweetness', () => {
  test.each(reference('sweetness').filter((row) => row.kind === 'sparkling'))('sparkling $term', (row) => {
    const has = (sugar: number) => sweetnessWords('sparkling', sugar, 6).includes(row.term!);
    const from = Number(row.from_g_per_l);
    expect(has(from)).toBe(row.from_included === 'yes');
    expect(has(from + 0.1)).toBe(true);
    if (from > 0) expect(has(from - 0.1)).toBe(false);
    if (!row.to_g_per_l) return;
    const to = Number(row.to_g_per_l);
    expect(has(to)).toBe(row.to_included === 'yes');
    expect(has(to - 0.1)).toBe(true);
    expect(has(to + 0.1)).toBe(false);
  });
  test.each([
    [4, 3, ['dry']],
    [5, 2.9, ['medium dry']],
    [9, 7, ['dry', 'medium dry']],
    [9, 6.9, ['medium dry']],
    [9.1, 9, ['medium dry']],
    [12, 4, ['medium dry']],
    [17, 7, ['medium dry']],
    [17, 6.9, ['medium sweet']],
    [18.1, 10, ['medium sweet']],
    [45, 6, ['medium sweet', 'sweet']],
    [45.1, 6, ['sweet']],
  ])('still, %p g/l sugar with %p g/l acidity may be %p', (sugar, acidity, words) => {
    expect(sweetnessWords('still', sugar, acidity)).toEqual(words);
  });
});
