import { describe, expect, test } from '@jest/globals';
import { ALLERGENS, type Good } from '../counter/index.js';
import { aCheese, aCompanion, aDrink, aMeat, demoCounter } from '../testing/goods.js';
import { LIMITS } from './limitRules.js';
import { fitsLimit } from './limits.js';
import { newLimit } from './persons.js';

const fits = (good: Good, what: string, more = {}) => fitsLimit(good, { ...newLimit(what), ...more }).fits;
const contents = {
  rennet: 'microbial',
  casing: 'none',
  gelatine: 'none',
  blood: 'no',
  alcohol: 'no',
  honey: 'no',
};

// Facts of the trade: common practice, no source; allergy law: Regulation (EU) 1169/2011.
describe('milk', () => {
  const goat = aCheese('goat', { milk: [{ animal: 'goat', share: 1 }] });
  const blend = aCheese('blend', {
    milk: [
      { animal: 'goat', share: 0.95 },
      { animal: 'cow', share: 0.05 },
    ],
  });
  test('an allergy bars the milk of every animal', () => {
    for (const good of demoCounter())
      if (good.kind === 'cheese') expect(fits(good, 'allergen:milk')).toBe('no');
  });
  test("avoiding cow's milk leaves goat, and any share of cow counts", () => {
    expect(fits(goat, 'milk:cow')).toBe('yes');
    expect(fits(blend, 'milk:cow')).toBe('no');
    expect(fits(blend, 'milk:goat')).toBe('no');
    expect(fits(goat, 'milk:sheep')).toBe('yes');
  });
  test('milk powder in a salami is milk', () => {
    expect(fits(aMeat('s', { allergens: { contains: ['milk'], rest: 'free' } }), 'allergen:milk')).toBe('no');
  });
  test('lactose goes by ripening, not by animal', () => {
    expect(fits(aCheese('old', { ageDays: 300, texture: 'hard' }), 'diet:lactose')).toBe('yes');
    expect(
      fits(aCheese('young', { texture: 'fresh', milk: [{ animal: 'goat', share: 1 }] }), 'diet:lactose'),
    ).toBe('no');
    expect(fits(aCheese('mid', { ageDays: 30 }), 'diet:lactose')).toBe('unknown');
  });
});

describe('unknown never passes', () => {
  const blank = { allergens: {}, contents: {} };
  test.each(ALLERGENS.map((a) => a.id).filter((id) => LIMITS.some((l) => l.id === `allergen:${id}`)))(
    'allergen %s',
    (id) => {
      for (const good of [aCheese('c', blank), aMeat('m', blank), aCompanion('k', blank)])
        expect(fits(good, `allergen:${id}`)).not.toBe('yes');
    },
  );
  test.each(['vegetarian', 'vegan', 'no pork', 'halal', 'kosher', 'no alcohol'])('diet %s', (id) => {
    for (const good of [aCheese('c', blank), aMeat('m', blank), aCompanion('k', blank)])
      expect(fits(good, `diet:${id}`)).not.toBe('yes');
  });
});

test('"may contain" stops an allergy and not a dislike', () => {
  const nuts = aCompanion('n', { allergens: { mayContain: ['almond'], rest: 'free' } });
  expect(fits(nuts, 'allergen:tree nuts')).toBe('no');
  expect(fits(nuts, 'allergen:tree nuts', { severity: 'dislike' })).toBe('yes');
});

