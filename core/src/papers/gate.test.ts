import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { HEAD_KINDS, LIMITS, newLimit, newPerson, REACHES, SEVERITIES, type Person } from '../care/index.js';
import { DEFAULT_HOUSE, House, ROLES } from '../brief/index.js';
import { isCompanion, isDrink, isMain, type Good } from '../counter/index.js';
import { timingOf } from '../clock/index.js';
import type { Layout, Thing } from '../lay/index.js';
import { groundOf, plan, type OrderBody } from '../order/index.js';
import { aBrief } from '../testing/briefs.js';
import { aGuest } from '../testing/guests.js';
import { demoCounter } from '../testing/goods.js';
import { offersIn, wrongOffers } from '../testing/offers.js';
import { anOrder } from '../testing/orders.js';
import { PAPER_IDS, printed } from './table.js';

/** One gate: nobody is offered what they must not have, anywhere in a plan or on a paper. */

const counter = demoCounter();
const ids = (test: (good: Good) => boolean) => counter.filter(test).map(({ id }) => id);
const mains = ids(isMain);
const sweets = ids((good) => isDrink(good) || isCompanion(good));

const HEADS = { adult: 'adults', child: 'children', under5: 'under5', infant: 'infants' } as const;
const person = fc
  .record({
    head: fc.constantFrom(...HEAD_KINDS),
    count: fc.integer({ min: 1, max: 3 }),
    reach: fc.constantFrom(...REACHES),
    limits: fc.uniqueArray(fc.constantFrom(...LIMITS.map(({ id }) => id)), { minLength: 1, maxLength: 3 }),
    severity: fc.constantFrom(null, ...SEVERITIES),
  })
  .map(({ limits, severity, ...more }) =>
    newPerson({
      ...more,
      limits: limits.map((what) => ({ what, severity: severity ?? newLimit(what).severity })),
    }),
  );

/** Heads enough for everybody who has limits. */
function headsFor(persons: readonly Person[], more: Record<string, number>): Record<string, number> {
  const heads = { ...more };
  for (const { head, count } of persons) heads[HEADS[head]] = (heads[HEADS[head]] ?? 0) + count;
  return heads;
}

const table = fc
  .record({
    persons: fc.array(person, { minLength: 1, maxLength: 6 }),
    more: fc.record({
      adults: fc.integer({ min: 0, max: 20 }),
      children: fc.integer({ min: 0, max: 3 }),
      under5: fc.constantFrom(0, 0, 2),
      infants: fc.constantFrom(0, 0, 1),
    }),
    role: fc.constantFrom(...ROLES),
    lowCarb: fc.constantFrom(0, 2),
    country: fc.constantFrom('', 'GB', 'IE'),
    goods: fc.uniqueArray(fc.constantFrom(...mains), { maxLength: 8 }),
    locked: fc.boolean(),
    extras: fc.uniqueArray(fc.constantFrom(...ids(isCompanion)), { maxLength: 2 }),
    desserts: fc.uniqueArray(fc.constantFrom(...sweets), { maxLength: 2 }),
    blind: fc.boolean(),
  })
  .map(({ persons, more, role, lowCarb, country, goods, locked, extras, desserts, blind }) => ({
    order: anOrder({
      brief: aBrief({ persons, guests: headsFor(persons, more), role, lowCarb }),
      selection: { goods, locked: locked ? goods.slice(0, 1) : [] },
      extras,
      desserts,
    }) as OrderBody,
    // A shop that has read no label yet.
    shelf: blind ? counter.map((good, i) => (i % 3 === 0 ? { ...good, allergens: UNREAD } : good)) : counter,
    house: House.parse({ ...DEFAULT_HOUSE, country }),
  }));
const UNREAD = { contains: [], mayContain: [], free: [], unknown: [], rest: 'unknown' as const, said: [] };

/** A layout with every thing at the centre of the board. */
const heapOf = (things: readonly Thing[]): Layout => ({
  placed: things.map(({ id }) => ({ id, x: 0, y: 0, turn: 0 })),
  patches: [],
  violations: [],
  score: 0,
  covered: 0,
  gap: { x: 0, y: 0, r: 0 },
});

/** A plan with all that its papers say. */
function all({ order, shelf, house }: { order: OrderBody; shelf: readonly Good[]; house: House }) {
  const made = plan(order, shelf, house);
  const ground = {
    plan: made,
    order,
    house,
    shelf,
    counter: groundOf(order, shelf, house).counter,
    // Who may eat what does not hang on the hour: the quick answer does.
    day: timingOf(made.timing.question),
    // Nor on where it lies: all in the middle does.
    layouts: new Map(made.boards.laid.map(({ key, things }) => [key, heapOf(things)])),
  };
  const papers = PAPER_IDS.map((id) => {
    const one = printed(id, ground);
    return [id, 'data' in one ? one.data : null] as const;
  });
  const served = [...ground.counter];
  const printedOffers = offersIn(Object.fromEntries(papers), 'papers', served);
  return { made, offers: [...offersIn(made, 'plan'), ...printedOffers] };
}

