import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import { STYLES } from './kinds/rows.js';
import { kindNamed, tellName } from './tell.js';

/**
 * Styles set apart before the dictionary was written (styles.tsv): what each is, from memory and common practice. By the same hand as the
 * dictionary, which is why names are spelt there as lists spell them.
 */
const rows = readFileSync('core/src/testing/reference/styles.tsv', 'utf8')
  .trim()
  .split('\n')
  .slice(1)
  .map((line) => {
    const [name, kind, family, animal, strength] = line.split('\t');
    return { name: name!, kind: kind!, family: family!, animal: animal!, strength: Number(strength) };
  });

/** Shares of right and wrong of what was told. */
function score(read: (row: (typeof rows)[number]) => boolean | null, of = rows) {
  const all = of.map((row) => [row.name, read(row)] as const);
  const right = all.filter(([, is]) => is === true).length / of.length;
  return { right, misses: all.filter(([, is]) => is !== true).map(([name, is]) => `${name}: ${is}`) };
}

const mains = rows.filter(({ kind }) => kind === 'cheese' || kind === 'meat');
test.each([
  ['kind', rows, 0.95, (row) => ((told) => told && told.kind === row.kind)(tellName(row.name))],
  ['family', rows, 0.95, (row) => sameOf(row, 'family')],
  ['milk and animal', mains, 0.95, (row) => sameOf(row, 'animal')],
] as [string, typeof rows, number, (row: (typeof rows)[number]) => boolean | null][])(
  'of the styles set apart the %s is told',
  (_, of, aim, read) => {
    const { right, misses } = score(read, of);
    expect([right >= aim, misses]).toEqual([true, misses]);
  },
);

/** Is a field told as it is? Null where nothing is told of it. */
function sameOf(row: (typeof rows)[number], field: 'family' | 'animal'): boolean | null {
  const value = tellName(row.name)?.values[field];
  return value === undefined ? null : value === row[field];
}

test('at most one in a hundred is told wrong without a mark', () => {
  const wrong = rows.filter((row) => {
    const told = tellName(row.name);
    return (['family', 'animal'] as const).some(
      (field) => told?.by[field] === 'name' && told.values[field] !== row[field],
    );
  });
  expect([wrong.length / rows.length <= 0.01, wrong.map(({ name }) => name)]).toEqual([
    true,
    wrong.map(({ name }) => name),
  ]);
});

test.each([
  ['Comté 18 Monate, Rohmilch', { treatment: 'raw', ageDays: 540, family: 'hard' }],
  ['Gouda jung', { family: 'semi-soft' }],
  ['Alter Gouda, 24 Monate', { family: 'very hard', ageDays: 720 }],
  ['Blauschimmelkäse vom Schaf', { family: 'blue', animal: 'sheep' }],
  ['Jus de pomme', { family: 'no-alcohol' }],
  ['Walnut bread', { family: 'bread' }],
  ['Wildfeigensenf', { family: 'mustard' }],
  ['Cheddar with port wine', { animal: 'cow' }],
])('%s is told', (name, values) => {
  expect(tellName(name)?.values).toMatchObject(values);
});

test('what no name tells is not told', () => {
  expect(tellName('Nordwind')).toBeNull();
  expect(tellName('Nordwind, Käse')?.values).toEqual({});
  expect(tellName('Schnittkäse')?.values.animal).toBeUndefined();
});

test.each([
  ['Hartkäse', 'cheese'],
  ['Salumi', 'meat'],
  ['Getränke', 'drink'],
  ['Pâtes molles', null],
])('%s names a kind of good', (text, kind) => {
  expect(kindNamed(text)).toBe(kind);
});

test('no name stands for two styles of one kind, and every style has its figures', () => {
  for (const kind of ['cheese', 'meat', 'companion', 'drink', 'ware'] as const) {
    const names = STYLES.filter((row) => row.kind === kind).flatMap((row) =>
      row.names.map((words) => words.join(' ')),
    );
    expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([]);
  }
  const bad = STYLES.filter(
    ({ kind, typical, source }) =>
      !typical.family || (kind !== 'ware' && !['pdo', 'codex', 'cfr', 'law', 'use'].includes(source)),
  );
  expect(bad.map(({ name }) => name)).toEqual([]);
  expect(STYLES.length).toBeGreaterThan(400);
});
