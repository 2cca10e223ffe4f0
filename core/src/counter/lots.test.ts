import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { aCheese } from '../testing/goods.js';
import { sellingDays } from './lines.js';
import { Lot } from './lot.js';
import { ageOn, daysBetween, gramsOnHand, lotOn, lotsInOrder, willBeBoughtIn } from './lots.js';
import { servedGood } from './served.js';
import { TEXTURES } from './words.js';
import { densityOf, volumeOf } from './shapeOf.js';

const TASTED = '2026-11-23';
const verdict = (says: string) => ({ says, taster: 'I', on: TASTED });

describe('which lot is cut', () => {
  const lots = [
    { id: 'a', grams: 500, receivedOn: '2026-11-01' },
    { id: 'b', grams: 500, receivedOn: '2026-11-10', opened: true },
    { id: 'c', grams: 500, receivedOn: '2026-10-01', opened: true, verdict: verdict('past') },
  ];
  const cut = (some: readonly Record<string, unknown>[], date = TASTED) =>
    lotOn(aCheese('x', { texture: 'bloomy', lots: some }), date)?.lot.id ?? null;
  test('the opened lot goes first, then the oldest; one that is past never', () => {
    expect(cut(lots)).toBe('b');
    expect(cut(lots.slice(0, 1))).toBe('a');
    expect(cut(lots.slice(2))).toBeNull();
    expect(gramsOnHand(aCheese('x', { lots }), TASTED)).toBe(1000);
    expect(gramsOnHand(aCheese('x'), TASTED)).toBeNull();
  });
  // Source: common practice, no source, "the lot opened first goes first, unless it is not ready".
  test('an opened lot that is not ready waits', () => {
    const young = { id: 'y', grams: 500, opened: true, verdict: verdict('young') };
    expect(cut([young, { id: 'r', grams: 500, verdict: verdict('ready') }])).toBe('r');
    expect(cut([young])).toBe('y');
  });
});