/** `npm run gate` asks more of it. */
const TABLES = Number(process.env.ROTULA_TABLES ?? 200);

test('nobody is offered what they must not have; what a person put there against a limit is a danger', () => {
  let [offered, dangers] = [0, 0];
  fc.assert(
    fc.property(table, (shop) => {
      const { made, offers } = all(shop);
      const { order } = shop;
      const byHand = new Set([...order.selection.locked, ...order.extras, ...order.desserts]);
      const said = new Set(
        made.dangers.filter(({ rule }) => rule === 'against-a-limit').flatMap(({ goods }) => goods),
      );
      const wrong = wrongOffers(made, offers);
      const unsaid = wrong.filter(({ good }) => !(byHand.has(good.id) && said.has(good.id)));
      expect(unsaid.map(({ path, good }) => `${path} ${good.id}`)).toEqual([]);
      // No danger without a hand in it.
      expect([...said].filter((id) => !byHand.has(id))).toEqual([]);
      offered += offers.length;
      dangers += said.size;
    }),
    { numRuns: TABLES, seed: 33 },
  );
  // Else nothing was asked of it.
  expect(offered).toBeGreaterThan(50 * TABLES);
  expect(dangers).toBeGreaterThan(0);
}, 3_600_000);

describe('guests of whom nobody has decided', () => {
  const goods = ['halyard', 'slate-quay', 'bosun-ham', 'tarpot'];
  const planWith = (persons: readonly Person[]) =>
    plan(anOrder({ brief: aBrief({ persons }), selection: { goods } }), counter, DEFAULT_HOUSE);
  const without = planWith([]);

  test('nothing leaves the board by the mere act of adding a limit, and it is a danger until somebody chooses', () => {
    for (const { id } of LIMITS) {
      const made = planWith([aGuest(id, 'undecided')]);
      expect([id, made.mains.map((main) => main.id)]).toEqual([id, without.mains.map((main) => main.id)]);
      expect(made.pairs.set.map(({ beside }) => beside.id)).toEqual(
        without.pairs.set.map(({ beside }) => beside.id),
      );
      expect(made.dangers.map(({ rule }) => rule)).toEqual(['guest-undecided']);
      // It is said once.
      expect(made.cautions.map(({ rule }) => rule)).not.toContain('guests-limit');
    }
    for (const reach of REACHES.filter((one) => one !== 'undecided'))
      expect(planWith([aGuest('allergen:fish', reach)]).dangers).toEqual([]);
  });
  test('what is offered to them is nothing that their limits bar', () => {
    const made = planWith([aGuest('taste:blue', 'undecided', { count: 12 })]);
    const blue = made.portions.mains.find(({ good }) => good.id === 'slate-quay');
    // Twelve of twelve avoid it: nothing of it is laid out for them.
    expect(blue?.net).toBe(0);
  });
});

// Source: common practice, no source: locks are a person's own word.
test('a good that a person holds on the board against a limit stays there, red', () => {
  const brief = aBrief({ persons: [aGuest('allergen:milk', 'board', { who: 'Ada' })] });
  const order = (locked: string[]) =>
    plan(anOrder({ brief, selection: { goods: ['halyard', 'bosun-ham'], locked } }), counter, DEFAULT_HOUSE);
  expect(order([]).mains.map(({ id }) => id)).toEqual(['bosun-ham']);
  expect(order([]).dangers).toEqual([]);
  const held = order(['halyard']);
  expect(held.mains.map(({ id }) => id)).toContain('halyard');
  expect(held.dangers).toMatchObject([{ rule: 'against-a-limit', goods: ['halyard'], mustMend: true }]);
});

test('a finished order stays as it was served: what a limit kept off does not come back by its lock', () => {
  const brief = aBrief({ persons: [aGuest('allergen:milk', 'board')] });
  const of = (state: string) =>
    plan(
      anOrder({ brief, state, selection: { goods: ['halyard', 'bosun-ham'], locked: ['halyard'] } }),
      counter,
      DEFAULT_HOUSE,
    );
  expect(of('in work').mains.map(({ id }) => id)).toContain('halyard');
  expect(of('finished').mains.map(({ id }) => id)).toEqual(['bosun-ham']);
  expect(of('finished').dangers).toEqual([]);
});

// Source: public-health advice on food in pregnancy (GB), from memory.
test('what is promised to steam counts only where it is baked', () => {
  const house = House.parse({ ...DEFAULT_HOUSE, country: 'GB' });
  const brief = aBrief({ persons: [aGuest('risk:pregnant', 'board')], steamed: ['halyard'] });
  const dangersOf = (hot: object[]) =>
    plan(
      anOrder({ brief, clock: { hot }, selection: { goods: ['halyard'], locked: ['halyard'] } }),
      counter,
      house,
    ).dangers.map(({ rule }) => rule);
  expect(dangersOf([])).toEqual(['against-a-limit']);
  expect(dangersOf([{ id: 'halyard', way: 'toasted' }])).toEqual(['against-a-limit']);
  expect(dangersOf([{ id: 'halyard', way: 'baked' }])).toEqual([]);
});
