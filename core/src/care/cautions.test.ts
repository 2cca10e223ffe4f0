import { expect, test } from '@jest/globals';
import { aCheese, aCompanion } from '../testing/goods.js';
import { cautionsFor } from './cautions.js';
import { newLimit } from './limits.js';

const table = { infants: 0, under5: 0, drinkers: 0, limits: [] };
const idsOf = (...args: Parameters<typeof cautionsFor>) => cautionsFor(...args).map((c) => c.id);

test('honey is warned of when an infant sits at the table, hidden honey too', () => {
  const honey = aCompanion('h', { role: 'honey' });
  const hidden = aCompanion('b', { role: 'butter', contents: { honey: 'yes' } });
  expect(idsOf(table, [honey])).not.toContain('honey for infants');
  const caution = cautionsFor({ ...table, infants: 1 }, [honey, hidden]).find(
    (c) => c.id === 'honey for infants',
  );
  expect(caution?.goods).toEqual(['h', 'b']);
});

test('whole nuts and rolling fruit are warned of for small children', () => {
  const grapes = aCompanion('g', { rolls: true });
  expect(idsOf({ ...table, under5: 2 }, [grapes])).toContain('choking under 5');
  expect(idsOf(table, [grapes])).not.toContain('choking under 5');
});

test('time out of the cold is always said, with source and country', () => {
  const caution = cautionsFor(table, [aCheese('c')]).find((c) => c.id === 'out of the cold');
  expect(caution).toMatchObject({ country: 'US', source: expect.stringContaining('USDA') });
});

test('a limit that does not clear the board asks for a plate of its own and names what is against it', () => {
  const [caution] = cautionsFor({ ...table, limits: [newLimit('allergen:milk')] }, [
    aCheese('c'),
    aCompanion('k'),
  ]);
  expect(caution).toMatchObject({ says: expect.stringContaining('own plate'), goods: ['c'] });
});

test('unknown allergens are a caution', () => {
  expect(idsOf(table, [aCheese('c', { allergens: { contains: ['milk'] } })])).toContain('unknown allergens');
});
