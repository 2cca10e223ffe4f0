import { expect, test } from '@jest/globals';
import { isDrink, type Drink } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { practice } from '../testing/reference.js';
import { USUAL_PRACTICE } from '../brief/index.js';
import { drinkPortions, poursPerHead } from './drinks.js';

const drinks = demoCounter().filter(isDrink);
const white = drinks.find(({ type }) => type === 'white')!;
const red = drinks.find(({ type }) => type === 'red')!;
const free = drinks.find(({ type }) => type === 'no-alcohol')!;
const of = (set: Drink[], more = {}) => drinkPortions(set, aBrief(more));

test('pours are those of practice', () => {
  expect(USUAL_PRACTICE.pours.firstHour).toEqual(practice('pours per drinking adult, first hour'));
  expect(USUAL_PRACTICE.pours.laterHour).toEqual(practice('pours per drinking adult, each later hour'));
  expect(USUAL_PRACTICE.pourMl.white).toBe(practice('wine pour, table').low);
});
test('three hours are a first and two later ones; a nibble is one', () => {
  expect(poursPerHead(aBrief({ hours: 3 }))).toBe(1.25 + 2 * 0.75);
  expect(poursPerHead(aBrief({ hours: 3, role: 'nibble' }))).toBe(1.25);
  expect(poursPerHead(aBrief({ hours: 0.5 }))).toBe(0.625);
});
test('twelve at drinks for three hours: 33 pours, in whole bottles, shared by two wines', () => {
  const [one, two] = of([white, red]);
  expect(one!.pours + two!.pours).toBeGreaterThanOrEqual(33);
  expect(one!.bottles).toBe(Math.ceil((17 * 125) / 750));
  expect(one!.price).toBe(one!.bottles * white.price.amount);
});
test('who does not drink, and children, are poured what has no alcohol', () => {
  const [wine, juice] = of([white, free], { drinkers: 4, guests: { adults: 6, children: 3, infants: 2 } });
  expect(wine!.guests).toBe(4);
  // Two who do not drink and three children, and those who do may take of it too; infants are poured nothing.
  expect(juice!.guests).toBe(9);
  expect(juice!.pours).toBe(Math.ceil(2.75 * (5 + 4 / 2)));
  expect(of([white], { drinkers: 0 })[0]).toMatchObject({ pours: 0, bottles: 0, price: 0 });
});
