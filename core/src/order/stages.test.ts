import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { LIMITS } from '../care/index.js';
import { DEFAULT_HOUSE, House, ROLES, SETTINGS, SURFACES } from '../brief/index.js';
import { isMain, type Good } from '../counter/index.js';
import { aBrief, aCheese, anOrder, demoCounter } from '../testing/goods.js';
import { grams, money, reason, type Grams } from '../units/index.js';
import type { OrderBody } from './order.js';
import { plan, planWith } from './plan.js';
import { planOut } from './planOut.js';
import { inReadingOrder, inStrip, stage, STAGES } from './stages/index.js';

/** A small stage, as somebody would add it: which box the board travels in. */
declare module './stages/row.js' {
  interface Parts {
    box: { boxes: number; weight: Grams };
  }
}
declare module '../units/reason.js' {
  interface Rules {
    'too heavy for one box': { weight: Grams };
  }
}
const BOX_HOLDS = 1500;
const boxStage = stage({
  id: 'box',
  place: 7,
  reads: ['portion', 'brief'],
  fields: [],
  derive: (_, { portion: { portions } }) => ({
    weight: portions.net,
    boxes: Math.ceil(portions.net / BOX_HOLDS),
  }),
  advise: ({ box: { boxes, weight } }) => (boxes > 1 ? [reason('too heavy for one box', { weight })] : []),
  lines: ({ box: { boxes } }, { counter }) => [
    { good: counter[0]!, for: 'beside', amount: grams(0), cost: money(250 * boxes) },
  ],
  summary: () => ({ goods: [], words: [] }),
});

describe('a stage is one row', () => {
  const counter = demoCounter();
  const order = anOrder({ selection: { goods: ['halyard', 'tarpot', 'bosun-ham'] } });
  test('a new one stands in the strip, derives from what it reads, advises, and its money is in the sum', () => {
    const stages = [...STAGES, boxStage];
    const before = plan(order, counter, DEFAULT_HOUSE);
    const after = planWith(stages, order, counter, DEFAULT_HOUSE);
    expect(inStrip(stages).map(({ id }) => id)).toEqual([
      'brief',
      'pick',
      'portion',
      'cut',
      'pair',
      'walk',
      'box',
    ]);
    const { boxes } = after.parts.box;
    expect(boxes).toBe(Math.ceil(before.portions.net / BOX_HOLDS));
    expect(after.sum.cost).toBe(before.sum.cost + 250 * boxes);
    expect(after.advice.map(({ rule }) => rule)).toEqual([
      ...before.advice.map(({ rule }) => rule),
      ...(boxes > 1 ? ['too heavy for one box'] : []),
    ]);
    expect(after.mains).toEqual(before.mains);
  });
  test('each comes after those that it reads, whatever the order of the rows', () => {
    const rows = inReadingOrder([...STAGES].reverse());
    rows.forEach((row, i) => {
      for (const read of row.reads) expect(rows.slice(0, i).map(({ id }) => id)).toContain(read);
    });
    expect(() => inReadingOrder([boxStage])).toThrow(/read each other, or one that is not there/);
  });
  test('places and ids are each given once', () => {
    const places = inStrip().map(({ place }) => place);
    expect(new Set(places).size).toBe(places.length);
    expect(new Set(STAGES.map(({ id }) => id)).size).toBe(STAGES.length);
  });
  test('the sum is that of the lines, whatever stage they are of', () => {
    const p = plan(order, counter, DEFAULT_HOUSE);
    expect(p.sum.cost).toBe(p.lines.reduce((total, line) => total + (line.cost ?? 0), 0));
    const poor = {
      ...order,
      brief: { ...order.brief, budget: { amount: money(100), per: 'total' as const } },
    };
    const { sum } = plan(poor, counter, DEFAULT_HOUSE);
    expect([sum.budget, sum.remaining]).toEqual([100, 100 - sum.cost]);
    expect(sum.costPerHead).toBe(Math.round(sum.cost / 12));
    expect(p.sum.remaining).toBeNull();
  });
});

/** Every number in a tree of plain data. */
function numbersIn(tree: unknown, path = '', found: [string, number][] = []): [string, number][] {
  if (typeof tree === 'number') found.push([path, tree]);
  else if (Array.isArray(tree)) tree.forEach((value, i) => numbersIn(value, `${path}[${i}]`, found));
  else if (tree && typeof tree === 'object')
    for (const [key, value] of Object.entries(tree)) numbersIn(value, `${path}.${key}`, found);
  return found;
}

// Source: docs/design, "What every stage keeps": the one property over the whole plan.
describe('any order, counter and house give a plan', () => {
  const counter = demoCounter();
  const mains = counter.filter(isMain).map(({ id }) => id);
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
  );
  /** The demo, nothing at all, no wares, and goods of which hardly anything is told. */
  const counters: readonly (readonly Good[])[] = [
    counter,
    [],
    counter.filter(({ kind }) => kind !== 'ware'),
    [
      ...counter.map((good) => (good.kind === 'cheese' ? { ...good, composition: null } : good)),
      aCheese('bare', { milkKnown: false, described: false, form: { shape: 'tub', grams: 200 } }),
    ],
  ];
  test('no throw, no NaN, no negative amount, and the same plan twice', () => {
    fc.assert(
      fc.property(
        brief,
        house,
        fc.constantFrom(...counters),
        fc.option(fc.uniqueArray(fc.constantFrom(...mains), { maxLength: 9 })),
        (asked, ofHouse, shelf, goods) => {
          const order = anOrder({ brief: aBrief(asked), selection: { goods } }) as OrderBody;
          const p = planOut(plan(order, shelf, ofHouse));
          for (const [path, n] of numbersIn(p))
            expect({ path, finite: Number.isFinite(n) }).toEqual({ path, finite: true });
          for (const { amount, cost } of p.lines) {
            expect(amount ?? 0).toBeGreaterThanOrEqual(0);
            expect(cost ?? 0).toBeGreaterThanOrEqual(0);
          }
          expect(JSON.stringify(planOut(plan(order, shelf, ofHouse)))).toBe(JSON.stringify(p));
        },
      ),
      { numRuns: 150 },
    );
  });
});
