import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { limitRow } from '../testing/guests.js';
import { DEFAULT_HOUSE, House, type Brief } from '../brief/index.js';
import type { Cheese, Good, Main } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, aMeat, cheeses, demoCounter, ids, meats, subsets } from '../testing/goods.js';
import { instanceOf } from './question.js';
import { keepsAll, valueOf } from '../solve/instance.js';
import { measure } from '../balance/measure.js';
import { optimise } from '../solve/optimise.js';
import { differenceOf } from '../balance/parts.js';
import { pick } from './pick.js';
import { costIn, NO_WISHES, problemOf, questionOf, type Wishes } from './problem.js';

const NODES = { nodeLimit: 50_000 };

/** The best value over every allowed selection, by trying them all; null when none is allowed. */
function bruteForce(
  brief: Brief,
  counter: readonly Good[],
  wishes: Wishes,
  house = DEFAULT_HOUSE,
): number | null {
  const problem = problemOf(brief, counter, house, wishes);
  const { mains, counts, purse, locked, groups } = problem;
  const cost = costIn(problem.targets, counts);
  let best: number | null = null;
  const ofKind = (kind: Main['kind']) => mains.filter((m) => m.kind === kind);
  for (const c of subsets(ofKind('cheese'), counts.cheese))
    for (const m of subsets(ofKind('meat'), counts.meat)) {
      const all = [...c, ...m];
      if (![...locked].every((id) => all.some((x) => x.id === id))) continue;
      if (purse !== null && all.reduce((sum, x) => sum + cost(x), 0) > purse) continue;
      const inGroup = groups.every(({ members, lo, hi }) => {
        const n = all.filter(members).length;
        return n >= lo && n <= hi;
      });
      if (!inGroup) continue;
      best = Math.max(best ?? -Infinity, measure(all, problem.brief).value);
    }
  return best;
}

describe('equals brute force on small counters', () => {
  const cases = fc.record({
    c: cheeses(4, 10),
    m: meats(2, 4),
    kinds: fc.record({ cheeses: fc.integer({ min: 1, max: 5 }), meats: fc.integer({ min: 0, max: 2 }) }),
    adventurous: fc.integer({ min: 1, max: 5 }),
    budget: fc.option(fc.integer({ min: 2500, max: 7000 })),
    lock: fc.boolean(),
    limit: fc.constantFrom(null, 'taste:blue', 'milk:goat', 'diet:no pork'),
    cover: fc.constantFrom(
      'free',
      'free',
      'hard and soft',
      'three textures',
      'five characters',
      'three milks',
    ),
    aim: fc.constantFrom('balance', 'balance', 'contrast'),
    company: fc.constantFrom('free', 'free', 'a safe bet and a surprise'),
  });
  test('with budgets, limits, locks, schools and meats', () => {
    const seen = { found: 0, tight: 0, schooled: 0, none: 0 };
    fc.assert(
      fc.property(cases, ({ c, m, kinds, adventurous, budget, lock, limit, cover, aim, company }) => {
        const brief = aBrief({
          kinds,
          adventurous,
          budget: budget === null ? null : { amount: budget, per: 'total' },
          limits: limit ? [limitRow(limit)] : [],
        });
        const house = House.parse({ cover, aim, company });
        const wishes = { locked: lock ? [c[0]!.id] : [], leftOut: lock ? [] : [c[1]!.id] };
        const expected = bruteForce(brief, [...c, ...m], wishes, house);
        const answer = pick(brief, [...c, ...m], house, wishes, NODES);
        expect(answer.proven).toBe(true);
        if (expected === null) {
          seen.none++;
          expect(answer.goodIds).toBeNull();
          return;
        }
        seen.found++;
        if (budget !== null) seen.tight++;
        if (cover !== 'free') seen.schooled++;
        expect(answer.balance!.value).toBeCloseTo(expected, 6);
      }),
      { numRuns: 120, seed: 20261124 },
    );
    // The cases are worth something only if each sort has many.
    expect(seen.found).toBeGreaterThan(40);
    expect(seen.tight).toBeGreaterThan(15);
    expect(seen.schooled).toBeGreaterThan(15);
    expect(seen.none).toBeGreaterThan(10);
  });
});

