import { describe, expect, test } from '@jest/globals';
import { DEFAULT_HOUSE } from '../brief/index.js';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { plan, setPortion } from '../testing/planned.js';
import { aimedAt, makeUp, overSoFar, unweigh, weigh } from './moves.js';

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
    const over = overSoFar(cut, now, 'cheese');
    expect(over).toBeGreaterThan(20);
    const mended = makeUp(cut, now, 'tarpot');
    const made = planOf(mended);
    expect(made.shares.get('tarpot')!.net).toBe(Math.round(now.shares.get('tarpot')!.net - over));
    // It is made up once: nothing is left to make up, and asking again changes nothing.
    expect(Math.abs(overSoFar(mended, made, 'cheese'))).toBeLessThan(1);
    expect(planOf(makeUp(mended, made, 'tarpot')).shares.get('tarpot')!.net).toBe(
      made.shares.get('tarpot')!.net,
    );
    // Never on what is cut already.
    expect(makeUp(cut, now, 'hare-fell')).toBe(cut);
  });
  test('grams that a person types after the first cut stand above the frozen target, and can be taken back', () => {
    const typed = setPortion(scaled(0), 'tarpot', 123);
    expect(planOf(typed).shares.get('tarpot')!.net).toBe(123);
    expect(planOf(setPortion(typed, 'tarpot', null)).shares.get('tarpot')!.net).not.toBe(123);
    // Before any cut nothing is frozen by it.
    expect(setPortion(start, 'tarpot', 123).cutting).toEqual(start.cutting);
  });
  test('where the wheel gives a wider wedge than is eaten, the knife aims at the wedge, and on target nothing is over', () => {
    const small = anOrder({
      brief: aBrief({ guests: { adults: 3 } }),
      selection: { goods: ['slate-quay', 'halyard'] },
    });
    const now = planOf(small);
    const cut = now.cuts.find(({ goodId }) => goodId === 'slate-quay')!;
    expect(cut.wheel!.way).toBe('rounded up');
    expect(aimedAt(now, 'slate-quay')).toBeGreaterThan(cut.gross + 5);
    const after = planOf(weigh(small, now, entry('slate-quay', Math.round(cut.taken))));
    expect(after.shares.get('slate-quay')!.net).toBe(now.shares.get('slate-quay')!.net);
    expect(after.portions.mains.find(({ good }) => good.id === 'slate-quay')!.bought).toBe(
      Math.round(cut.taken),
    );
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
