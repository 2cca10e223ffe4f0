/** @jest-environment jsdom */
import { describe, expect, test } from '@jest/globals';
import {
  groundOf,
  House,
  PAPER_IDS,
  PAPERS,
  plan,
  timingOf,
  withReading,
  type Good,
  type OrderBody,
  type PaperGround,
} from '@rotula/core';
import { aBrief } from '../../../core/src/testing/briefs';
import { aCompanion, demoCounter } from '../../../core/src/testing/goods';
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
  if (id === 'off-labels')
    expect(text).toMatch(/Must not have.*Zenobia, seat 7: tree nuts.*their own plate/s);
  else if (isShops) {
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

/** The ground of another order, shop or house. */
function groundFor(of: OrderBody, shelf: readonly Good[] = counter, at: House = house): PaperGround {
  const its = plan(of, shelf, at);
  return {
    plan: its,
    order: of,
    house: at,
    shelf,
    counter: groundOf(of, shelf, at).counter,
    day: timingOf(its.timing.question),
    layouts: new Map(),
  };
}

describe('names', () => {
  const named = async (guestNames: House['guestNames']) => {
    const at = groundFor(order, counter, House.parse({ guestNames }));
    const has = await Promise.all(
      PAPERS_OF_NOW.map(async (id) => [id, (await paperText(id, at, 'x')).includes('Zenobia')] as const),
    );
    return has.filter(([, is]) => is).map(([id]) => id);
  };
  test('stand where the house prints them, and never where guests read of others', async () => {
    const usual = await named('shop and plates');
    expect(usual).toContain('cards');
    expect(usual.filter((id) => id !== 'cards').map((id) => PAPERS[id].for)).toEqual(
      usual.filter((id) => id !== 'cards').map(() => 'shop'),
    );
    const shop = await named('shop');
    expect(shop).toEqual(usual.filter((id) => id !== 'cards'));
    expect(shop).toContain('run-sheet');
    expect(await named('nowhere')).toEqual([]);
  });
});

describe('cards', () => {
  const cards = (of: OrderBody = order, shelf: readonly Good[] = counter, at: House = house) =>
    paperText('cards', groundFor(of, shelf, at), 'x');
  test('say every limit of the table, whom to ask, and what elders are usually told', async () => {
    const text = await cards(order, counter, House.parse({ onDuty: 'Vera, at the counter' }));
    expect(text).toMatch(/▲ [^▲]*Not vegetarian \(is meat\)/);
    expect(text).toMatch(/▲ [^▲]*Not for children under 5/);
    expect(text).toMatch(/Questions: ask Vera, at the counter/);
    expect(text).toMatch(/Elders and the frail are usually told to leave/);
    expect(await cards()).toMatch(/Questions: ask My counter/);
  });
  test('call nothing free of, or low in, anything on a shared board; only an own plate may, and never beside what may be in it', async () => {
    const claims = anOrder({
      ...order,
      brief: aBrief({
        guests: { adults: 8 },
        lowCarb: 2,
        persons: [aGuest('allergen:gluten', 'own plate', { who: 'Bo' })],
      }),
      extras: ['thins'],
    });
    const thins = withReading(
      aCompanion('thins', {
        name: 'Gluten-free Seed Thins',
        style: 'low-carb crackers',
        role: 'cracker',
        allergens: {
          contains: [],
          mayContain: ['sesame'],
          free: ['wheat', 'rye', 'barley', 'oats', 'spelt', 'kamut'],
          unknown: [],
          rest: 'free',
        },
      }),
    );
    const at = groundFor(claims, [...counter, thins]);
    for (const id of ['cards', 'tasting-menu', 'allergens', 'time-line'] as const) {
      const text = await paperText(id, at, 'x');
      const [shared] = text.split('Own plate');
      expect([
        id,
        shared!.match(/.{0,40}(free of|-free|gluten free|low[- ]carb).{0,20}/i)?.[0] ?? null,
      ]).toEqual([id, null]);
    }
    const text = await paperText('cards', at, 'x');
    expect(text).toMatch(/Seed Thins/);
    for (const plate of text.split('Own plate').slice(1))
      expect(/May contain/.test(plate) && /Free of/.test(plate)).toBe(false);
  });
});

test('a good of which not all is known holds the list for guests; the kitchen prints it, with the gap by name', async () => {
  const shelf = counter.map((good) =>
    good.id === 'tarpot'
      ? { ...good, allergens: { ...good.allergens, free: [], rest: 'unknown' as const } }
      : good,
  );
  const at = groundFor(order, shelf);
  expect(await paperText('allergens', at, 'x')).toMatch(/No allergen list yet/);
  const kitchen = await paperText('kitchen-allergens', at, 'x');
  expect(kitchen).toMatch(/Not known: offer none of it.*Tarpot: .*almond/s);
  expect(kitchen).toMatch(/Who must not have what.*Zenobia/s);
});
