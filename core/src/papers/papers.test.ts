import { describe, expect, test } from '@jest/globals';
import { limitRow } from '../testing/guests.js';
import { DEFAULT_HOUSE } from '../brief/index.js';
import { allergensOf, GLUTEN_CEREALS, Lot } from '../counter/index.js';
import { plan, type Plan } from '../order/index.js';
import { platesToCut } from '../plate/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, aCompanion, demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import {
  cutSheet,
  guestCards,
  heldBack,
  menuOf,
  plateCards,
  planRows,
  plateShopping,
  produceLines,
  shoppingList,
  stations,
  styleOnBoard,
  tableList,
} from './index.js';

const counter = demoCounter();
const cardsOf = (made: Plan) => guestCards(made, menuOf(made, anOrder({}), counter));
const picked = ['wren-curd', 'halyard', 'tarpot', 'slate-quay', 'bosun-ham'];
const p = plan(anOrder({ selection: { goods: picked } }), counter, DEFAULT_HOUSE);

test('own plates are cut as the board is, and what lies only on them by its own best cut', () => {
  const limit = { ...limitRow('allergen:milk'), guests: 2 };
  const made = plan(
    anOrder({ brief: aBrief({ limits: [limit], guests: { adults: 8 } }), selection: { goods: picked } }),
    counter,
    DEFAULT_HOUSE,
  );
  const [{ plate, cuts }] = platesToCut(made, DEFAULT_HOUSE) as [ReturnType<typeof platesToCut>[number]];
  expect(cuts.map(({ line }) => line)).toEqual(plate.lines);
  for (const { line, cut, produce, pieces } of cuts) {
    expect((cut === null) !== (produce === null)).toBe(true);
    const onBoard = made.cuts.find(({ goodId }) => goodId === line.good.id);
    if (onBoard) expect(cut).toBe(onBoard);
    if (cut) expect(pieces).toBe(Math.max(1, Math.round(line.net / cut.pieceGrams)));
  }
  expect(cuts.some(({ cut }) => cut !== null)).toBe(true);
});

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
  expect(lines.reduce((sum, l) => sum + (l.portion?.price ?? 0), 0)).toBe(p.sum.price);
});

test('cards tell milk, number and the allergens by state', () => {
  const card = cardsOf(p).find((c) => c.good.id === 'slate-quay')!;
  expect(card).toMatchObject({
    number: 5,
    animals: ['buffalo'],
    contains: ['milk'],
    unknown: [],
    faces: [{ face: 'all round', is: 'as you like' }],
  });
  expect(cardsOf(p).find((c) => c.good.id === 'tarpot')!.rawMilk).toBe(true);
});

describe('a shared board is never free', () => {
  const cards = cardsOf(p);
  test('every companion of the board has a card', () => {
    const beside = p.portions.companions.map(({ good }) => good.id);
    expect(beside.length).toBeGreaterThan(3);
    expect(cards.map((c) => c.good.id)).toEqual(expect.arrayContaining([...picked, ...beside]));
  });
  test('a card names what shares its board, and what is in the good is not said twice', () => {
    const contained = new Set(p.onBoard.flatMap((good) => allergensOf(good).contains));
    expect(contained.size).toBeGreaterThan(2);
    // A bottle stands on no board.
    for (const card of cards.filter(({ good }) => good.kind !== 'drink')) {
      const said = new Set([...card.contains, ...card.mayContain, ...card.sharesWith]);
      for (const id of contained) expect(said).toContain(id);
      expect(card.sharesWith.filter((id) => card.contains.includes(id))).toEqual([]);
    }
  });
});

test('the table list has every allergen of cheeses, meats, companions and drinks, hidden contents too', () => {
  const hidden = aCompanion('toast', {
    role: 'cracker',
    contents: { ingredients: ['wheat flour', 'sesame seeds'] },
  });
  const wine = demoCounter().find((g) => g.kind === 'drink' && g.type === 'white')!;
  const own = plan(
    anOrder({ selection: { goods: ['c'] } }),
    [aCheese('c'), hidden, { ...wine, allergens: { ...wine.allergens, contains: ['sulphites'] } }],
    DEFAULT_HOUSE,
  );
  const rows = new Map(tableList(own).map((row) => [row.id, row.contains]));
  expect(rows.get('wheat')).toEqual(['toast']);
  expect(rows.get('sesame')).toEqual(['toast']);
  expect(rows.get('milk')).toEqual(['c']);
  expect(rows.get('sulphites')).toEqual([wine.name]);
});

test('age on a card counts to the serving day', () => {
  const lots = [{ id: 'l', grams: 9000, madeOn: '2026-10-24' }];
  const [card] = cardsOf(
    plan(anOrder({ selection: { goods: ['c'] } }), [aCheese('c', { ageDays: 5, lots })], DEFAULT_HOUSE),
  );
  // The order is served on 28 November 2026, 35 days after the making.
  expect(card!.ageDays).toBe(35);
});

