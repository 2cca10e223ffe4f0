import { describe, expect, test } from '@jest/globals';
import { DEFAULT_HOUSE } from '../brief/index.js';
import { aBrief, anOrder, demoCounter } from '../testing/goods.js';
import { plan } from './plan.js';
import { aimedAt, makeUp, overSoFar, unweigh, weigh } from './weigh.js';

const counter = demoCounter();
const goods = ['hare-fell', 'tarpot', 'halyard', 'bosun-ham'];
const start = anOrder({ selection: { goods } });
const planOf = (order = start) => plan(order, counter, DEFAULT_HOUSE);
const entry = (goodId: string, grams: number) => ({
  id: `w-${goodId}`,
  goodId,
  grams,
  lot: null,
  simulated: true,
  at: '2026-11-28T10:00',
});
const scaled = (over: number, order = start) => {
  const target = Math.round(aimedAt(planOf(order), 'hare-fell'));
  return weigh(order, planOf(order), entry('hare-fell', target + over));
};

describe('the scale is the truth', () => {
  test('what was weighed is what is eaten and bought, and the others do not move', () => {
    const before = planOf();
    const after = planOf(scaled(30));
    const of = (p: typeof before, id: string) => p.portions.mains.find(({ good }) => good.id === id)!;
    expect(of(after, 'hare-fell').net).toBeGreaterThan(of(before, 'hare-fell').net + 15);
    expect(of(after, 'hare-fell').bought).toBe(Math.round(aimedAt(before, 'hare-fell')) + 30);
    for (const id of goods.slice(1)) expect(of(after, id).net).toBe(of(before, id).net);
    expect(after.sum.price).toBeGreaterThan(before.sum.price);
    expect(after.weighed.get('hare-fell')).toMatchObject({ over: 30, simulated: true });
  });
  test('numbers do not move under the knife: more guests change no target any more', () => {
    const more = { ...scaled(0), brief: aBrief({ guests: { adults: 20 } }) };
    const of = (id: string) => planOf(more).shares.get(id)!.net;
    for (const id of goods.slice(1)) expect(of(id)).toBe(planOf().shares.get(id)!.net);
  });
  test('what is over is made up on a good still uncut, to the gram', () => {
    const cut = scaled(40);
    const now = planOf(cut);
    const over = overSoFar(now, 'cheese');
    expect(over).toBeGreaterThan(20);
    const made = planOf(makeUp(cut, now, 'tarpot'));
    expect(made.shares.get('tarpot')!.net).toBe(Math.round(now.shares.get('tarpot')!.net - over));
  });
  test('taken back, all is as it was', () => {
    expect(unweigh(scaled(40), 'hare-fell')).toEqual(start);
  });
  test('two weighings of one good add up, under the first target', () => {
    const first = scaled(-100);
    const both = weigh(first, planOf(first), { ...entry('hare-fell', 90), id: 'w2' });
    expect(planOf(both).weighed.get('hare-fell')!.over).toBe(-10);
  });
});

test('an agreed price stands, whatever is cut: the difference is margin', () => {
  const before = planOf();
  const agreed = { ...scaled(40), agreed: before.sum.price };
  const after = planOf(agreed);
  expect(after.sum.agreed).toBe(before.sum.price);
  expect(after.sum.price).toBeGreaterThan(before.sum.price);
  expect(after.sum.margin).toBe(before.sum.price - after.sum.cost);
});
