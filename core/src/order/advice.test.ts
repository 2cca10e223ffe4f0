import { describe, expect, test } from '@jest/globals';
import { DEFAULT_HOUSE } from '../brief/index.js';
import type { Good } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, aMeat, demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { reasonKey, stepFrom } from '../units/index.js';
import { ORDER_FORMAT } from './format.js';
import { type OrderBody } from './order.js';
import { plan } from './plan.js';

const planOf = (order: OrderBody, counter: readonly Good[]) => plan(order, counter, DEFAULT_HOUSE);
const strong = (id: string, more = {}) => aCheese(id, more, { intensity: 8, funk: 2 });

describe('advice is left by rule and subject', () => {
  // Source: common practice, no source: timid guests want what is mild; strong begins at 7.
  test('three strong cheeses at a timid table are three pieces of advice, each naming its good', () => {
    const goods = ['a', 'b', 'c'].map((id) => strong(id, { name: `Cheese ${id}` }));
    const order = anOrder({
      brief: aBrief({ adventurous: 1, kinds: { cheeses: 3, meats: 0 } }),
      selection: { goods: goods.map(({ id }) => id) },
    });
    const told = planOf(order, goods).advice.filter(({ rule }) => rule === 'timid-and-strong');
    expect(told.map(({ subject }) => subject)).toEqual(['a', 'b', 'c']);
    expect(told.map(({ figures }) => figures)).toEqual(goods.map(({ name }) => ({ good: name })));
    const { rule, subject } = told[1]!;
    const left = planOf({ ...order, adviceLeft: [{ rule, subject }] }, goods).advice.filter((a) => a.left);
    expect(left.map(reasonKey)).toEqual(['timid-and-strong b']);
  });

  test('renaming a good, or handing the goods over in another order, does not take its advice back up', () => {
    const goods = [strong('a', { colours: ['#eeeeee'] }), strong('b', { colours: ['#eeeeee'] }), aMeat('m')];
    const order = anOrder({ selection: { goods: ['a', 'b', 'm'] } });
    const advice = planOf(order, goods).advice.filter(({ subject }) => /\b[ab]\b/.test(subject));
    expect(advice.some(({ subject }) => subject === 'a b')).toBe(true);
    const adviceLeft = advice.map(({ rule, subject }) => ({ rule, subject }));
    const renamed = goods.map((good) => ({ ...good, name: `${good.name} renamed` })).reverse();
    const after = planOf({ ...order, adviceLeft }, renamed).advice;
    expect(after.filter((a) => a.left).map(reasonKey)).toEqual(advice.map(reasonKey));
  });

  test('what an order of format 2 had left is left still; what it knew by a sentence comes back once', () => {
    const { adviceLeft: _, ...stored } = anOrder({});
    const waved = ['safe bet', 'stock halyard', 'meat count', 'alike A and B are much alike'];
    expect(stepFrom(ORDER_FORMAT, 2)!({ ...stored, waved } as never)).toEqual({
      ...stored,
      adviceLeft: [
        { rule: 'no safe bet', subject: '' },
        { rule: 'short of stock', subject: 'halyard' },
        { rule: 'number of kinds', subject: 'meat' },
      ],
    });
  });
});

describe('a clash that a person chose', () => {
  const counter = demoCounter();
  const order = (pairs: object) => anOrder({ selection: { goods: ['morning-basket', 'tarpot'] }, pairs });
  const told = (pairs: object) =>
    planOf(order(pairs), counter).advice.filter(({ rule }) => rule === 'clash-by-hand');
  test('is advice at once, with why and what would sit better; taken back, it is gone', () => {
    expect(told({})).toEqual([]);
    const [advice] = told({ 'morning-basket': { brine: 'smooth-mustard' } });
    expect(advice!.subject).toBe('morning-basket smooth-mustard');
    expect(advice!.effect).toBeLessThan(0);
    const { why, instead } = advice!.figures as unknown as { why: { effect: number }; instead: string[] };
    expect(why.effect).toBeLessThan(0);
    expect(instead).not.toContain('Smooth Mustard');
  });
  test('a match that a person chose is none', () => {
    expect(told({ tarpot: { sweet: 'apple' } })).toEqual([]);
  });
});
