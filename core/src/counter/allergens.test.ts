import { expect, test } from '@jest/globals';
import { reference } from '../testing/reference.js';
import { ALLERGENS, allergensByState, allergenState } from '../lexicon/index.js';
import { AllergenStatement } from './allergenStatement.js';

// Source: Regulation (EU) 1169/2011 Annex II; US FALCPA and FASTER Act.
test('the vocabulary is that of the published lists, with who requires each', () => {
  const ours = ALLERGENS.map((a) => ({ label: a.id, eu: a.eu, us: a.us }));
  const published = reference('allergens').map((row) => ({
    label: row.allergen!.toLowerCase().replace(/ \(khorasan\)| over .*/, ''),
    eu: row.eu_annex_ii === 'yes',
    us: row.us_major === 'yes',
  }));
  expect(ours).toEqual(published);
});

test('what nobody stated is unknown, and the stricter word wins', () => {
  expect(allergenState(AllergenStatement.parse({}), 'milk')).toBe('unknown');
  const twice = AllergenStatement.parse({
    contains: ['milk'],
    mayContain: ['milk', 'eggs'],
    free: ['eggs'],
    rest: 'free',
  });
  expect(allergenState(twice, 'milk')).toBe('contains');
  expect(allergenState(twice, 'eggs')).toBe('may contain');
  expect(allergenState(twice, 'fish')).toBe('free');
});

test('every allergen has one state', () => {
  const states = allergensByState(
    AllergenStatement.parse({ contains: ['milk'], unknown: ['celery'], rest: 'free' }),
  );
  expect(Object.values(states).flat().sort()).toEqual(ALLERGENS.map((a) => a.id).sort());
  expect(states.unknown).toEqual(['celery']);
});
