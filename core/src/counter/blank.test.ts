import { describe, expect, test } from '@jest/globals';
import { aCheese, demoCounter } from '../testing/goods.js';
import { blankGood, freeId, moneyAtRisk } from './blank.js';
import { allergensOf } from './ingredients.js';
import { servedOn, withLots } from './served.js';
import { GOOD_KINDS } from './words.js';

test.each(GOOD_KINDS)(
  'a new %s takes a name; what nobody knows is unknown, and unknown never passes',
  (kind) => {
    const good = blankGood(kind, 'Newcomer', 'newcomer', 'a new thing');
    expect(good).toMatchObject({ kind, name: 'Newcomer', id: 'newcomer', lots: [], trial: null });
    if (kind !== 'ware') expect(allergensOf(good).unknown.length).toBeGreaterThan(20);
  },
);

test('an id that is taken gets a number', () => {
  const taken = ['halyard', 'halyard-2'];
  expect(freeId('halyard', (id) => taken.includes(id))).toBe('halyard-3');
  expect(freeId('gull', (id) => taken.includes(id))).toBe('gull');
  expect(freeId('', () => false)).toBe('good');
});

describe('money at risk', () => {
  // Worked: a wheel of 4 kg at 20.00 a kg is 80.00.
  test('the small end against a whole piece', () => {
    const end = aCheese('x', { trial: { paid: 340, grams: 120 } });
    expect(moneyAtRisk(end)).toEqual({ paid: 340, whole: 8000 });
  });
  test('a piece that is sold whole costs its price', () => {
    const piece = aCheese('x', { trial: { paid: 0, grams: 20 }, price: { amount: 690, per: 'piece' } });
    expect(moneyAtRisk(piece)).toEqual({ paid: 0, whole: 690 });
  });
  test('of what has no price yet no whole is reckoned', () => {
    const blank = { ...blankGood('cheese', 'End', 'end', 'x'), trial: { paid: 340, grams: 120 } } as never;
    expect(moneyAtRisk(blank)).toEqual({ paid: 340, whole: null });
  });
  test('what is no trial risks nothing', () => expect(moneyAtRisk(aCheese('x'))).toBeNull());
});

describe('the counter of the serving day', () => {
  const counter = demoCounter();
  test('keeps every good, and changes nothing that has no lot', () => {
    const served = servedOn(counter, '2026-11-28T18:30');
    expect(served.map((g) => g.id)).toEqual(counter.map((g) => g.id));
    for (const [i, good] of counter.entries()) if (good.lots.length === 0) expect(served[i]).toBe(good);
  });
  test('does not change what it is given', () => {
    const before = JSON.stringify(counter);
    servedOn(withLots(counter, { tarpot: 'tarpot-2' }), '2026-12-28');
    expect(JSON.stringify(counter)).toBe(before);
  });
  test('a chosen lot stands alone; no choice is the same counter', () => {
    expect(withLots(counter, {})).toBe(counter);
    const chosen = withLots(counter, { tarpot: 'tarpot-2', halyard: 'no such lot' });
    expect(chosen.find((g) => g.id === 'tarpot')!.lots.map((l) => l.id)).toEqual(['tarpot-2']);
    expect(chosen.find((g) => g.id === 'halyard')).toBe(counter.find((g) => g.id === 'halyard'));
  });
});
