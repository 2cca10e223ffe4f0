import { describe, expect, test } from '@jest/globals';
import { aCheese, aCompanion, aMeat } from '../testing/goods.js';
import { composition, textureFamilies } from '../testing/reference.js';
import { familyCheck } from './classes.js';
import { allergenOf, allergensOf, contentsOf, contradictions, insideOf } from './ingredients.js';
import type { Texture } from './words.js';

const withInside = (ingredients: string[], rest = 'free') =>
  aMeat('m', {
    contents: { casing: 'none', gelatine: 'none', blood: 'no', alcohol: 'no', honey: 'no', ingredients },
    allergens: { rest },
  });

describe('what hides inside', () => {
  // Source: the column "often_in" of allergens.csv; Regulation (EU) 1169/2011 Annex II for the allergens.
  test.each([
    [['pork', 'salt', 'skimmed milk powder'], 'milk'],
    [['pork', 'pistachios 4 %'], 'pistachio'],
    [['milk', 'lysozyme (from egg white)'], 'eggs'],
    [['chocolate', 'soya lecithin'], 'soybeans'],
    [['malt extract'], 'barley'],
    [['mustard seeds'], 'mustard'],
    [['preservative: E223'], 'sulphites'],
  ] as const)('%j contains %s, though it was declared free', (ingredients, id) => {
    const good = withInside([...ingredients]);
    expect(allergenOf(good, id)).toBe('contains');
    expect(contradictions(good, insideOf(good))).toContain(id);
  });
  test('wine may bring sulphites and is alcohol; yeast extract may bring wheat', () => {
    const washed = withInside(['pork', 'red wine']);
    expect(allergenOf(washed, 'sulphites')).toBe('may contain');
    expect(contentsOf(washed).alcohol).toBe('yes');
    expect(allergenOf(withInside(['yeast extract']), 'wheat')).toBe('may contain');
  });
  test('coconut milk, cocoa butter and rice flour are not what they sound like', () => {
    const good = withInside(['coconut milk', 'cocoa butter', 'rice flour', 'nutmeg']);
    expect(allergensOf(good).contains).toEqual([]);
  });
  test('every cheese and butter is milk, whatever the statement says', () => {
    expect(allergenOf(aCheese('c', { allergens: { rest: 'free' } }), 'milk')).toBe('contains');
    expect(allergenOf(aCompanion('b', { role: 'butter' }), 'milk')).toBe('contains');
  });
  test('a word never makes anything free: unknown stays unknown', () => {
    expect(allergenOf(withInside(['pork', 'salt'], 'unknown'), 'milk')).toBe('unknown');
  });
  test('animal rennet and gelatine are found by their words', () => {
    const inside = (ingredients: string[]) => contentsOf(aCheese('c', { contents: { ingredients } }));
    expect(inside(['milk', 'calf rennet']).rennet).toBe('animal');
    expect(inside(['milk', 'gelatine'])).toMatchObject({ gelatine: 'pork', meat: 'yes' });
  });
});

// Sources: CODEX STAN 283-1978 for firmness; texture-families.csv for what a family may show and the tolerance.
describe('family and published firmness side by side', () => {
  test('the tolerance and the accepted bands are those of the reference', () => {
    for (const { family, tolerance } of textureFamilies()) {
      expect(tolerance).toBe(2);
      // Pure dry and pure wet: one of them is outside for every family.
      const outside = [10, 95].map(
        (water) =>
          familyCheck(family as Texture, { water, fat: 0, protein: null, carbohydrate: null, ash: null })!
            .unusual,
      );
      expect(outside).toContain(true);
    }
  });
  test('a style is never unusual for the family that it belongs to', () => {
    const family: Record<string, Texture> = {
      'grana (extra-hard cow)': 'very hard',
      'cheddar-style': 'hard',
      'gouda-style': 'firm',
      'brie-style': 'bloomy',
      'camembert-style': 'bloomy',
      'limburger-style': 'washed',
      'blue cow': 'blue',
      'soft goat': 'soft',
      'port-salut-style': 'semi-soft',
      'alpine (cooked firm cow)': 'hard',
    };
    for (const row of composition().filter((r) => family[r.style]))
      expect({
        style: row.style,
        unusual: familyCheck(family[row.style]!, {
          water: row.water,
          fat: row.fat,
          protein: null,
          carbohydrate: null,
          ash: null,
        })!.unusual,
      }).toEqual({ style: row.style, unusual: false });
  });
  test('a grana called fresh is pointed out, with how far it is outside', () => {
    const check = familyCheck('fresh', {
      water: 29.16,
      fat: 25.83,
      protein: null,
      carbohydrate: null,
      ash: null,
    })!;
    expect(check).toMatchObject({ unusual: true, firmness: ['extra hard'] });
    expect(check.outside).toBeCloseTo(67 - (100 * 29.16) / (100 - 25.83), 6);
  });
  test('unknown composition is no complaint', () => expect(familyCheck('firm', null)).toBeNull());
});