test('the columns of the optimiser say the same as the measure', () => {
  fc.assert(
    fc.property(cheeses(3, 7), meats(0, 3), fc.constantFrom('balance', 'contrast'), (c, m, aim) => {
      const house = House.parse({ aim });
      const brief = aBrief({ kinds: { cheeses: c.length, meats: m.length } });
      const problem = problemOf(brief, [...c, ...m], house, NO_WISHES);
      const instance = instanceOf(questionOf(problem));
      const all = [...problem.mains.keys()];
      expect(valueOf(instance, all)).toBeCloseTo(measure(problem.mains, problem.brief).value, 9);
    }),
  );
});

test('contrast is the mean difference over all pairs, and its optimum beats every other set', () => {
  fc.assert(
    fc.property(cheeses(5, 9), (c) => {
      const house = House.parse({ aim: 'contrast' });
      const brief = aBrief({ kinds: { cheeses: 4, meats: 0 }, season: false });
      const problem = problemOf(brief, c, house, NO_WISHES);
      for (const set of subsets(problem.mains as Cheese[], 4).slice(0, 20)) {
        const pairs = subsets(set, 2).map(([a, b]) => differenceOf(a!, b!, problem.brief));
        const mean = pairs.reduce((a, b) => a + b, 0) / pairs.length;
        expect(measure(set, problem.brief).contrast).toBeCloseTo(100 * mean, 9);
      }
      expect(pick(brief, c, house, NO_WISHES, NODES).balance!.value).toBeCloseTo(
        bruteForce(brief, c, NO_WISHES, house)!,
        6,
      );
    }),
    { numRuns: 25, seed: 4 },
  );
});

describe('wishes', () => {
  const counter = demoCounter();
  const answer = (brief: Brief, wishes: Partial<Wishes> = {}) =>
    pick(brief, counter, DEFAULT_HOUSE, { ...NO_WISHES, ...wishes }, NODES);

  test('locks are kept and what is left out stays out', () => {
    const { goodIds } = answer(aBrief(), { locked: ['lantern', 'skerry-trout'], leftOut: ['tarpot'] });
    expect(goodIds).toEqual(expect.arrayContaining(['lantern', 'skerry-trout']));
    expect(goodIds).not.toContain('tarpot');
  });

  test("a guest's limit beats a lock, and the lock is named", () => {
    const { goodIds, hitches } = answer(aBrief({ limits: [limitRow('taste:blue')] }), {
      locked: ['slate-quay'],
    });
    expect(goodIds).not.toContain('slate-quay');
    expect(hitches).toEqual([
      expect.objectContaining({
        rule: 'lock-against-a-limit',
        subject: 'slate-quay',
        figures: { good: 'Slate Quay', because: [expect.objectContaining({ fit: expect.anything() })] },
      }),
    ]);
  });

  test('more locks than kinds are all kept, and that is said', () => {
    const locked = ['halyard', 'tarpot', 'lantern'];
    const { goodIds, hitches } = answer(aBrief({ kinds: { cheeses: 2, meats: 0 } }), { locked });
    expect(ids(goodIds!.map((id) => counter.find((g) => g.id === id) as Main))).toEqual([...locked].sort());
    expect(hitches[0]?.rule).toBe('more-locks-than-kinds');
  });

  test('what has no stock, is past, or is an untried end is not proposed', () => {
    const lot = (grams: number, says: string) => [
      { id: 'l', grams, verdict: { says, taster: 'I', on: '2026-11-27' } },
    ];
    const small = [
      aCheese('gone', { lots: lot(0, 'ready') }),
      aCheese('past', { lots: lot(5000, 'past') }),
      aCheese('trial', { trial: { paid: 300, grams: 120 } }),
      aCheese('good'),
      aMeat('m'),
    ];
    const brief = aBrief({ kinds: { cheeses: 1, meats: 1 } });
    expect(pick(brief, small, DEFAULT_HOUSE, NO_WISHES, NODES).goodIds).toEqual(['good', 'm']);
  });
});

