import fc from 'fast-check';
import { LIMITS } from '../care/index.js';
import { DEFAULT_HOUSE, House, ROLES, SETTINGS, SURFACES } from '../brief/index.js';
import { isCompanion, isDrink, isMain, type Good } from '../counter/index.js';
import type { OrderBody } from '../order/order.js';
import { aBrief } from './briefs.js';
import { aCheese, demoCounter } from './goods.js';
import { anOrder } from './orders.js';

/** Any order in any shop, for what must hold of every plan: nobody or two hundred guests, every limit, bare counters. */

const counter = demoCounter();
const mains = counter.filter(isMain).map(({ id }) => id);
const sweets = counter
  .filter((good) => isDrink(good) || (isCompanion(good) && ['chocolate', 'honey'].includes(good.role)))
  .map(({ id }) => id);
const limit = fc.record({
  what: fc.constantFrom(...LIMITS.map(({ id }) => id)),
  severity: fc.constantFrom('allergy', 'medical', 'religious', 'diet', 'dislike'),
  reach: fc.constantFrom('board', 'own plate', 'card'),
  guests: fc.integer({ min: 1, max: 200 }),
  who: fc.constantFrom('', 'Ada'),
});
const brief = fc.record({
  guests: fc.record({
    adults: fc.oneof(fc.constant(1), fc.integer({ min: 0, max: 200 })),
    children: fc.integer({ min: 0, max: 20 }),
    under5: fc.integer({ min: 0, max: 5 }),
    infants: fc.integer({ min: 0, max: 3 }),
  }),
  role: fc.constantFrom(...ROLES),
  setting: fc.constantFrom(...SETTINGS),
  surface: fc.constantFrom(...SURFACES),
  travelMinutes: fc.constantFrom(0, 40, 600),
  adventurous: fc.integer({ min: 1, max: 5 }),
  sweetTooth: fc.integer({ min: 1, max: 5 }),
  lowCarb: fc.constantFrom(0, 3),
  limits: fc.uniqueArray(limit, { maxLength: 4, selector: ({ what }) => what }),
  budget: fc.constantFrom(null, { amount: 1, per: 'head' }, { amount: 90000, per: 'total' }),
  flight: fc.constantFrom(
    null,
    null,
    { kind: 'vertical', of: 'Harrow' },
    { kind: 'face-off', of: 'gouda style' },
  ),
  servingAt: fc.constantFrom('2026-11-28T18:30', '2027-06-12T12:00'),
});
const house = fc.constantFrom(
  DEFAULT_HOUSE,
  House.parse({ units: 'US customary', country: 'NZ', amountSchool: 'per kind', parity: 'any number' }),
  House.parse({ cover: 'five families', aim: 'contrast', company: 'a safe bet and a surprise' }),
  // One whose tastings turned a rule round.
  House.parse({
    lateSchool: 'by strength',
    learnt: {
      on: '2026-11-01',
      fingerprint: 'x',
      sessions: ['s'],
      notes: 9,
      weights: { 'acid-cuts-fat': -1, 'sweet-as-it-asks': 3 },
    },
  }),
);
/** The demo, nothing at all, no wares, and goods of which hardly anything is known. */
const counters: readonly (readonly Good[])[] = [
  counter,
  [],
  counter.filter(({ kind }) => kind !== 'ware'),
  [
    ...counter.map((good) => (good.kind === 'cheese' ? { ...good, composition: null } : good)),
    aCheese('bare', {
      from: { animal: 'not known', making: 'not known', age: 'not known' },
      form: { shape: 'tub', grams: 200 },
    }),
  ],
];

export const anyShop: fc.Arbitrary<{ order: OrderBody; shelf: readonly Good[]; house: House }> = fc
  .record({
    asked: brief,
    house,
    shelf: fc.constantFrom(...counters),
    goods: fc.option(fc.uniqueArray(fc.constantFrom(...mains), { maxLength: 9 })),
    desserts: fc.uniqueArray(fc.constantFrom(...sweets), { maxLength: 3 }),
    told: fc.boolean(),
  })
  .map(({ asked, goods, desserts, told, ...shop }) => ({
    ...shop,
    order: anOrder({
      brief: aBrief(asked),
      selection: { goods },
      desserts,
      extras: desserts.filter((id) => counter.some((good) => good.id === id && isCompanion(good))),
      telling: told && goods?.[0] ? { [goods[0]]: { words: ['mine'], point: 'Said by hand.' } } : {},
    }) as OrderBody,
  }));

/** A number of them, the same each time. */
export const seededShops = (seed: number, many: number) => fc.sample(anyShop, { seed, numRuns: many });
