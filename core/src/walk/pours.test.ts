import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isDrink, isMain, type Drink, type Main } from '../counter/index.js';
import { pouredAt, scoreOf } from '../pair/index.js';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { bestOrder } from './order.js';
import { paceOf } from './pace.js';
import { flightOf } from './pours.js';
import { walkFor } from './walk.js';

const counter = demoCounter();
const good = (id: string) => counter.find((g) => g.id === id)!;
const order = bestOrder(['wren-curd', 'halyard', 'mooring', 'tarpot', 'slate-quay'].map(good).filter(isMain));
const drinks = ['old-hold', 'estuary-white', 'hull-number-nine', 'spray-brut'].map(good).filter(isDrink);

/** Every way to pour one drink a step that never goes back. */
function bruteForce(steps: readonly Main[], poured: readonly Drink[]): number {
  const from = (i: number, d: number): number =>
    i === steps.length
      ? 0
      : Math.max(
          ...poured.flatMap((drink, e) =>
            e < d ? [] : [scoreOf(steps[i]!, drink) - (i > 0 && e !== d ? 0.5 : 0) + from(i + 1, e)],
          ),
        );
  return from(0, 0);
}

test('the flight has the most points of all that rise with the food', () => {
  const poured = [...drinks].sort((a, b) => pouredAt(a) - pouredAt(b));
  const flight = flightOf(order, drinks);
  const points = flight.reduce((sum, pour) => sum + pour.points, 0) - 0.5 * (flight.length - 1);
  expect(points).toBeCloseTo(bruteForce(order, poured), 9);
});

test('so it is in whatever order the goods come, though going back would often be worth more', () => {
  const poured = [...drinks].sort((a, b) => pouredAt(a) - pouredAt(b));
  fc.assert(
    fc.property(fc.shuffledSubarray(order, { minLength: 2 }), (steps) => {
      const flight = flightOf(steps, drinks);
      const points = flight.reduce((sum, pour) => sum + pour.points, 0) - 0.5 * (flight.length - 1);
      expect(points).toBeCloseTo(bruteForce(steps, poured), 9);
      flight.slice(1).forEach(({ drink }, i) => {
        expect(pouredAt(drink)).toBeGreaterThan(pouredAt(flight[i]!.drink));
      });
    }),
  );
});

// Source: common practice, no source: "fresh white, or a sharp beer, early; red, then fortified late".
test('it goes from light to strong, without a gap, and ends with the sweet wine beside the blue', () => {
  const flight = flightOf(order, drinks);
  flight.forEach(({ drink, from, to }, i) => {
    expect(from).toBe(i === 0 ? 1 : flight[i - 1]!.to + 1);
    expect(to).toBeGreaterThanOrEqual(from);
    if (i > 0) expect(pouredAt(drink)).toBeGreaterThan(pouredAt(flight[i - 1]!.drink));
  });
  expect(flight.at(-1)).toMatchObject({ drink: { id: 'old-hold' }, to: order.length });
});

test('nothing to pour, or nothing to eat: no flight', () => {
  expect([flightOf(order, []), flightOf([], drinks)]).toEqual([[], []]);
});

// Source: common practice, no source: "5 to 8 minutes a step, 50 ml pours, 200 ml of water a head".
test('a seated tasting takes 5 to 8 minutes a step, pours of 50 ml and 200 ml of water a head', () => {
  const walk = walkFor(order, null);
  const brief = aBrief({ guests: { adults: 10 }, drinkers: 8 });
  const { steps, minutes, water, poured } = paceOf(walk, [], flightOf(order, drinks), brief);
  expect(steps.map(({ good }) => good.id)).toEqual(walk.steps.map(({ main }) => main.id));
  steps.slice(1).forEach(({ at }, i) => {
    expect(at - steps[i]!.at).toBeGreaterThanOrEqual(5);
    expect(at - steps[i]!.at).toBeLessThanOrEqual(8);
  });
  expect(minutes).toBeGreaterThan(steps.at(-1)!.at);
  expect(water).toBe(2);
  for (const { ml } of poured) expect(ml % (50 * 8)).toBe(0);
  expect(steps.filter(({ pours }) => pours).map(({ pours }) => pours!.id)).toEqual(
    poured.map(({ drink }) => drink.id),
  );
});
