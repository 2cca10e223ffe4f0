import { expect, test } from '@jest/globals';
import { aCheese, aCompanion } from '../testing/goods.js';
import { aTableOf } from '../testing/tables.js';
import { aGuest } from '../testing/guests.js';
import { cautionsFor } from './cautions.js';

const table = aTableOf({ wood: true });
const tableOf = (more: Parameters<typeof aTableOf>[0]) => aTableOf({ wood: true, ...more });
const idsOf = (...args: Parameters<typeof cautionsFor>) => cautionsFor(...args).map((c) => c.rule);

test('honey is warned of when an infant sits at the table, hidden honey too', () => {
  const honey = aCompanion('h', { role: 'honey' });
  const hidden = aCompanion('b', { role: 'butter', contents: { honey: 'yes' } });
  expect(idsOf(table, [honey])).not.toContain('honey-for-infants');
  const caution = cautionsFor(tableOf({ infants: 1 }), [honey, hidden]).find(
    (c) => c.rule === 'honey-for-infants',
  );
  expect(caution?.goods).toEqual(['h', 'b']);
});

test('whole nuts and rolling fruit are warned of for small children', () => {
  const grapes = aCompanion('g', { rolls: true });
  expect(idsOf(tableOf({ under5: 2 }), [grapes])).toContain('choking-under-5');
  expect(idsOf(table, [grapes])).not.toContain('choking-under-5');
});

test('time out of the cold is always said, with source and country', () => {
  const caution = cautionsFor(table, [aCheese('c')]).find((c) => c.rule === 'out-of-the-cold');
  expect(caution).toMatchObject({ country: 'all', source: expect.stringContaining('USDA') });
});

test('a limit that does not clear the board asks for a plate of its own and names what is against it', () => {
  const persons = [aGuest('allergen:milk', 'own plate', { who: 'Ada' })];
  const [caution] = cautionsFor(tableOf({ persons }), [aCheese('c'), aCompanion('k')]);
  expect(caution).toMatchObject({ figures: { who: 'Ada', plate: true }, goods: ['c'] });
});

test('unknown allergens are a caution', () => {
  expect(idsOf(table, [aCheese('c', { allergens: { contains: ['milk'] } })])).toContain('unknown-allergens');
});

// Source: the rows of care/risks.ts, public-health advice; each is stated with its source and country.
test('a guest at risk who eats from the board brings one caution for each row that a good falls under', () => {
  const persons = [aGuest('risk:pregnant', 'own plate')];
  const rawBlue = aCheese('blue', { texture: 'blue', treatment: 'raw' });
  const found = cautionsFor(tableOf({ persons }), [rawBlue, aCheese('mild')]).filter(
    (c) => c.rule === 'guest-at-risk',
  );
  expect(found.map((c) => c.subject)).toEqual(['risk:pregnant mould-ripened', 'risk:pregnant raw milk']);
  for (const caution of found) {
    expect(caution).toMatchObject({
      goods: ['blue'],
      source: expect.stringMatching(/./),
      country: expect.stringMatching(/[A-Z]/),
    });
  }
});
