import { expect, test } from '@jest/globals';
import { aCheese } from '../testing/goods.js';
import { ageOn, daysBetween, gramsOnHand, nextLot } from './lots.js';
import { densityOf, volumeOf } from './shapeOf.js';

const verdict = (says: string) => ({ says, taster: 'I', on: '2026-11-23' });

test('the opened lot goes first, then the oldest; one that is past never', () => {
  const lots = [
    { id: 'a', grams: 500, receivedOn: '2026-11-01' },
    { id: 'b', grams: 500, receivedOn: '2026-11-10', opened: true },
    { id: 'c', grams: 500, receivedOn: '2026-10-01', opened: true, verdict: verdict('past') },
  ];
  expect(nextLot(aCheese('x', { lots }))?.id).toBe('b');
  expect(nextLot(aCheese('x', { lots: lots.slice(0, 1) }))?.id).toBe('a');
  expect(nextLot(aCheese('x', { lots: lots.slice(2) }))).toBeNull();
  expect(gramsOnHand(aCheese('x', { lots }))).toBe(1000);
  expect(gramsOnHand(aCheese('x'))).toBeNull();
});

test('age counts to the serving day, not to today', () => {
  const cheese = aCheese('x', { ageDays: 40, lots: [{ id: 'a', grams: 1, madeOn: '2026-10-28' }] });
  expect(ageOn(cheese, '2026-11-28T18:30')).toBe(31);
  expect(ageOn(aCheese('y', { ageDays: 40 }), '2026-11-28')).toBe(40);
  expect(daysBetween('2028-02-28', '2028-03-01')).toBe(2);
});

// Source: solid geometry. A wheel of 220 x 100 mm: pi x 110^2 x 100 mm3.
test('volume and density of a wheel', () => {
  const { form } = aCheese('x');
  expect(volumeOf(form)).toBeCloseTo(Math.PI * 110 ** 2 * 100, 6);
  expect(densityOf(form)).toBeCloseTo(4000 / (Math.PI * 110 ** 2 * 100), 12);
  expect(volumeOf({ ...form, height: null })).toBeNull();
});
