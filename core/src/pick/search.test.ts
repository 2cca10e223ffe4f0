import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { newLimit } from '../care/index.js';
import { DEFAULT_HOUSE, type Brief } from '../brief/index.js';
import type { Good, Main } from '../counter/index.js';
import { aBrief, aCheese, aMeat, cheeses, demoCounter, ids, meats, subsets } from '../testing/goods.js';
import { measure } from './measure.js';
import { pick } from './pick.js';
import { costOfSet, problemOf, stockHolds, type Wishes } from './problem.js';
import { search } from './search.js';
import { swapsFor } from './swaps.js';

const FREE: Wishes = { locked: [], leftOut: [] };
const NODES = { nodeLimit: 1_000_000 };

/** The best value over every allowed selection, by trying them all; null when none is allowed. */
function bruteForce(brief: Brief, counter: readonly Good[], wishes: Wishes): number | null {
  const problem = problemOf(brief, counter, DEFAULT_HOUSE, wishes);
  const { targets, purse, locked } = problem;
  let best: number | null = null;
  for (const c of subsets(problem.cheeses, problem.nCheeses)) {
    if (!stockHolds(targets.cheeses.total, c)) continue;
    for (const m of subsets(problem.meats, problem.nMeats)) {
      const all = [...c, ...m];
      if (![...locked].every((id) => all.some((x) => x.id === id))) continue;
      if (!stockHolds(targets.meats.total, m)) continue;
      if (purse !== null && costOfSet(targets.cheeses.total, c) + costOfSet(targets.meats.total, m) > purse)
        continue;
      best = Math.max(best ?? -Infinity, measure(all, brief).value);
    }
  }
  return best;
}

describe('equals brute force on counters of up to 12 goods', () => {
  const cases = fc.record({
    c: cheeses(4, 9),
    m: meats(2, 3),
    kinds: fc.record({ cheeses: fc.integer({ min: 1, max: 4 }), meats: fc.integer({ min: 0, max: 2 }) }),
    adventurous: fc.integer({ min: 1, max: 5 }),
    budget: fc.option(fc.integer({ min: 2500, max: 7000 })),
    lock: fc.boolean(),
    limit: fc.constantFrom(null, 'taste:blue', 'milk:goat', 'diet:no pork'),
    stock: fc.option(fc.integer({ min: 300, max: 1500 })),
  });
  test('with budgets, limits, locks, stock and meats', () => {
    let found = 0;
    let tight = 0;
    fc.assert(
      fc.property(cases, ({ c, m, kinds, adventurous, budget, lock, limit, stock }) => {
        const counter: Main[] = [...c, ...m].map((main, i) =>
          stock !== null && i % 3 === 0
            ? ({
                ...main,
                lots: [
                  {
                    id: 'l',
                    grams: stock,
                    pieces: 0,
                    madeOn: null,
                    receivedOn: null,
                    opened: false,
                    verdict: null,
                  },
                ],
              } as unknown as Main)
            : main,
        );
        const brief = aBrief({
          kinds,
          adventurous,
          budget: budget === null ? null : { amount: budget, per: 'total' },
          limits: limit ? [newLimit(limit)] : [],
        });
        const wishes = { locked: lock ? [c[0]!.id] : [], leftOut: lock ? [] : [c[1]!.id] };
        const expected = bruteForce(brief, counter, wishes);
        const answer = pick(brief, counter, DEFAULT_HOUSE, wishes, NODES);
        if (expected === null) {
          expect(answer.goodIds).toBeNull();
          expect(answer.hitches.length).toBeGreaterThan(0);
          return;
        }
        found++;
        if (budget !== null) tight++;
        expect(answer.proven).toBe(true);
        expect(answer.balance!.value).toBeCloseTo(expected, 9);
      }),
      { numRuns: 150, seed: 20261124 },
    );
    // The cases are worth something only if many have an answer, some of them under a budget.
    expect(found).toBeGreaterThan(60);
    expect(tight).toBeGreaterThan(10);
  });
});

