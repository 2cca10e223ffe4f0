import { expect, test } from '@jest/globals';
import { House } from '../brief/index.js';
import { limitRow } from '../testing/guests.js';
import { plan } from './plan.js';
import { solve, problemOf, NO_WISHES } from '../pick/index.js';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { plateShare, serviceEstimate } from '../amount/index.js';

const house = House.parse({ wage: 1800, boardHire: 500 });

test('hire for every 25 guests, and eight minutes of work for each kind and what stands beside it', () => {
  expect(serviceEstimate(aBrief({ guests: { adults: 26 } }), house, 5)).toBe(2 * 500 + (1800 * 5 * 8) / 60);
  expect(serviceEstimate(aBrief(), House.parse({}), 5)).toBe(0);
  expect(serviceEstimate(aBrief(), house, 0)).toBe(0);
});
test('own plates cost as much a head as the board', () => {
  const limit = { ...limitRow('diet:vegan'), reach: 'own plate', guests: 3 };
  expect(plateShare(aBrief({ guests: { adults: 12 }, limits: [limit] }))).toBeCloseTo(3 / 9, 9);
  expect(plateShare(aBrief())).toBe(0);
});
test('what is proposed within a budget is within it, to a tenth, work and own plates and all', () => {
  const counter = demoCounter();
  for (const adults of [8, 14, 30]) {
    const limit = { ...limitRow('diet:vegan'), reach: 'own plate', guests: 2 };
    const brief = aBrief({ guests: { adults }, limits: [limit], budget: { amount: 1500, per: 'head' } });
    const { goodIds } = solve(problemOf(brief, counter, house, NO_WISHES), { nodeLimit: 500 });
    const { sum } = plan(anOrder({ brief, selection: { goods: goodIds } }), counter, house);
    expect(sum.price).toBeLessThan(1.1 * 1500 * adults);
  }
});
