import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { CounterFile } from '@rotula/core';
import { rowsOf, searchText } from './rows';

const counter = CounterFile.parse(JSON.parse(readFileSync('demo/counter.json', 'utf8'))).goods;
const good = (id: string) => counter.find((g) => g.id === id)!;

test('every good stands once, under the heading that counts it', () => {
  const rows = rowsOf(counter);
  const goods = rows.flatMap((row) => ('good' in row ? [row.good.id] : []));
  expect([...goods].sort()).toEqual(counter.map((g) => g.id).sort());
  let counted = 0;
  rows.forEach((row, i) => {
    if (!('heading' in row)) return;
    const next = rows.findIndex((r, j) => j > i && 'heading' in r);
    expect({ heading: row.heading, n: (next < 0 ? rows.length : next) - i - 1 }).toEqual({
      heading: row.heading,
      n: row.count,
    });
    counted += row.count;
  });
  expect(counted).toBe(counter.length);
});

test('cheeses come first, family by family from fresh to blue', () => {
  const headings = rowsOf(counter).flatMap((row) => ('heading' in row ? [row.heading] : []));
  expect(headings.slice(0, 9)).toEqual([
    'Fresh cheeses',
    'Soft cheeses',
    'Bloomy cheeses',
    'Washed cheeses',
    'Semi-soft cheeses',
    'Firm cheeses',
    'Hard cheeses',
    'Very hard cheeses',
    'Blue cheeses',
  ]);
});

test('the order in which the counter comes does not matter', () => {
  expect(rowsOf([...counter].reverse()).map((r) => r.key)).toEqual(rowsOf(counter).map((r) => r.key));
});

test('a good is found by animal, family, maker and adjective', () => {
  for (const word of ['sheep', 'firm', 'tern hill', 'nutty', 'gullstone'])
    expect(searchText(good('gullstone'))).toContain(word);
});