describe('wishes', () => {
  const counter = demoCounter();
  const answer = (brief: Brief, wishes: Partial<Wishes> = {}) =>
    pick(brief, counter, DEFAULT_HOUSE, { ...FREE, ...wishes }, NODES);

  test('locks are kept and what is left out stays out', () => {
    const { goodIds } = answer(aBrief(), { locked: ['lantern', 'skerry-trout'], leftOut: ['tarpot'] });
    expect(goodIds).toEqual(expect.arrayContaining(['lantern', 'skerry-trout']));
    expect(goodIds).not.toContain('tarpot');
  });

  test("a guest's limit beats a lock, and the lock is named", () => {
    const { goodIds, hitches } = answer(aBrief({ limits: [newLimit('taste:blue')] }), {
      locked: ['slate-quay'],
    });
    expect(goodIds).not.toContain('slate-quay');
    expect(hitches).toEqual([
      expect.objectContaining({
        id: 'lock against a limit',
        goodIds: ['slate-quay'],
        says: expect.stringContaining('no blue'),
      }),
    ]);
  });

  test('more locks than kinds are all kept, and that is said', () => {
    const locked = ['halyard', 'tarpot', 'lantern'];
    const { goodIds, hitches } = answer(aBrief({ kinds: { cheeses: 2, meats: 0 } }), { locked });
    expect(ids(goodIds!.map((id) => counter.find((g) => g.id === id) as Main))).toEqual([...locked].sort());
    expect(hitches[0]?.id).toBe('more locks than kinds');
  });

  test('when nothing fits it says what stands in the way and what to do', () => {
    const poor = answer(aBrief({ budget: { amount: 500, per: 'total' } }));
    expect(poor.goodIds).toBeNull();
    expect(poor.hitches[0]?.says).toMatch(/cheapest .* cost about/);
    const barred = answer(aBrief({ limits: [{ ...newLimit('allergen:milk'), reach: 'board' }] }));
    expect(barred.hitches[0]).toMatchObject({ id: 'too few', says: expect.stringContaining('own plate') });
  });

  test('what has no stock or is past is not proposed', () => {
    const lot = (grams: number, says: string) => [
      { id: 'l', grams, verdict: { says, taster: 'I', on: '2026-11-23' } },
    ];
    const small = [
      aCheese('gone', { lots: lot(0, 'ready') }),
      aCheese('past', { lots: lot(5000, 'past') }),
      aCheese('good'),
      aMeat('m'),
    ];
    const brief = aBrief({ kinds: { cheeses: 1, meats: 1 } });
    expect(pick(brief, small, DEFAULT_HOUSE, FREE, NODES).goodIds).toEqual(['good', 'm']);
  });
});

test('the order of the counter does not change the answer', () => {
  const counter = demoCounter();
  const brief = aBrief({ budget: { amount: 15000, per: 'total' } });
  const forward = pick(brief, counter, DEFAULT_HOUSE, FREE, NODES);
  expect(pick(brief, [...counter].reverse(), DEFAULT_HOUSE, FREE, NODES)).toEqual(forward);
});

test('a node limit gives the best so far with an honest gap, the same each time', () => {
  const problem = problemOf(aBrief(), demoCounter(), DEFAULT_HOUSE, FREE);
  const full = search(problem, NODES);
  const short = search(problem, { nodeLimit: 9 });
  expect(full).toMatchObject({ proven: true, gap: 0 });
  expect(short).toEqual(search(problem, { nodeLimit: 9 }));
  expect(short.nodes).toBeLessThanOrEqual(9);
  expect(short.proven).toBe(false);
  const none = search(problem, { nodeLimit: 1 });
  expect(none.proven).toBe(false);
  expect(none.value + none.gap).toBeGreaterThanOrEqual(full.value - 1e-9);
  expect(short.value + short.gap).toBeGreaterThanOrEqual(full.value - 1e-9);
});

test('swaps tell exactly what each changes, best first', () => {
  const counter = demoCounter();
  const brief = aBrief();
  const mains = pick(brief, counter, DEFAULT_HOUSE, FREE, NODES).goodIds!.map(
    (id) => counter.find((g) => g.id === id) as Main,
  );
  const swaps = swapsFor(mains[0]!, mains, brief, counter, DEFAULT_HOUSE, { leftOut: [] });
  expect(swaps.length).toBeGreaterThan(5);
  const now = measure(mains, brief);
  for (const swap of swaps.slice(0, 3)) {
    const changed = mains.map((m) =>
      m.id === swap.out ? (counter.find((g) => g.id === swap.in) as Main) : m,
    );
    expect(swap.value).toBeCloseTo(measure(changed, brief).value - now.value, 9);
  }
  // The pick is the optimum, so no single swap may better it.
  expect(swaps[0]!.value).toBeLessThanOrEqual(1e-9);
  expect(swaps.map((s) => s.value)).toEqual([...swaps.map((s) => s.value)].sort((a, b) => b - a));
});