describe('schools', () => {
  test('a theme holds its axis: only that milk is picked', () => {
    const goats = pick(
      aBrief({ theme: { holds: 'milk', is: 'goat' } }),
      demoCounter(),
      DEFAULT_HOUSE,
      NO_WISHES,
      NODES,
    );
    const picked = goats.goodIds!.map((id) => demoCounter().find((g) => g.id === id)!);
    expect(
      picked.filter((g) => g.kind === 'cheese').every((g) => g.milk.every((m) => m.animal === 'goat')),
    ).toBe(true);
    expect(goats.balance!.axes.find((a) => a.id === 'milk' && a.kind === 'cheese')).toMatchObject({
      held: true,
      raw: 0,
    });
  });

  // Source: common practice, no source, "a number taught and a number used differ": three kinds cannot fill five families.
  test('three kinds cannot fill five families: that is said, and three places are filled', () => {
    const house = House.parse({ cover: 'five families' });
    const { goodIds, hitches } = pick(
      aBrief({ kinds: { cheeses: 3, meats: 0 } }),
      demoCounter(),
      house,
      NO_WISHES,
      NODES,
    );
    expect(hitches[0]).toMatchObject({
      rule: 'school-needs-more-kinds',
      figures: { cheeses: 3, school: 'five families' },
    });
    const families = goodIds!.map((id) => (demoCounter().find((g) => g.id === id) as Cheese).texture);
    expect(new Set(families).size).toBe(3);
  });

  test('five families are all there with five kinds', () => {
    const house = House.parse({ cover: 'five families' });
    const { goodIds } = pick(
      aBrief({ kinds: { cheeses: 5, meats: 0 } }),
      demoCounter(),
      house,
      NO_WISHES,
      NODES,
    );
    const families = goodIds!.map((id) =>
      (demoCounter().find((g) => g.id === id) as Cheese).texture.replace('very ', ''),
    );
    expect(families.sort()).toEqual(['bloomy', 'blue', 'fresh', 'hard', 'semi-soft']);
  });
});

test('the order of the counter does not change the answer', () => {
  const counter = demoCounter();
  const brief = aBrief({ budget: { amount: 15000, per: 'total' } });
  const forward = pick(brief, counter, DEFAULT_HOUSE, NO_WISHES, NODES);
  expect(pick(brief, [...counter].reverse(), DEFAULT_HOUSE, NO_WISHES, NODES).goodIds).toEqual(
    forward.goodIds,
  );
});

test('of equal selections the one with the earlier ids is taken', () => {
  const twins = ['d', 'b', 'c', 'a'].map((id) => aCheese(id));
  expect(
    pick(aBrief({ kinds: { cheeses: 2, meats: 0 } }), twins, DEFAULT_HOUSE, NO_WISHES, NODES).goodIds,
  ).toEqual(['a', 'b']);
});

test('a node limit gives the best so far with an honest gap, the same each time', () => {
  const problem = problemOf(
    aBrief({ kinds: { cheeses: 7, meats: 2 }, budget: { amount: 12500, per: 'total' } }),
    demoCounter(),
    DEFAULT_HOUSE,
    NO_WISHES,
  );
  const instance = instanceOf(questionOf(problem));
  const full = optimise(instance, NODES);
  const short = optimise(instance, { nodeLimit: 3 });
  expect(full).toMatchObject({ proven: true, gap: 0 });
  expect(short).toEqual(optimise(instance, { nodeLimit: 3 }));
  expect(short.proven).toBe(false);
  expect(short.value + short.gap).toBeGreaterThanOrEqual(full.value - 1e-9);
});

test('every better selection on the way is told, and it may be stopped', () => {
  const problem = problemOf(
    aBrief({ budget: { amount: 11000, per: 'total' } }),
    demoCounter(),
    DEFAULT_HOUSE,
    NO_WISHES,
  );
  const instance = instanceOf(questionOf(problem));
  const values: number[] = [];
  const full = optimise(instance, {
    ...NODES,
    onBest: (set, value) => (values.push(value), expect(keepsAll(instance, set)).toBe(true), false),
  });
  expect(values.length).toBeGreaterThan(0);
  expect(values).toEqual([...values].sort((a, b) => a - b));
  expect(values.at(-1)).toBeCloseTo(full.value, 5);
});