describe('a verdict is carried to the serving day', () => {
  const on = (date: string, more: Record<string, unknown> = {}, says = 'ready', texture = 'bloomy') =>
    lotOn(aCheese('x', { texture, lots: [{ id: 'l', grams: 900, verdict: verdict(says), ...more }] }), date)
      ?.verdict?.says ?? 'past';
  test('what is ready on Tuesday is not on Saturday week', () => {
    expect(on('2026-11-23')).toBe('ready');
    expect(on('2026-11-30')).toBe('at its peak');
    expect(on('2026-12-06')).toBe('going');
    expect(on('2026-12-20')).toBe('past');
  });
  test('a hard wheel hardly moves, an opened one moves faster', () => {
    expect(on('2026-12-20', {}, 'ready', 'hard')).toBe('ready');
    expect(on('2026-11-28', { opened: true })).toBe('at its peak');
    expect(on('2026-11-28')).toBe('ready');
  });
  test('a best window rules: at its peak inside it, going after it', () => {
    const window = { bestFrom: '2026-11-26', bestUntil: '2026-11-30' };
    expect(on('2026-11-24', window)).toBe('ready');
    expect(on('2026-11-27', window)).toBe('at its peak');
    expect(on('2026-12-01', window)).toBe('going');
    expect(on('2026-12-10', window)).toBe('past');
  });
  test('it never moves back, and a later day is never fresher', () => {
    const order = ['young', 'ready', 'at its peak', 'going', 'past'];
    fc.assert(
      fc.property(
        fc.constantFrom(...TEXTURES),
        fc.constantFrom(...order.slice(0, 4)),
        fc.array(fc.integer({ min: 0, max: 400 }), { minLength: 2, maxLength: 2 }),
        fc.boolean(),
        (texture, says, days, opened) => {
          const [a, b] = [...days]
            .sort((x, y) => x - y)
            .map((d) => {
              const date = new Date(Date.parse(TASTED) + d * 86_400_000).toISOString().slice(0, 10);
              return order.indexOf(on(date, { opened }, says, texture));
            });
          expect(a!).toBeGreaterThanOrEqual(order.indexOf(says));
          expect(b!).toBeGreaterThanOrEqual(a!);
        },
      ),
    );
  });
  test('it shifts strength and paste: a bloomy wheel that goes runs, a young one is chalky', () => {
    const at = (says: string) =>
      servedGood(
        aCheese('x', {
          texture: 'bloomy',
          paste: 'creamy',
          lots: [{ id: 'l', grams: 9, verdict: verdict(says) }],
        }),
        TASTED,
      );
    expect(at('going')).toMatchObject({ paste: 'runny', sense: { intensity: 5.5 } });
    expect(at('young')).toMatchObject({ paste: 'crumbly', sense: { intensity: 3 } });
    expect(at('ready')).toMatchObject({ paste: 'creamy', sense: { intensity: 4 } });
  });
  test('for a day weeks ahead what will be past by then is bought in anew', () => {
    const cheese = aCheese('x', {
      texture: 'fresh',
      lots: [{ id: 'l', grams: 900, verdict: verdict('ready') }],
    });
    expect(willBeBoughtIn(cheese, '2027-01-09')).toBe(true);
    expect(gramsOnHand(cheese, '2027-01-09')).toBeNull();
    expect(willBeBoughtIn(cheese, '2026-11-29')).toBe(false);
    expect(gramsOnHand(cheese, '2026-11-29')).toBe(900);
    const going = aCheese('y', {
      texture: 'fresh',
      lots: [{ id: 'l', grams: 900, verdict: verdict('going') }],
    });
    expect(willBeBoughtIn(going, '2026-11-29')).toBe(false);
    expect(gramsOnHand(going, '2026-11-29')).toBe(0);
  });
  test('a lot with a price of its own is sold at it', () => {
    const lots = [
      { id: 'old', grams: 900, price: 3400, opened: true },
      { id: 'new', grams: 900, price: 2200 },
    ];
    expect(servedGood(aCheese('x', { lots }), TASTED).price.amount).toBe(3400);
  });
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

// Source: common practice, no source: what comes in is looked at before it is sold (clean, fresh, smell, dates, cold).
describe('a lot that comes in', () => {
  const ticked = { clean: true, fresh: true, smell: true, dates: true, temperature: true, refused: false };
  const shelf = (arrival: object | null) =>
    aCheese('x', {
      lots: [
        { id: 'new', grams: 900, arrival },
        { id: 'old', grams: 400 },
      ],
    });
  test.each([
    ['nothing is to be checked', null, 1300],
    ['all five are ticked', ticked, 1300],
    ['one is not ticked', { ...ticked, smell: false }, 400],
    ['it goes back', { ...ticked, refused: true }, 400],
    ['nobody looked yet', {}, 400],
  ])('%s', (_, arrival, grams) => {
    const good = shelf(arrival);
    expect(gramsOnHand(good, TASTED)).toBe(grams);
    expect(
      lotsInOrder(good, TASTED)
        .map(({ id }) => id)
        .includes('new'),
    ).toBe(grams === 1300);
  });
});

describe('the days on which a lot reaches the ages at which its line is sold', () => {
  const line = (id: string, ageDays: number) => aCheese(id, { line: 'Line', maker: 'M', ageDays });
  test('the ages of the line, from the day it was made', () => {
    const young = line('young', 90);
    const lot = Lot.parse({ id: 'l', madeOn: '2026-01-31' });
    expect(sellingDays(young, lot, [line('old', 365), young, aCheese('other', { ageDays: 10 })])).toEqual([
      { ageDays: 90, on: '2026-05-01' },
      { ageDays: 365, on: '2027-01-31' },
    ]);
    expect(sellingDays(young, { ...lot, madeOn: null }, [])).toEqual([]);
  });
});
