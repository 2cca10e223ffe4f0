import { expect, test } from '@jest/globals';
import { aCheese, aCompanion, aDrink, aMeat } from '../testing/goods.js';
import { riskOf } from './risks.js';

const of = (...ingredients: string[]) => ({
  contents: { alcohol: 'no', honey: 'no', gelatine: 'none', ingredients },
});

// Source: public-health advice on food in pregnancy, and clinical diet advice on tyramine and histamine, from memory: the rows of care/riskRows.ts.
test.each([
  ['pregnant', 'alcohol in food', aCompanion('k', of('cherries', 'brandy'))],
  ['pregnant', 'blue inside', aCompanion('k', { role: 'dip', ...of('cream', 'gorgonzola') })],
  ['pregnant', 'raw egg', aCompanion('k', { role: 'dip', ...of('rapeseed oil', 'mayonnaise') })],
  ['pregnant', 'raw fish', aCompanion('k', { role: 'dip', ...of('ceviche') })],
  ['pregnant', 'sprouts', aCompanion('k', { role: 'vegetable', ...of('alfalfa sprouts') })],
  ['maoi', 'fermented food', aCompanion('k', { role: 'brine', ...of('sauerkraut') })],
  [
    'maoi',
    'beer without alcohol',
    aDrink('d', { type: 'no-alcohol', style: 'lager without alcohol', abv: 0.3 }),
  ],
  ['maoi', 'smoked fish', aMeat('m', { animals: [{ animal: 'fish', share: 1 }], process: 'hot-smoked' })],
  ['histamine', 'histamine in cheese', aCheese('c', { ageDays: 200 })],
  ['histamine', 'histamine in meat', aMeat('m', of('pork', 'salt'))],
  ['histamine', 'histamine in fish', aCompanion('k', of('anchovies'))],
  ['histamine', 'histamine in drink', aDrink('d')],
] as const)('%s: %s', (risk, row, good) => {
  expect(riskOf(risk, good)).toMatchObject({ id: row, sure: true, country: expect.stringMatching(/./) });
});

test('what holds none of it passes', () => {
  const young = aCheese('c', {
    ageDays: 20,
    texture: 'fresh',
    contents: { rennet: 'microbial', ingredients: ['milk', 'salt'] },
  });
  for (const risk of ['pregnant', 'maoi', 'histamine'] as const) {
    expect(riskOf(risk, young)).toBeNull();
    expect(riskOf(risk, aCompanion('k', of('apples', 'cider vinegar')))).toBeNull();
  }
});

// Source: public-health advice on listeria in pregnancy (GB), from memory: soft cheese cooked till steaming hot may be eaten.
test('baked till it steams right through, a soft cheese passes in GB alone, and for pregnant guests alone', () => {
  const bloomy = aCheese('c', { texture: 'bloomy' });
  expect(riskOf('pregnant', bloomy)?.id).toBe('mould-ripened');
  expect(riskOf('pregnant', bloomy, 'GB')).toBeNull();
  expect(riskOf('pregnant', bloomy, 'US')?.id).toBe('mould-ripened');
  expect(riskOf('immunity', bloomy, 'GB')?.id).toBe('mould-ripened');
});
