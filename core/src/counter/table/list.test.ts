import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { guessColumns, headingRow } from './headings.js';
import { intakeOfTable } from './intake.js';
import { priceSaid } from './numbers.js';
import { totalAfter } from './intake.js';

/** A supplier's list as shops keep it: the name, some words, a price; the rest is told by the name, or marked. */

const LIST = [
  ['Molkerei am Deich', '', '', '', ''],
  ['', '', '', '', ''],
  ['Bezeichnung', 'Milch', 'Preis', 'Land', 'Art'],
  ['Weichkäse', '', '', '', ''],
  ['Brie de Meaux', 'Kuh, roh', '€ 24,90/kg', 'FR', ''],
  ['Ziegenrolle natur', 'Ziege', '2,19 € / 100 g', 'FR', 'Weichkäse'],
  ['Hartkäse', '', '', '', ''],
  ['Bergkäse 12 Mon.', 'Kuh, roh', '32,90', 'AT', 'Hartkäse'],
  ['Nordwind', 'Schaf', '€ 41,50/kg', 'DE', 'Hartkäse'],
  ['Feigensenf', '', '4,80 €/Glas', 'DE', 'Beilagen'],
  ['Summe', '', '', '', ''],
];
const at = headingRow(LIST);
const map = guessColumns(LIST[at]!);
const headings = LIST[at]!.map((heading) => map[heading]!);
const taken = (body: readonly (readonly string[])[]) =>
  intakeOfTable(headings, body, [], 100, undefined, ',')!;

test('the headings are found under what stands above them, and the columns by their names', () => {
  expect([at, headings]).toEqual([2, ['name', 'words', 'price', 'origin.country', 'words']]);
});

test('a list with names, words and prices comes in whole', () => {
  const { rows, counts } = taken(LIST.slice(at + 1));
  expect(rows.filter(({ outcome }) => outcome === 'refused').map(({ says }) => says)).toEqual([]);
  expect(counts).toMatchObject({ new: 5 });
  expect(taken(LIST.slice(at + 1)).passedOver.map(({ text }) => text)).toEqual([
    'Weichkäse',
    'Hartkäse',
    'Summe',
  ]);
  const [brie, roll, berg, wind, mustard] = rows.map(({ good }) => good!);
  expect(brie).toMatchObject({
    kind: 'cheese',
    texture: 'bloomy',
    treatment: 'raw',
    price: { amount: 2490, per: 'kg' },
    origin: { country: 'FR' },
  });
  expect(brie!.from.price).toBeUndefined();
  expect(roll).toMatchObject({ milk: [{ animal: 'goat', share: 1 }], price: { amount: 2190, per: 'kg' } });
  expect(berg).toMatchObject({ texture: 'hard', ageDays: 360, price: { amount: 3290 } });
  expect(wind).toMatchObject({ texture: 'hard', milk: [{ animal: 'sheep' }], from: { shape: 'typical' } });
  expect(mustard).toMatchObject({ kind: 'companion', role: 'mustard', price: { amount: 480, per: 'pack' } });
});

test('what no name and no word tells is refused in plain words, and the rest comes in all the same', () => {
  const { rows } = taken([
    ['Nordwind', '', '12,00', '', ''],
    ['Comté', '', '29,00', '', ''],
  ]);
  expect(rows.map(({ outcome }) => outcome)).toEqual(['refused', 'new']);
  expect(rows[0]!.says).toContain('Nordwind is not on the counter, and a new good needs a kind');
});

test('a name alone in its line is a good without a price, not a heading', () => {
  const { rows, passedOver } = taken([['Bergkäse', '', '', '', '']]);
  expect([rows[0]!.good!.from.price, passedOver]).toEqual(['not known', []]);
});

test('a file before format 9 that says the milk is not known is believed', () => {
  const { rows } = intakeOfTable(
    ['kind', 'name', 'milk', 'milkKnown', 'price'],
    [['cheese', 'Gouda', 'goat', 'no', '20']],
    [],
    100,
  )!;
  expect(rows[0]!.good!.from).toMatchObject({ animal: 'not known' });
});

test('taken in a second time a list changes nothing', () => {
  const first = taken(LIST.slice(at + 1));
  const counter = first.rows.map(({ good }) => good!);
  const again = intakeOfTable(headings, LIST.slice(at + 1), counter, 100, undefined, ',')!;
  expect([again.counts.same, totalAfter(again, counter)]).toEqual([5, 5]);
});

test.each([
  ['€ 32,90/kg', '€ 32,90', 'kg', 1],
  ['3.50 per 100 g', '3.50', 'kg', 10],
  ['4,80 €/Stk', '4,80 €', 'piece', 1],
  ['12.00 / jar', '12.00', 'pack', 1],
  ['ca. 18,00', '18,00', null, 1],
])('%s is a price of its own', (text, figure, per, times) => {
  expect(priceSaid(text)).toEqual({ figure, per, times });
});

test('no cells at all make it fail', () => {
  fc.assert(
    fc.property(fc.array(fc.array(fc.string({ maxLength: 8 }), { minLength: 5, maxLength: 5 })), (body) => {
      for (const { good, outcome } of taken(body).rows) expect(good === null).toBe(outcome === 'refused');
    }),
    { numRuns: 60 },
  );
});
