import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isCompanion, isDrink, isMain, type Drink } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCompanion, demoCounter } from '../testing/goods.js';
import { reliefOf } from './cleanser.js';
import { dessertsFor, dessertSteps, endsTasting } from './dessert.js';
import { pathOf } from './path.js';
import { walkFor } from './walk.js';

const counter = demoCounter();
const drinks = counter.filter(isDrink);
const chocolate = counter.filter(isCompanion).find(({ role }) => role === 'chocolate')!;

// Source: common practice, no source: nothing but chocolate, a sweet companion or sweet wine follows a blue.
test('chocolate, honey and sweet wine end a tasting; cheese, meat, bread, pickle and dry wine never do', () => {
  expect(counter.filter(isMain).some(endsTasting)).toBe(false);
  expect(endsTasting(chocolate)).toBe(true);
  for (const good of counter
    .filter(isCompanion)
    .filter(({ role }) => ['bread', 'brine', 'mustard'].includes(role)))
    expect(endsTasting(good)).toBe(false);
  const sugars = (ends: boolean) =>
    drinks.filter((good) => endsTasting(good) === ends).map(({ residualSugar }) => residualSugar);
  expect(Math.min(...sugars(true))).toBeGreaterThan(Math.max(...sugars(false)));
  expect(Math.min(...sugars(true))).toBeGreaterThanOrEqual(45);
});

test('steps of a dessert go on counting, the sweeter later and chocolate last, however they are named', () => {
  const sweet = [...drinks].sort((a, b) => b.residualSugar - a.residualSugar)[0] as Drink;
  const honey = counter.filter(isCompanion).find(({ role }) => role === 'honey')!;
  fc.assert(
    fc.property(fc.shuffledSubarray([chocolate, sweet, honey], { minLength: 3 }), (asked) => {
      const steps = dessertSteps(asked, 5);
      expect(steps.map(({ number }) => number)).toEqual([6, 7, 8]);
      expect(steps.at(-1)!.good).toBe(chocolate);
    }),
  );
});

test('the path goes clockwise round the board, each step with the same room, and leaves the guest’s side free', () => {
  const goods = counter.filter(isMain).slice(0, 6);
  const stops = pathOf(walkFor(goods, null), dessertSteps([chocolate], 6));
  expect(stops.map(({ number }) => number)).toEqual([1, 2, 3, 4, 5, 6, 7]);
  const turns = stops.slice(1).map(({ degrees }, i) => (degrees - stops[i]!.degrees + 360) % 360);
  for (const turn of turns) expect(turn).toBeCloseTo(turns[0]!, 9);
  expect(turns.reduce((a, b) => a + b, 0)).toBeLessThan(360);
  // Six o'clock, where the guest stands, is 180 degrees.
  for (const { degrees } of stops) expect(Math.abs(degrees - 180)).toBeGreaterThan(20);
  expect(pathOf(walkFor([], null), [])).toEqual([]);
});

test('a cleanser is so much a head and place, bought with its waste, and only where the walk asks for it', () => {
  const apple = aCompanion('apple', { role: 'fruit', juice: 8 }, { sour: 6 });
  const { steps } = walkFor(
    counter
      .filter(isMain)
      .filter(({ sense }) => sense.intensity >= 7)
      .slice(0, 4),
    null,
  );
  const brief = aBrief({ guests: { adults: 10 } });
  const found = reliefOf(apple, steps, brief)!;
  expect(found.places).toBe(steps.filter(({ cleanse }) => cleanse).length);
  expect(found.places).toBeGreaterThan(0);
  expect(found.net).toBe(15 * 10 * found.places);
  expect(found.gross).toBeGreaterThanOrEqual(found.net);
  expect([reliefOf(null, steps, brief), reliefOf(apple, [], brief)]).toEqual([null, null]);
});

test('nothing on the board and nothing on the counter: no dessert', () =>
  expect(dessertsFor([], [], aBrief())).toEqual([]));
