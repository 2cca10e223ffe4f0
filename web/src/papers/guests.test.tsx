/** @jest-environment jsdom */
import { expect, test } from '@jest/globals';
import { groundOf, House, PAPER_IDS, PAPERS, plan, timingOf, type PaperGround } from '@rotula/core';
import { aBrief } from '../../../core/src/testing/briefs';
import { demoCounter } from '../../../core/src/testing/goods';
import { aGuest } from '../../../core/src/testing/guests';
import { anOrder } from '../../../core/src/testing/orders';
import { paperText } from './print';

/** What of a guest stands on which paper. */

const counter = demoCounter();
const house = House.parse({});
const order = anOrder({
  brief: aBrief({
    guests: { adults: 8, under5: 1 },
    persons: [
      aGuest('allergen:tree nuts', 'not loose', { who: 'Zenobia', seat: '7', note: 'since the hospital' }),
      aGuest('diet:vegetarian', 'card', { count: 2 }),
    ],
  }),
  selection: { goods: ['halyard', 'tarpot', 'bosun-ham'] },
});
const made = plan(order, counter, house);
const ground: PaperGround = {
  plan: made,
  order,
  house,
  shelf: counter,
  counter: groundOf(order, counter, house).counter,
  day: timingOf(made.timing.question),
  layouts: new Map(),
};
const PAPERS_OF_NOW = PAPER_IDS.filter((id) => !PAPERS[id].needs.includes('layouts'));

test.each(PAPERS_OF_NOW)('%s: notes and who must not have what are for the hands of the shop', async (id) => {
  const text = await paperText(id, ground, 'x');
  const isShops = PAPERS[id].for === 'shop';
  expect([id, text.includes('since the hospital')]).toEqual([id, isShops && id !== 'off-labels']);
  if (isShops && id !== 'off-labels') {
    expect(text).toMatch(/Who must not have what/);
    expect(text).toMatch(/Zenobia, seat 7: tree nuts.*their own plate, cut first/s);
    expect(text).toMatch(/2 guests: vegetarian.*they read the cards/s);
    expect(text).toMatch(/Children under 5: 1/);
  }
});

test('the allergen list says it without names; what guests take home says nothing of it', async () => {
  const list = await paperText('allergens', ground, 'x');
  expect(list).toMatch(/Who must not have what.*One guest: tree nuts/s);
  for (const id of ['tasting-menu', 'to-find-again'] as const) {
    const text = await paperText(id, ground, 'x');
    expect(text).not.toMatch(/Who must not have what|Zenobia/);
  }
});

test('an infant who must not have something has no plate on paper, since there is none', async () => {
  const infant = anOrder({
    ...order,
    brief: aBrief({
      guests: { adults: 4, infants: 1 },
      persons: [aGuest('allergen:milk', 'own plate', { head: 'infant', who: 'Pip' })],
    }),
  });
  const plain = plan(infant, counter, house);
  expect(plain.ownPlates).toEqual([]);
  const text = await paperText(
    'cut-sheet',
    { ...ground, order: infant, plan: plain, day: timingOf(plain.timing.question) },
    'x',
  );
  expect(text).toMatch(/Pip: milk allergy.*an infant: nothing of this food/s);
  expect(text).not.toMatch(/their own plate/);
});
