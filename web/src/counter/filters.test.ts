import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { CounterFile, isMain, mustMove, type Good } from '@rotula/core';
import {
  activeCount,
  finderFor,
  NO_FILTERS,
  passes,
  priceByWeight,
  pricesBy,
  sortKey,
  type Filters,
} from './filters';
import { sortedRows } from './rows';

const counter = CounterFile.parse(JSON.parse(readFileSync('demo/counter.json', 'utf8'))).goods;
const TODAY = '2026-11-24';
const CENTS = { minorPerUnit: 100, bulk: { name: 'kg', grams: 1000 } } as const;
const shown = (part: Partial<Filters>) =>
  counter.filter((good) => passes(good, { ...NO_FILTERS, ...part }, TODAY, CENTS));

describe('finding', () => {
  const find = finderFor(counter);
  test('nothing typed shows all; every word must be there', () => {
    expect(find('')).toHaveLength(counter.length);
    expect(find('buffalo blue').map((g) => g.id)).toEqual(['slate-quay']);
  });
  test.each([
    ['halyrad', 'halyard'],
    ['gulstone', 'gullstone'],
    ['slate qay', 'slate-quay'],
  ])('a slip of the finger is forgiven: %s', (typed, id) => expect(find(typed)[0]!.id).toBe(id));
  test('near ones never drown exact ones', () => {
    expect(find('halyard').map((g) => g.id)).toEqual(['halyard']);
  });
});

describe('narrowing', () => {
  test('each filter lets through what it says, and something', () => {
    const kinds: [Partial<Filters>, (good: Good) => boolean][] = [
      [{ animal: 'goat' }, (g) => g.kind === 'cheese' && g.milk.some((m) => m.animal === 'goat')],
      [{ family: 'washed' }, (g) => g.kind === 'cheese' && g.texture === 'washed'],
      [{ strength: 'strong' }, (g) => isMain(g) && g.sense.intensity >= 7],
      [{ price: 'high' }, (g) => priceByWeight(g, TODAY, CENTS)! > 35],
      [{ kind: 'drink' }, (g) => g.kind === 'drink'],
      [{ kind: 'must move' }, (g) => mustMove(g, TODAY)],
    ];
    for (const [part, holds] of kinds) {
      const goods = shown(part);
      expect(goods.length).toBeGreaterThan(0);
      expect(goods.length).toBeLessThan(counter.length);
      expect(goods.every(holds)).toBe(true);
    }
  });
  test('a limit lets only through what surely meets it: unknown never passes', () => {
    expect(shown({ limit: 'diet:kosher', kind: 'cheese' })).toEqual([]);
    const vegetarian = shown({ limit: 'diet:vegetarian' });
    expect(vegetarian.length).toBeGreaterThan(10);
    expect(vegetarian.every((g) => g.kind !== 'meat')).toBe(true);
  });
  test('how many are switched on', () => {
    expect(activeCount(NO_FILTERS)).toBe(0);
    expect(activeCount({ ...NO_FILTERS, animal: 'cow', price: 'low' })).toBe(2);
  });
});

test('a price by weight is counted back from a pack, and told by the pound where the house weighs in pounds', () => {
  const wren = counter.find((g) => g.id === 'wren-curd')!;
  expect(priceByWeight(wren, TODAY, CENTS)).toBeCloseTo((6.9 * 1000) / 160, 9);
  const pounds = { minorPerUnit: 100, bulk: { name: 'lb', grams: 453.59237 } } as const;
  expect(priceByWeight(wren, TODAY, pounds)).toBeCloseTo((6.9 * 453.59237) / 160, 9);
  expect(pricesBy(pounds.bulk).map((band) => band.label)).toContain('9 to 16 a lb');
});

test('every order is an order: rising keys, equal ones by name', () => {
  for (const [id, key] of Object.entries(sortKey)) {
    const rows = sortedRows(counter, (good) => key(good, TODAY, CENTS));
    const keys = rows.map((row) => ('good' in row ? key(row.good, TODAY, CENTS) : ''));
    for (let i = 1; i < keys.length; i++) {
      const [a, b] = [keys[i - 1]!, keys[i]!];
      const rises = typeof a === 'string' ? a.localeCompare(String(b)) <= 0 : a <= Number(b);
      expect({ id, i, rises }).toEqual({ id, i, rises: true });
    }
  }
});
