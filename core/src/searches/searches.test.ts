import { describe, expect, test } from '@jest/globals';
import { z } from 'zod';
import { DEFAULT_HOUSE } from '../brief/index.js';
import { byId } from '../counter/index.js';
import { plan, PlanRequest } from '../order/index.js';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import {
  isSearch,
  NoQuestion,
  runSearch,
  SEARCHES,
  SEARCH_IDS,
  searchFingerprint,
  type SearchId,
} from './index.js';
import type { Search } from './search.js';

const shop = { counter: demoCounter(), house: DEFAULT_HOUSE };
const brief = aBrief({ guests: { adults: 12 }, hours: 6 });
const order = anOrder({
  brief,
  selection: { goods: ['wren-curd', 'halyard', 'tarpot', 'slate-quay', 'bosun-ham'] },
});
/** A good that is too long out, so that there are ways out. */
const tooLong = () => plan(order, shop.counter, shop.house).timing.standing.find((one) => one.early > 0)!.key;

/** What is sent, and whether something must be found. */
const SENT: { readonly [K in SearchId]: unknown } = {
  pick: { brief },
  alternatives: { brief },
  trouble: { brief: aBrief({ budget: { amount: 100, per: 'total' } }) },
  more: { brief },
  money: { brief: aBrief({ guests: { adults: 2 }, kinds: { cheeses: 2, meats: 1 } }) },
  lay: { order },
  clock: { order },
  get ways() {
    return { order, key: tooLong() };
  },
};

/** A search by its id, from what is sent to what is answered. */
function answerTo<K extends SearchId>(id: K, sent: unknown): unknown {
  const { request, question } = SEARCHES[id];
  const asked = question(request.parse(sent), shop);
  // A board is laid roughly: its shape is asked here, not its beauty.
  const quick = 'steps' in asked ? { ...asked, steps: 1500 } : asked;
  return JSON.parse(JSON.stringify(byId(runSearch(id, quick))));
}

describe.each(SEARCH_IDS)('%s', (id) => {
  test('what it answers is what its schema says, and nothing that it does not', () => {
    const answer = answerTo(id, SENT[id]);
    expect(SEARCHES[id].answer.parse(answer)).toEqual(answer);
    for (const [field, value] of Object.entries(answer as object))
      if (['alternatives', 'waysOut', 'steps', 'more', 'placed', 'tasks', 'ways', 'goodIds'].includes(field))
        expect([field, (value as unknown[]).length]).not.toEqual([field, 0]);
  });
  test('a request without what it needs is refused', () => {
    expect(SEARCHES[id].request.safeParse({}).success).toBe(false);
  });
});

test('a board that the order does not have is no question, and its boards are named', () => {
  const ask = (sent: object) =>
    SEARCHES.lay.question(SEARCHES.lay.request.parse({ ...PlanRequest.parse({ order }), ...sent }), shop);
  expect(() => ask({ board: 'attic' })).toThrow(NoQuestion);
  expect(() => ask({ board: 'attic' })).toThrow(/Its boards: /);
  expect(() => ask({ order: anOrder({ brief }) })).toThrow(/pick goods first/);
});

test('a fingerprint is that of the search, its request and its shop', () => {
  const base = searchFingerprint('pick', { brief }, 1);
  expect(searchFingerprint('pick', { brief: structuredClone(brief) }, 1)).toBe(base);
  for (const other of [
    searchFingerprint('more', { brief }, 1),
    searchFingerprint('pick', { brief: { ...brief, adventurous: 5 } }, 1),
    searchFingerprint('pick', { brief }, 2),
  ])
    expect(other).not.toBe(base);
});

/** A small search, as somebody would add it: the dearest goods of the counter (docs/architecture.md, "Adding a search"). */
const dearest: Search<{ many: number }, { many: number; prices: number[] }, { prices: number[] }, number> = {
  version: 1,
  finds: 'The dearest prices of the counter',
  request: z.object({ many: z.number().int().min(1).max(5) }),
  question: ({ many }, { counter }) => ({ many, prices: counter.map(({ price }) => price.amount) }),
  run: ({ many, prices }, onProgress) => {
    onProgress?.(1);
    return { prices: [...prices].sort((a, b) => b - a).slice(0, many) };
  },
  answer: z.object({ prices: z.array(z.number()) }),
};

test('a search is one row: with it its id is known, it is run with its progress, checked and told apart', () => {
  const id = 'dearest' as SearchId;
  expect(isSearch(id)).toBe(false);
  Object.assign(SEARCHES, { dearest });
  try {
    expect(isSearch(id)).toBe(true);
    const progress: unknown[] = [];
    const asked = SEARCHES[id].question(dearest.request.parse({ many: 2 }) as never, shop);
    const answer = runSearch(id, asked as never, (soFar) => progress.push(soFar));
    expect(dearest.answer.parse(answer)).toEqual(answer);
    expect(progress).toEqual([1]);
    expect(dearest.request.safeParse({ many: 9 }).success).toBe(false);
    expect(searchFingerprint(id, { many: 2 }, 1)).not.toBe(searchFingerprint(id, { many: 3 }, 1));
  } finally {
    Reflect.deleteProperty(SEARCHES, id);
  }
});
