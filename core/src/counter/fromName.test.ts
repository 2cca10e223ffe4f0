import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import { STYLES } from '../lexicon/kinds/rows.js';
import { isDescribed, isReady, isSaid, lacksOf, saidOf } from './basis.js';
import { goodFromName } from './fromName.js';
import { volumeOf } from './shapeOf.js';
import type { GoodKind } from './words.js';

const made = (kind: GoodKind, name: string) => goodFromName(kind, name, 'x', 'x');

test('every style of the dictionary makes a good that has what the dictionary tells', () => {
  const bad = STYLES.flatMap(({ kind, name, names }) =>
    names.flatMap((words) => {
      const good = made(kind, words.join(' '));
      return good.from.making === 'not known' ? [`${name}: ${words.join(' ')}`] : [];
    }),
  );
  expect(bad).toEqual([]);
});

test('a whole piece holds its weight', () => {
  for (const { kind, name } of STYLES.filter((row) => row.kind === 'cheese' || row.kind === 'meat')) {
    const good = made(kind, name);
    if (good.kind !== 'cheese' && good.kind !== 'meat') throw new Error(name);
    const volume = volumeOf(good.form);
    if (volume !== null)
      expect([name, (volume * 1.08e-3) / good.form.grams]).toEqual([name, expect.closeTo(1, 0)]);
  }
});

test('strength is within 1.5 on 85 % of the styles set apart', () => {
  const rows = readFileSync('core/src/testing/reference/styles.tsv', 'utf8').trim().split('\n').slice(1);
  const off = rows.flatMap((line) => {
    const [name, kind, , , strength] = line.split('\t');
    const good = made(kind as GoodKind, name!);
    const is = good.kind === 'ware' ? NaN : good.sense.intensity;
    return Math.abs(is - Number(strength)) <= 1.5 ? [] : [`${name}: ${is}, not ${strength}`];
  });
  expect([off.length / rows.length <= 0.15, off]).toEqual([true, off]);
});

test('a blue of sheep’s milk is one, and says that its name told so', () => {
  const good = made('cheese', 'Roquefort, blue sheep');
  expect(good).toMatchObject({
    texture: 'blue',
    milk: [{ animal: 'sheep', share: 1 }],
    treatment: 'raw',
    price: { amount: 0 },
    from: {
      making: 'name',
      animal: 'name',
      treatment: 'name',
      age: 'typical',
      shape: 'typical',
      price: 'not known',
    },
  });
  expect(lacksOf(good)).toEqual(['price']);
});

test('what no name tells is a place holder, and nothing passes on it', () => {
  const good = made('cheese', 'Nordwind');
  expect(lacksOf(good)).toEqual(['animal', 'making', 'shape', 'price']);
  expect(isDescribed(good)).toBe(false);
  const settled = saidOf(good, 'animal', 'making', 'age', 'shape', 'price');
  expect([isReady(settled), isDescribed(settled), isSaid(settled, 'animal')]).toEqual([true, true, true]);
});

test('what a thing is by definition it contains; nothing is free by its kind', () => {
  expect(made('companion', 'Sourdough baguette').allergens).toMatchObject({
    contains: ['wheat'],
    free: [],
    rest: 'unknown',
  });
  expect(made('companion', 'Feigensenf').allergens.contains).toEqual(['mustard']);
});

test('an age that is said makes a cheese stronger', () => {
  const [young, old] = ['Gouda jung', 'Gouda 24 Monate'].map((name) => made('cheese', name));
  if (young!.kind === 'ware' || old!.kind === 'ware') throw new Error('a cheese');
  expect(old!.sense.intensity).toBeGreaterThan(young!.sense.intensity + 2);
});
