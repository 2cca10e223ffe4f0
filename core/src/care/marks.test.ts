import { describe, expect, test } from '@jest/globals';
import type { Good } from '../counter/index.js';
import { aCheese, aCompanion, aDrink, aMeat } from '../testing/goods.js';
import { aGuest } from '../testing/guests.js';
import type { TableGuests } from './gate.js';
import { eldersRow, marksOf } from './marks.js';
import type { Severity } from './fit.js';
import { limitsOf, type Person } from './persons.js';

/** What a card says of a good to the guests of a table. */

const company = (persons: readonly Person[], more: Partial<TableGuests> = {}): TableGuests => ({
  limits: limitsOf(persons),
  infants: 0,
  under5: 0,
  country: '',
  steamed: [],
  ...more,
});
const marked = (
  good: Good,
  what: string | readonly string[],
  reach: 'board' | 'own plate' | 'card' = 'own plate',
) => marksOf(good, company([aGuest(what, reach)])).limits.map((mark) => `${mark.what} ${mark.fit.fits}`);
const known = { contains: ['milk'], mayContain: [], free: [], unknown: [], rest: 'free', said: [] };
const pasteurised = { treatment: 'pasteurised', allergens: known };

describe('every limit of the table, however far it reaches', () => {
  // Source: public-health advice on food in pregnancy, from memory (care/riskRows.ts).
  test.each([
    ['raw milk', aCheese('a', { treatment: 'raw' }), 'risk:pregnant', 'no'],
    ['animal rennet', aCheese('a', { contents: { rennet: 'animal' } }), 'diet:vegetarian', 'no'],
    ['rennet not told', aCheese('a', { contents: { rennet: 'unknown' } }), 'diet:vegetarian', 'unknown'],
    ['pork', aMeat('m'), 'diet:no pork', 'no'],
    ['wine', aDrink('d'), 'risk:pregnant', 'no'],
    [
      'nuts',
      aCompanion('n', { allergens: { ...known, contains: ['hazelnut'] } }),
      'allergen:tree nuts',
      'no',
    ],
    [
      'a trace',
      aCompanion('n', { allergens: { ...known, mayContain: ['almond'] } }),
      'allergen:tree nuts',
      'no',
    ],
  ] as const)('%s', (_, good, what, fits) => {
    for (const reach of ['board', 'own plate', 'card'] as const)
      expect(marked(good, what, reach)).toEqual([`${what} ${fits}`]);
  });
  test('two guests of one limit are one mark, a sure word before an unsure one, and no name stands in it', () => {
    const nuts = aCompanion('n', { allergens: { ...known, mayContain: ['almond'], unknown: ['walnut'] } });
    const limits = (severity: Severity) => [{ what: 'allergen:tree nuts', severity }];
    const table = company([
      { ...aGuest('allergen:tree nuts', 'card'), limits: limits('dislike'), who: 'Ada' },
      { ...aGuest('allergen:tree nuts', 'board'), limits: limits('allergy'), who: 'Bo' },
    ]);
    const marks = marksOf(nuts, table);
    expect(marks.limits.map(({ fit }) => fit.fits)).toEqual(['no']);
    expect(JSON.stringify(marks)).not.toMatch(/Ada|Bo/);
  });
  test('what suits everybody has none', () => {
    expect(marked(aCheese('a', pasteurised), ['diet:no pork', 'allergen:sesame'])).toEqual([]);
  });
});

describe('children and elders', () => {
  test('small children and infants only where they come', () => {
    const honey = aCompanion('h', { role: 'honey' });
    expect(marksOf(honey, company([], { infants: 1 })).notForInfants).toBe(true);
    expect(marksOf(honey, company([])).notForInfants).toBe(false);
    const raw = aCheese('a', { treatment: 'raw' });
    expect(marksOf(raw, company([], { under5: 1 })).notForSmall).toBe(true);
    expect(marksOf(raw, company([])).notForSmall).toBe(false);
  });
  // Source: public-health advice on listeria, from memory (care/riskRows.ts).
  test('a line for elders stands where nothing else says it, and only where the advice is sure', () => {
    const raw = aCheese('a', { treatment: 'raw', texture: 'hard' });
    expect(eldersRow(raw)).toBe('raw milk');
    expect(eldersRow(aCheese('b', { treatment: 'unknown', texture: 'hard' }))).toBeNull();
    expect(marksOf(raw, company([])).elders).toBe('raw milk');
    expect(marksOf(raw, company([aGuest('risk:pregnant', 'own plate')])).elders).toBeNull();
  });
});