test('one unknown anywhere on the table holds the papers back, and says where', () => {
  const strange = aCheese('strange', { allergens: { contains: ['milk'], unknown: ['eggs'], rest: 'free' } });
  const held = heldBack(plan(anOrder({ selection: { goods: ['strange'] } }), [strange], DEFAULT_HOUSE));
  expect(held).toMatchObject([{ good: { id: 'strange' }, unknown: ['eggs'] }]);
  const jam = aCompanion('jam', { role: 'preserve', allergens: { rest: 'unknown' } });
  const beside = heldBack(plan(anOrder({ selection: { goods: ['c'] } }), [aCheese('c'), jam], DEFAULT_HOUSE));
  expect(beside.map((h) => h.good.id)).toEqual(['jam']);
  const guess = aCheese('guess', { from: { animal: 'not known' } });
  expect(
    heldBack(plan(anOrder({ selection: { goods: ['guess'] } }), [guess], DEFAULT_HOUSE))[0]!.unknown,
  ).toEqual(['milk']);
  expect(heldBack(p)).toEqual([]);
});

test('"free" stands on the card of an own plate only, and only by each good’s own claim', () => {
  const brief = aBrief({ limits: [limitRow('allergen:gluten')] });
  const own = plan(anOrder({ brief, selection: { goods: picked } }), counter, DEFAULT_HOUSE);
  const [card] = plateCards(own);
  expect(card!.plate.freeOf).toEqual(GLUTEN_CEREALS);
  for (const { good: _, ...card } of cardsOf(own)) expect(JSON.stringify(card)).not.toMatch(/free/i);
});

test.each([
  ['gluten-free seed crisp', 'seed crisp'],
  ['seed crisp, gluten free', 'seed crisp'],
  ['oat cracker free from milk', 'oat cracker'],
  ['free-run chicken liver pâté', 'free-run chicken liver pâté'],
])('the style %j stands on a shared board as %j', (style, shown) =>
  expect(styleOnBoard(aCompanion('x', { style }))).toBe(shown),
);

test('own plates stand on the shopping list, line by line', () => {
  const brief = aBrief({ limits: [limitRow('allergen:gluten'), limitRow('allergen:milk')] });
  const own = plan(anOrder({ brief, selection: { goods: picked } }), counter, DEFAULT_HOUSE);
  expect(plateShopping(own).map(({ lines }) => lines)).toEqual(own.ownPlates.map(({ lines }) => lines));
  expect(plateShopping(own)).toHaveLength(2);
});

test('the rows for a spreadsheet all have the same columns', () => {
  const rows = planRows(p);
  const columns = rows.map((row) => Object.keys(row).join());
  expect(new Set(columns).size).toBe(1);
  expect(rows.reduce((sum, row) => sum + Number(row.cost_minor_units), 0)).toBe(p.sum.price);
});

describe('a sheet for each pair of hands', () => {
  test('cheeses and meats apart, in the order of cutting; what dries last, last', () => {
    const [cheese, slicer] = stations(p);
    expect(cheese!.lines.map(({ main }) => main.id)).toEqual([
      'wren-curd',
      'halyard',
      'tarpot',
      'slate-quay',
    ]);
    expect(slicer!.lines.map(({ main }) => main.id)).toEqual(['bosun-ham']);
    for (const { steps, lot } of cheese!.lines) {
      expect(steps.length).toBeGreaterThan(1);
      expect(lot).toBeTruthy();
    }
    const when = produceLines(p).map(({ cut }) => cut.when);
    expect(when.indexOf('last')).toBeGreaterThan(when.lastIndexOf('ahead'));
  });
  test('what is in stock comes off what must be bought, and an opened jar stays', () => {
    const lines = shoppingList(p).flatMap(({ lines: some }) => some);
    const counted = lines.filter(({ onHand }) => onHand !== null);
    expect(counted.length).toBeGreaterThan(3);
    for (const { onHand, toBuy, amount, jars } of counted)
      if (jars === null) expect(toBuy).toBe(Math.max(0, amount! - onHand!));
    const jar = lines.find(({ portion }) => portion?.byShare)!;
    expect(jar.jars!.stays).toBe(jar.portion!.bought - jar.portion!.gross);
  });
  // Common practice, no source: the open jar first.
  test('an open jar is used first; what it lacks comes out of new ones, and what is left stays open', () => {
    const jar = shoppingList(p)
      .flatMap(({ lines }) => lines)
      .find(({ portion }) => portion?.byShare)!;
    const { gross, good } = jar.portion!;
    const pack = good.pack.grams!;
    const withOpen = (open: number, closed: number) => {
      const lot = (id: string, grams: number, opened: boolean) => Lot.parse({ id, grams, opened });
      const lots = [lot('open', open, true), ...(closed > 0 ? [lot('new', closed * pack, false)] : [])];
      const shelf = counter.map((g) => (g.id === good.id ? { ...g, lots } : g));
      const made = plan(anOrder({ selection: { goods: picked } }), shelf as typeof counter, DEFAULT_HOUSE);
      return shoppingList(made)
        .flatMap(({ lines }) => lines)
        .find(({ good: g }) => g.id === good.id)!;
    };
    expect(withOpen(gross + 40, 0)).toMatchObject({
      jars: { fromOpen: gross, opened: 0, stays: 40 },
      toBuy: 0,
    });
    expect(withOpen(gross - 30, 0)).toMatchObject({
      jars: { fromOpen: gross - 30, opened: 1, stays: pack - 30 },
      toBuy: pack,
    });
    expect(withOpen(gross - 30, 2)).toMatchObject({ jars: { opened: 1, stays: pack - 30 }, toBuy: 0 });
  });
});
