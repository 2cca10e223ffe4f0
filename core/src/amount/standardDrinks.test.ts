import { describe, expect, test } from '@jest/globals';
import { aBrief } from '../testing/briefs.js';
import { aCompanion } from '../testing/goods.js';
import { carbohydratePerAdult } from './carbohydrate.js';
import { ukUnits, usStandardDrinks } from './standardDrinks.js';

// Source: US standard drink 14 g of ethanol, UK unit 10 ml; the worked examples of reference/README.md.
describe('alcohol as advice counts it', () => {
  test('750 ml at 13.5 % is 10.1 UK units and 5.7 US drinks', () => {
    expect(ukUnits(750, 13.5)).toBeCloseTo(10.1, 1);
    expect(usStandardDrinks(750, 13.5)).toBeCloseTo(5.7, 1);
  });
  test('5 US fl oz at 12 % is one US drink', () => {
    expect(usStandardDrinks(5 * 29.5735295625, 12)).toBeCloseTo(1, 2);
  });
  test('a UK pint at 4 % is 2.3 units', () => {
    expect(ukUnits(568.26125, 4)).toBeCloseTo(2.3, 1);
  });
  test('nothing in what has no alcohol', () => {
    expect([ukUnits(750, 0), usStandardDrinks(0, 40)]).toEqual([0, 0]);
  });
});

describe('sugar and starch beside', () => {
  const honey = aCompanion('honey', { role: 'honey' });
  const bread = aCompanion('bread', { role: 'bread' });
  test('are those of each one’s share, bread apart', () => {
    const { all, bread: inBread } = carbohydratePerAdult([honey, bread], aBrief());
    // 8 g of honey at 82 %, 40 g of bread at 50 %.
    expect([all, inBread]).toEqual([Math.round(0.82 * 8 + 20), 20]);
  });
  test('two of a role share; what its label says goes before the usual', () => {
    const sweet = aCompanion('sweet', {
      role: 'bread',
      composition: { water: 20, fat: 5, protein: 5, carbohydrate: 70, ash: 0 },
    });
    expect(carbohydratePerAdult([bread, sweet], aBrief()).all).toBe(Math.round(20 * 0.5 + 20 * 0.7));
    expect(carbohydratePerAdult([], aBrief())).toEqual({ all: 0, bread: 0 });
  });
});
