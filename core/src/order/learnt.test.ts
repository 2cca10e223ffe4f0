import { expect, test } from '@jest/globals';
import { DEFAULT_HOUSE, House } from '../brief/index.js';
import { isDrink } from '../counter/index.js';
import { bottlesFor, scoreOf, weightsOf } from '../pair/index.js';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { plan } from './plan.js';
import { snapshotOf } from '../pick/index.js';

const counter = demoCounter();
const goods = ['wren-curd', 'halyard', 'tarpot', 'slate-quay', 'bosun-ham'];
/** A house to which neither custom nor freshness means anything, and strength much. */
const learnt = House.parse({
  learnt: {
    on: '2026-11-01',
    fingerprint: 'f',
    sessions: ['s'],
    notes: 40,
    weights: {
      'by-custom': 0,
      'acid-cuts-fat': 0,
      'acid-lifts-salt': 0,
      'bubbles-lift-fat': 0,
      'bubbles-lift-salt': 0,
      'strength-holds-the-finish': 6,
      'sweeter-than-it-asks': 4,
    },
  },
});

test('plan reads the weights from the house: set, bottles, flight and reasons go by what was learnt, companions as before', () => {
  const order = anOrder({ brief: aBrief(), selection: { goods } });
  const [usual, own] = [plan(order, counter, DEFAULT_HOUSE), plan(order, counter, learnt)];
  const weights = weightsOf(learnt);
  expect(own.pairs.weights).toBe(weights);
  for (const [id, slots] of own.pairs.byGood)
    for (const { match } of slots) {
      const main = own.mains.find((one) => one.id === id)!;
      if (match) expect(match.score).toBeCloseTo(scoreOf(main, match.beside, weights), 9);
    }
  const drinksOf = (made: typeof own) =>
    made.pairs.set.filter(({ beside }) => isDrink(beside)).map(({ beside }) => beside.id);
  expect(drinksOf(own)).not.toEqual(drinksOf(usual));
  const companions = (made: typeof own) =>
    made.extras.length + made.pairs.set.filter(({ beside }) => !isDrink(beside)).length;
  expect(companions(own)).toBeGreaterThan(0);
  const open = own.pairs.candidates.drink.filter(isDrink);
  expect(bottlesFor(own.mains, open, weights)[0]!.drinks[0]!.id).not.toBe(
    bottlesFor(own.mains, open)[0]!.drinks[0]!.id,
  );
  expect(own.flight.every(({ drink }) => drinksOf(own).includes(drink.id))).toBe(true);
});

test('an order that is finished keeps the weights that it was made with', () => {
  const body = anOrder({ brief: aBrief(), selection: { goods }, state: 'finished' });
  const usual = plan({ ...body, state: 'in work' }, counter, DEFAULT_HOUSE);
  const used = [...usual.onTable, ...usual.beside].map((good) => good.id);
  const snapshot = {
    goods: Object.fromEntries(
      counter
        .filter(({ id }) => used.includes(id))
        .map((good) => [good.id, snapshotOf(good, null, body.brief.servingAt)]),
    ),
    house: DEFAULT_HOUSE,
  };
  const finished = { ...body, snapshot } as typeof body;
  expect(plan(finished, counter, learnt).pairs.weights).toBe(weightsOf(DEFAULT_HOUSE));
  expect(plan(finished, counter, learnt).pairs.set.map(({ beside }) => beside.id)).toEqual(
    plan(finished, counter, DEFAULT_HOUSE).pairs.set.map(({ beside }) => beside.id),
  );
});
