import { expect, test } from '@jest/globals';
import { DEFAULT_HOUSE } from '../brief/index.js';
import { plan } from '../order/index.js';
import { aCheese, anOrder, demoCounter } from '../testing/goods.js';
import { cardMayPrint, cutSheet, guestCards, planRows, shoppingList } from './papers.js';

const counter = demoCounter();
const picked = ['wren-curd', 'halyard', 'tarpot', 'slate-quay', 'bosun-ham'];
const p = plan(anOrder({ selection: { goods: picked } }), counter, DEFAULT_HOUSE);

test('the cut sheet has every good once, numbered along the walk', () => {
  const lines = cutSheet(p);
  expect(lines.map((l) => l.number)).toEqual([1, 2, 3, 4, 5]);
  for (const line of lines) {
    expect(line.portion.good.id).toBe(line.main.id);
    expect(line.cut.goodId).toBe(line.main.id);
  }
});

test('the shopping list has everything once, and its sum is the cost', () => {
  const lines = shoppingList(p).flatMap((d) => d.lines);
  const ids = lines.map((l) => l.good.id);
  expect(new Set(ids).size).toBe(ids.length);
  expect(ids).toEqual(expect.arrayContaining(picked));
  expect(lines.reduce((sum, l) => sum + (l.portion?.cost ?? 0), 0)).toBe(p.portions.cost);
});

test('cards tell milk, number and the allergens by state', () => {
  const card = guestCards(p).find((c) => c.main.id === 'slate-quay')!;
  expect(card).toMatchObject({
    number: 5,
    from: 'buffalo milk',
    contains: ['milk'],
    unknown: [],
    rind: 'rind: as you like',
  });
  expect(guestCards(p).find((c) => c.main.id === 'tarpot')!.notes).toContain('raw milk');
});

test('age on a card counts to the serving day', () => {
  const lots = [{ id: 'l', grams: 9000, madeOn: '2026-10-24' }];
  const [card] = guestCards(
    plan(anOrder({ selection: { goods: ['c'] } }), [aCheese('c', { ageDays: 5, lots })], DEFAULT_HOUSE),
  );
  // The order is served on 28 November 2026, 35 days after the making.
  expect(card!.age).toBe('5 weeks');
});

test('no card prints while an allergen is unknown', () => {
  const strange = aCheese('strange', { allergens: { contains: ['milk'], unknown: ['eggs'], rest: 'free' } });
  const [card] = guestCards(plan(anOrder({ selection: { goods: ['strange'] } }), [strange], DEFAULT_HOUSE));
  expect(card!.unknown).toEqual(['eggs']);
  expect(cardMayPrint(card!)).toBe(false);
  expect(guestCards(p).every(cardMayPrint)).toBe(true);
});

test('the rows for a spreadsheet all have the same columns', () => {
  const rows = planRows(p);
  const columns = rows.map((row) => Object.keys(row).join());
  expect(new Set(columns).size).toBe(1);
  expect(rows.reduce((sum, row) => sum + Number(row.cost_minor_units), 0)).toBe(p.portions.cost);
});