describe('diets look inside', () => {
  test.each([
    ['vegetarian', aCheese('c', { contents: { ...contents, rennet: 'animal' } }), 'no'],
    ['vegetarian', aCheese('c', { contents: { ...contents, rennet: 'thistle' } }), 'yes'],
    ['vegetarian', aCompanion('k', { contents: { ...contents, gelatine: 'pork' } }), 'no'],
    [
      'no pork',
      aMeat('m', { animals: [{ animal: 'beef', share: 1 }], contents: { ...contents, casing: 'pork' } }),
      'no',
    ],
    [
      'no pork',
      aMeat('m', {
        animals: [
          { animal: 'beef', share: 0.9 },
          { animal: 'pork', share: 0.1 },
        ],
      }),
      'no',
    ],
    // A sausage of which nobody wrote down what is in it may hold pork fat.
    ['no pork', aMeat('m', { animals: [{ animal: 'beef', share: 1 }] }), 'unknown'],
    [
      'no pork',
      aMeat('m', {
        animals: [{ animal: 'beef', share: 1 }],
        contents: { ...contents, ingredients: ['beef', 'salt'] },
      }),
      'yes',
    ],
    [
      'no pork',
      aMeat('m', {
        animals: [{ animal: 'beef', share: 1 }],
        contents: { ...contents, ingredients: ['beef', 'pork fat', 'salt'] },
      }),
      'no',
    ],
    ['no pork', aCheese('c', { contents: { ...contents, ingredients: ['milk', 'salt', 'lard'] } }), 'no'],
    ['no pork', aCompanion('bacon-jam', { role: 'preserve', name: 'Bacon Jam' }), 'unknown'],
    ['halal', aCompanion('k', { contents: { ...contents, ingredients: ['onion', 'duck fat'] } }), 'unknown'],
    ['halal', aMeat('m', { animals: [{ animal: 'beef', share: 1 }] }), 'unknown'],
    [
      'halal',
      aMeat('m', {
        animals: [{ animal: 'beef', share: 1 }],
        contents: { ...contents, certificates: ['halal'], ingredients: ['beef', 'salt'] },
      }),
      'yes',
    ],
    ['halal', aCheese('c', { contents: { ...contents, alcohol: 'yes' } }), 'no'],
    ['kosher', aCheese('c'), 'unknown'],
    ['no alcohol', aCheese('c', { contents: { ...contents, alcohol: 'yes' } }), 'no'],
    // US 27 CFR 7.65: non-alcoholic is below 0.5 % by volume.
    ['no alcohol', aDrink('d', { abv: 0.5 }), 'yes'],
    ['no alcohol', aDrink('d', { abv: 0.51 }), 'no'],
    ['vegan', aCompanion('h', { contents: { ...contents, honey: 'yes' } }), 'no'],
  ] as const)('%s: %#', (diet, good, expected) => expect(fits(good, `diet:${diet}`)).toBe(expected));
});

// Source: public-health advice on listeria, from memory; the strict side.
describe('guests at risk', () => {
  test.each([
    [aCheese('c', { texture: 'bloomy' }), 'no'],
    [aCheese('c', { texture: 'blue' }), 'no'],
    [aCheese('c', { texture: 'washed' }), 'no'],
    [aCheese('c', { treatment: 'raw' }), 'no'],
    [aCheese('c', { treatment: 'unknown' }), 'unknown'],
    [aCheese('c', { texture: 'hard' }), 'yes'],
    [aMeat('m'), 'no'],
  ] as const)('pregnancy: %#', (good, expected) => expect(fits(good, 'risk:pregnant')).toBe(expected));
  test('MAO-inhibitor medicine: aged cheese and fermented sausage are out', () => {
    expect(fits(aCheese('c', { ageDays: 300 }), 'risk:maoi')).toBe('no');
    expect(fits(aMeat('m'), 'risk:maoi')).toBe('no');
  });
});

// Source: common practice, no source, "hidden contents": allergens and diets look inside.
test('what is inside is no vegetarian’s, no teetotaller’s and no milk allergic’s, whatever is declared', () => {
  const safe = { rennet: 'none', casing: 'none', gelatine: 'none', blood: 'no', alcohol: 'no', honey: 'no' };
  const meat = (ingredients: string[]) => aMeat('m', { contents: { ...safe, ingredients } });
  expect(fitsLimit(meat(['pork', 'red wine']), newLimit('diet:no alcohol')).fits).toBe('no');
  expect(fitsLimit(meat(['pork', 'milk powder']), newLimit('allergen:milk')).fits).toBe('no');
  const set = aCheese('c', { contents: { ...safe, ingredients: ['milk', 'gelatine'] } });
  expect(fitsLimit(set, newLimit('diet:vegetarian')).fits).toBe('no');
});

test('a milk that is only guessed passes nobody’s limit', () => {
  const guess = aCheese('c', { from: { animal: 'not known' }, milk: [{ animal: 'sheep', share: 1 }] });
  expect(fitsLimit(guess, newLimit('milk:goat')).fits).toBe('unknown');
});
