import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { EXACTLY, timingOf } from '../clock/index.js';
import { layOut } from '../lay/index.js';
import { groundOf, plan, type OrderBody } from '../order/index.js';
import { DEFAULT_HOUSE, type House } from '../brief/index.js';
import type { Good } from '../counter/index.js';
import { anyShop } from '../testing/anyShop.js';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { dayOf, layoutOf, printedBy, type Paper, type PaperGround } from './paper.js';
import { PAPER_IDS, PAPERS, printed } from './table.js';

const counter = demoCounter();
const goods = ['halyard', 'tarpot', 'bosun-ham'];

function groundFor(
  order: OrderBody,
  shelf: readonly Good[] = counter,
  house: House = DEFAULT_HOUSE,
): PaperGround {
  const made = plan(order, shelf, house);
  return {
    plan: made,
    order,
    house,
    shelf,
    counter: groundOf(order, shelf, house).counter,
    day: timingOf(made.timing.question, EXACTLY),
    layouts: new Map(
      made.boards.laid.flatMap(({ key, question }) =>
        question ? [[key, layOut({ ...question, steps: 500 })] as const] : [],
      ),
    ),
  };
}
const few = groundFor(
  anOrder({ brief: aBrief({ guests: { adults: 4 } }), selection: { goods }, pairKinds: 2 }),
);

test.each(PAPER_IDS)('%s is there as data for a usual order', (id) => {
  const made = printed(id, few);
  expect('data' in made && made.data).toBeTruthy();
});

test('a quote waits for the price of all that is on it, and the cut sheet says which sizes are guesses', () => {
  const order = anOrder({ brief: aBrief({ guests: { adults: 4 } }), selection: { goods } });
  const shelf = counter.map((good) =>
    good.id === 'halyard' ? { ...good, from: { price: 'not known', shape: 'typical' } as const } : good,
  );
  const ground = groundFor(order, shelf);
  expect(printed('quote', ground)).toMatchObject({
    held: { because: 'no price', goods: [{ id: 'halyard' }] },
  });
  const lines = PAPERS['cut-sheet'].data(ground).stations.flatMap((station) => station.lines);
  expect(lines.filter(({ guessed }) => guessed.length > 0).map(({ main }) => main.id)).toEqual(['halyard']);
  expect('data' in printed('quote', few)).toBe(true);
});

test('a small one, as somebody would add it: for whom, what holds it, its data', () => {
  const weights: Paper<{ grams: number }> = {
    for: 'shop',
    needs: ['layouts'],
    hold: ({ plan: { mains } }) => (mains.length === 0 ? { because: 'nothing is picked' } : null),
    data: (ground) => ({
      grams: ground.plan.boards.laid.reduce(
        (sum, { key, weight }) => sum + (layoutOf(ground, key) ? weight : 0),
        0,
      ),
    }),
  };
  expect(printedBy(weights, few)).toEqual({
    data: { grams: few.plan.boards.laid.reduce((sum, { weight }) => sum + weight, 0) },
  });
  expect(printedBy(weights, groundFor(anOrder({})))).toEqual({ held: { because: 'nothing is picked' } });
});

test('a paper that needs what was not searched is a fault of whoever asks', () => {
  const bare = { ...few, day: null, layouts: new Map<string, never>() };
  expect(() => dayOf(bare)).toThrow('needs the searched day');
  expect(() => printed('board-plan', bare)).toThrow('needs the board');
  // What only takes the day is there without it.
  expect(printed('cut-sheet', bare)).toHaveProperty('data');
});

test('run sheet and labels say the hours that the clock says, whoever reads them', () => {
  const sheet = printed('run-sheet', few);
  const labels = printed('off-labels', few);
  const clock = printed('customer-clock', few);
  if (!('data' in sheet) || !('data' in labels) || !('data' in clock)) throw new Error('held');
  const first = Math.min(...clock.data.rows.map(({ out }) => out));
  expect(Math.min(...labels.data.labels.map(({ from }) => from))).toBe(first);
  const takenOut = sheet.data.byClock.filter(({ task }) => task.kind === 'take out');
  expect(Math.min(...takenOut.map(({ start }) => start))).toBe(first);
});

test('any order in any shop: each paper has data or says why not', () => {
  fc.assert(
    fc.property(anyShop, ({ order, shelf, house }) => {
      const ground = { ...groundFor(order, shelf, house) };
      for (const id of PAPER_IDS) {
        const made = printed(id, ground);
        expect('data' in made || made.held.because.length > 0).toBe(true);
        expect(['shop', 'customer', 'guests']).toContain(PAPERS[id].for);
      }
    }),
    { numRuns: 6, seed: 5 },
  );
});
