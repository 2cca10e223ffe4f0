import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEFAULT_HOUSE } from '../brief/index.js';
import { anyShop } from '../testing/anyShop.js';
import { demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { grams, money, reason, type Grams, type Rule } from '../units/index.js';
import { plan, planWith } from './plan.js';
import { groundOf } from './ground.js';
import { readPlan, writtenPlan } from './writtenPlan.js';
import { inReadingOrder, inStrip } from './rows.js';
import { stage } from '../stage/index.js';
import { STAGES } from './stages.js';

/** A small stage, as somebody would add it: which box the board travels in. */
declare module '../stage/stage.js' {
  interface Parts {
    box: { boxes: number; weight: Grams };
  }
}
declare module '../units/reason.js' {
  interface Rules {
    'too-heavy-for-one-box': { weight: Grams };
  }
}
/** Rules are named by slugs: what a person left goes by them, so that a sentence can be worded anew (the compiler holds this). */
const everyRuleIsASlug: [Extract<Rule, `${string}${' ' | ',' | '’'}${string}`>] extends [never]
  ? true
  : false = true;

const BOX_HOLDS = 1500;
const boxStage = stage(
  {
    id: 'box',
    place: 8,
    reads: ['portion', 'brief'],
    fields: [],
    summary: () => ({ goods: [], words: [] }),
  },
  {
    derive: (_, { portion: { portions } }) => ({
      weight: portions.net,
      boxes: Math.ceil(portions.net / BOX_HOLDS),
    }),
    advise: ({ box: { boxes, weight } }) => (boxes > 1 ? [reason('too-heavy-for-one-box', { weight })] : []),
    lines: ({ box: { boxes } }, { counter }) => [
      {
        subject: counter[0]!.id,
        good: counter[0]!,
        for: 'beside',
        amount: grams(0),
        cost: money(0),
        price: money(250 * boxes),
      },
    ],
  },
);

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
      'lay',
      'clock',
      'box',
    ]);
    const { boxes } = after.parts.box;
    expect(boxes).toBe(Math.ceil(before.portions.net / BOX_HOLDS));
    expect(after.sum.price).toBe(before.sum.price + 250 * boxes);
    expect(after.advice.map(({ rule }) => rule)).toEqual([
      ...before.advice.map(({ rule }) => rule),
      ...(boxes > 1 ? ['too-heavy-for-one-box'] : []),
    ]);
    expect(after.mains).toEqual(before.mains);
    // What the API answers is built from the rows too: the new one is in it, its goods by their ids.
    const { goods } = groundOf(order, counter, DEFAULT_HOUSE);
    const answer = writtenPlan(after, goods);
    expect(answer.plan).toMatchObject({ boxes, mains: [{ $good: 'halyard' }, { $good: 'tarpot' }, {}] });
    expect(answer.plan.lines.at(-1)).toMatchObject({ stage: 'box', good: { $good: counter[0]!.id } });
    expect(answer.stages.box).toEqual(['weight', 'boxes']);
    expect(readPlan(answer, goods)).toEqual(after);
  });
  test('each comes after those that it reads, whatever the order of the rows', () => {
    const rows = inReadingOrder([...STAGES].reverse());
    rows.forEach((row, i) => {
      for (const read of row.reads) expect(rows.slice(0, i).map(({ id }) => id)).toContain(read);
    });
    expect(() => inReadingOrder([boxStage])).toThrow(/read each other, or one that is not there/);
  });
  test('every rule is a slug', () => expect(everyRuleIsASlug).toBe(true));
  test('places and ids are each given once', () => {
    const places = inStrip(STAGES).map(({ place }) => place);
    expect(new Set(places).size).toBe(places.length);
    expect(new Set(STAGES.map(({ id }) => id)).size).toBe(STAGES.length);
  });
  test('the sum is that of the lines, whatever stage they are of', () => {
    const p = plan(order, counter, DEFAULT_HOUSE);
    expect(p.sum.price).toBe(p.lines.reduce((total, line) => total + (line.price ?? 0), 0));
    const poor = {
      ...order,
      brief: { ...order.brief, budget: { amount: money(100), per: 'total' as const } },
    };
    const { sum } = plan(poor, counter, DEFAULT_HOUSE);
    expect([sum.budget, sum.remaining]).toEqual([100, 100 - sum.price]);
    expect(sum.pricePerHead).toBe(Math.round(sum.price / 12));
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
  test('no throw, no NaN, no negative amount, and the same plan twice', () => {
    fc.assert(
      fc.property(anyShop, ({ order, shelf, house: ofHouse }) => {
        const written = () => {
          const { goods } = groundOf(order, shelf, ofHouse);
          return writtenPlan(plan(order, shelf, ofHouse), goods).plan;
        };
        const p = written();
        expect(numbersIn(p).filter(([, n]) => !Number.isFinite(n))).toEqual([]);
        for (const { amount, cost } of p.lines) {
          expect(amount ?? 0).toBeGreaterThanOrEqual(0);
          expect(cost ?? 0).toBeGreaterThanOrEqual(0);
        }
        expect(JSON.stringify(written())).toBe(JSON.stringify(p));
      }),
      { numRuns: 30 },
    );
  });
});
