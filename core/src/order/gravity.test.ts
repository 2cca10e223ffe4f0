import { describe, expect, test } from '@jest/globals';
import { DEFAULT_HOUSE } from '../brief/index.js';
import { Lot, type Good } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { addDays } from '../units/index.js';
import { isShortage, shortagesOf, shortOf } from './gravity.js';
import { labelRead, takeLot } from './moves.js';
import { plan } from './plan.js';
import { settledOrder } from './settled.js';

/** What is short, and what is only advised: by stage, by good. */

const brief = aBrief({ guests: { adults: 8 }, kinds: { cheeses: 2, meats: 0 } });
const day = brief.servingAt.slice(0, 10);
const lot = (id: string, months: number, grams: number) =>
  Lot.parse({ id, grams, madeOn: addDays(day, -30 * months), opened: false });
const shelf = (...lots: Lot[]): Good[] => [
  aCheese('gouda', { name: 'Gouda', texture: 'hard', lots }),
  aCheese('other', {}),
];
const order = anOrder({ brief, selection: { goods: ['gouda', 'other'], lots: { gouda: 'old' } } });
const taken = settledOrder(order, shelf(lot('old', 36, 5000), lot('young', 13, 5000)), DEFAULT_HOUSE);
/** But that this shop has no board. */
const shortIn = (of: typeof order, counter: Good[]) =>
  shortagesOf(plan(of, counter, DEFAULT_HOUSE)).filter(({ rule }) => rule !== 'no-board');

describe('a lot that is sold out', () => {
  const now = shelf(lot('young', 13, 5000));
  test('is said with both ages, and asks', () => {
    expect(shortIn(taken, shelf(lot('old', 36, 5000), lot('young', 13, 5000)))).toEqual([]);
    const [short] = shortIn(taken, now);
    expect(short).toMatchObject({ rule: 'lot-replaced', subject: 'gouda', stage: 'pick' });
    expect(short!.figures).toMatchObject({ good: 'Gouda', was: 1080, is: 390, lot: 'young' });
    expect(shortOf(plan(taken, now, DEFAULT_HOUSE), 'gouda')).toHaveLength(1);
    expect(shortOf(plan(taken, now, DEFAULT_HOUSE), 'other')).toEqual([]);
  });
  test('whoever takes the other lot has answered; another of much the same age is no question', () => {
    const answered = settledOrder(takeLot(taken, 'gouda', 'young'), now, DEFAULT_HOUSE);
    expect(shortIn(answered, now)).toEqual([]);
    expect(shortIn(taken, shelf(lot('next', 34, 5000)))).toEqual([]);
  });
});

test('advice knows its stage, and a shortage is no advice that may be left', () => {
  const few = shelf(lot('old', 36, 20));
  const { advice } = plan(order, few, DEFAULT_HOUSE);
  const short = advice.filter(isShortage);
  expect(short.map(({ rule, stage, subject }) => [rule, stage, subject])).toEqual(
    expect.arrayContaining([['short-of-stock', 'portion', 'gouda']]),
  );
  expect(advice.every(({ stage }) => typeof stage === 'string')).toBe(true);
});

test('of what no lot lies there nobody says how much of the wheel stays', () => {
  const wheel = (lots: Lot[]) => {
    const { cuts } = plan(order, shelf(...lots), DEFAULT_HOUSE);
    return cuts.find(({ goodId }) => goodId === 'gouda')!.wheel!;
  };
  expect(wheel([lot('old', 36, 4000)]).isCounted).toBe(true);
  expect(wheel([]).isCounted).toBe(false);
});

test('what a label said goes into the good that the order keeps, and nothing else of it', () => {
  const allergens = { ...taken.snapshot.goods.gouda!.good.allergens, rest: 'free' as const };
  const read = labelRead(taken, 'gouda', allergens);
  expect(read.snapshot.goods.gouda!.good).toEqual({ ...taken.snapshot.goods.gouda!.good, allergens });
  expect(labelRead(taken, 'nobody', allergens)).toBe(taken);
});
