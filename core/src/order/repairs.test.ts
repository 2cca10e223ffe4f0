import { describe, expect, test } from '@jest/globals';
import { DEFAULT_HOUSE } from '../brief/index.js';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { plan } from './plan.js';
import { repairsOf } from './repairs.js';

const counter = demoCounter();
const goods = ['halyard', 'tarpot', 'kestrel-ash', 'harbourmaster', 'turkey-stick'];
const order = (amount: number | null, more = {}) =>
  anOrder({
    brief: aBrief({ budget: amount === null ? null : { amount, per: 'total' } }),
    selection: { goods },
    ...more,
  });

describe('ways back into the budget', () => {
  const { price } = plan(order(null), counter, DEFAULT_HOUSE).sum;
  test('none within the budget, and none without one', () => {
    expect(repairsOf(order(null), counter, DEFAULT_HOUSE)).toEqual([]);
    expect(repairsOf(order(price), counter, DEFAULT_HOUSE)).toEqual([]);
  });
  test('each does what it says, and the cheapest loss stands first', () => {
    const asked = order(price - 800);
    const before = plan(asked, counter, DEFAULT_HOUSE);
    const repairs = repairsOf(asked, counter, DEFAULT_HOUSE);
    expect(new Set(repairs.map(({ kind }) => kind)).size).toBeGreaterThan(2);
    repairs.forEach((repair, i) => {
      const after = plan(repair.order, counter, DEFAULT_HOUSE);
      expect(before.sum.price - after.sum.price).toBe(repair.saves);
      expect(before.balance.value - after.balance.value).toBeCloseTo(repair.loses, 9);
      expect(repair.enough).toBe(after.sum.price <= price - 800);
      expect(repair.saves).toBeGreaterThan(0);
      if (i > 0) expect(repair.loses).toBeGreaterThanOrEqual(repairs[i - 1]!.loses);
    });
    expect(repairs.some(({ enough }) => enough)).toBe(true);
  });
  test('what is locked is neither swapped nor left out', () => {
    const locked = order(price - 800, { selection: { goods, locked: goods } });
    for (const { kind, subject } of repairsOf(locked, counter, DEFAULT_HOUSE))
      expect([kind, subject && goods.includes(subject.id)]).not.toEqual([expect.anything(), true]);
  });
  test('drinks that come with the order may be left to the customer', () => {
    const withDrinks = order(price, { drinks: 'with the order' });
    const apart = repairsOf(withDrinks, counter, DEFAULT_HOUSE).find(({ kind }) => kind === 'drinks apart');
    expect(apart).toMatchObject({ loses: 0, enough: true });
  });
});
