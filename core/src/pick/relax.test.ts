import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { House } from '../brief/index.js';
import { aBrief } from '../testing/briefs.js';
import { cheeses, meats, subsets } from '../testing/goods.js';
import { enumerator } from '../solve/enumerate.js';
import { bundled } from '../solve/bundles.js';
import { canFinish, gainer, startSet } from '../solve/greedy.js';
import { NodeHeap, type OpenNode } from '../solve/heap.js';
import { instanceOf } from './question.js';
import { keepsAll, onlyKind, valueOf, type Instance } from '../solve/instance.js';
import { NO_WISHES, problemOf, questionOf } from './problem.js';
import { Relaxation } from '../solve/relax.js';

/** The pieces of the optimiser, each held against trying everything. */

const cases = fc.record({
  c: cheeses(4, 8),
  m: meats(2, 3),
  kinds: fc.record({ cheeses: fc.integer({ min: 1, max: 3 }), meats: fc.integer({ min: 0, max: 2 }) }),
  budget: fc.option(fc.integer({ min: 4000, max: 9000 })),
  cover: fc.constantFrom('free', 'hard and soft', 'three milks'),
  aim: fc.constantFrom('balance', 'contrast'),
});
type Case = typeof cases extends fc.Arbitrary<infer T> ? T : never;

function instanceFor({ c, m, kinds, budget, cover, aim }: Case): Instance {
  const brief = aBrief({ kinds, budget: budget === null ? null : { amount: budget, per: 'total' } });
  const house = House.parse({ cover, aim });
  return instanceOf(questionOf(problemOf(brief, [...c, ...m], house, NO_WISHES)));
}

const itemsOf = (instance: Instance, kind: number) =>
  [...instance.kindOf.keys()].filter((i) => instance.kindOf[i] === kind);
const allSets = (instance: Instance): number[][] =>
  subsets(itemsOf(instance, 0), instance.want[0]).flatMap((c) =>
    subsets(itemsOf(instance, 1), instance.want[1]).map((m) => [...c, ...m]),
  );
const allowed = (instance: Instance) => allSets(instance).filter((set) => keepsAll(instance, set));
const best = (instance: Instance, sets: readonly (readonly number[])[]) =>
  Math.max(-Infinity, ...sets.map((set) => valueOf(instance, set)));
const nothing = () => undefined;

describe('the Lagrangian bound', () => {
  test('is never below the optimum, whatever it was told to beat', () => {
    fc.assert(
      fc.property(cases, fc.double({ min: 0, max: 30, noNaN: true }), (question, below) => {
        const instance = instanceFor(question);
        const top = best(instance, allowed(instance));
        if (top === -Infinity) return;
        const relax = new Relaxation(instance);
        const relaxed = relax.bound(relax.root([]), () => top - below - 1e-6, 80, nothing);
        expect(relaxed).not.toBeNull();
        expect(relaxed!.bound).toBeGreaterThanOrEqual(top - 1e-7);
      }),
      { numRuns: 120, seed: 8 },
    );
  });

  test('what it lets go is in no better set, and what it takes is in all of them', () => {
    let letGo = 0;
    fc.assert(
      fc.property(cases, (question) => {
        const instance = instanceFor(question);
        const sets = allowed(instance);
        const top = best(instance, sets);
        if (top === -Infinity) return;
        const floor = top - 0.5;
        const relax = new Relaxation(instance);
        const relaxed = relax.bound(relax.root([]), () => floor, 80, nothing)!;
        const kept = new Set([...relaxed.chosen, ...relaxed.open]);
        letGo += instance.own.length - kept.size;
        for (const set of sets.filter((s) => valueOf(instance, s) > floor + 1e-9)) {
          expect(set.every((i) => kept.has(i))).toBe(true);
          expect(relaxed.chosen.every((i) => set.includes(i))).toBe(true);
        }
      }),
      { numRuns: 120, seed: 9 },
    );
    expect(letGo).toBeGreaterThan(50);
  });

  test('says that there is nothing above a floor over the optimum, sooner or later, never the other way', () => {
    fc.assert(
      fc.property(cases, (question) => {
        const instance = instanceFor(question);
        const top = best(instance, allowed(instance));
        if (top === -Infinity) return;
        const relax = new Relaxation(instance);
        const node = relax.root([]);
        expect(
          relax.bound(
            node,
            () => top - 0.01,
            60,
            () => undefined,
          ),
        ).not.toBeNull();
        expect(
          relax.bound(
            node,
            () => 1000,
            1,
            () => undefined,
          ),
        ).toBeNull();
      }),
      { numRuns: 40, seed: 10 },
    );
  });
});

describe('filling the last places by trying', () => {
  test('finds the best set from any start', () => {
    fc.assert(
      fc.property(cases, (question) => {
        const instance = instanceFor(question);
        let found = -Infinity;
        const offer = (set: number[]) => {
          if (keepsAll(instance, set)) found = Math.max(found, valueOf(instance, set));
        };
        enumerator(instance)([], [...instance.kindOf.keys()], () => found + 1e-12, offer);
        expect(found).toBeCloseTo(best(instance, allowed(instance)), 9);
      }),
      { numRuns: 80, seed: 12 },
    );
  });
  test('may be used again and again: one search leaves nothing behind for the next', () => {
    fc.assert(
      fc.property(cases, (question) => {
        const instance = instanceFor(question);
        const tryAll = enumerator(instance);
        const run = () => {
          let top = -Infinity;
          tryAll(
            [],
            [...instance.kindOf.keys()],
            () => top + 1e-12,
            (set) => {
              if (keepsAll(instance, set)) top = Math.max(top, valueOf(instance, set));
            },
          );
          return top;
        };
        const first = run();
        if (itemsOf(instance, 0).length > 0)
          tryAll(
            [itemsOf(instance, 0)[0]!],
            [],
            () => 0,
            () => undefined,
          );
        expect(run()).toBe(first);
      }),
      { numRuns: 40, seed: 13 },
    );
  });
});

describe('the first selection', () => {
  test('keeps every rule, and no single exchange betters it', () => {
    fc.assert(
      fc.property(cases, (question) => {
        const instance = instanceFor(question);
        const set = startSet(instance);
        if (!set) return;
        expect(keepsAll(instance, set)).toBe(true);
        const value = valueOf(instance, set);
        for (const out of set)
          for (const i of itemsOf(instance, instance.kindOf[out]!)) {
            const other = set.map((s) => (s === out ? i : s));
            if (set.includes(i) || !keepsAll(instance, other)) continue;
            expect(valueOf(instance, other)).toBeLessThanOrEqual(value + 1e-6);
          }
      }),
      { numRuns: 60, seed: 14 },
    );
  });
  test('a gain is the difference it makes', () => {
    fc.assert(
      fc.property(cases, (question) => {
        const instance = instanceFor(question);
        const [set] = allSets(instance);
        if (!set || set.length === 0) return;
        const [item, ...rest] = set;
        expect(gainer(instance, rest)(item!)).toBeCloseTo(valueOf(instance, set), 9);
      }),
      { numRuns: 60, seed: 15 },
    );
  });
  test('what cannot be finished is told: it never turns a set away that could be', () => {
    fc.assert(
      fc.property(cases, (question) => {
        const instance = instanceFor(question);
        const all = [...instance.kindOf.keys()];
        for (const set of allowed(instance).slice(0, 20))
          for (let k = 0; k <= set.length; k++) {
            const chosen = set.slice(0, k);
            expect(
              canFinish(
                instance,
                chosen,
                all.filter((i) => !chosen.includes(i)),
              ),
            ).toBe(true);
          }
      }),
      { numRuns: 40, seed: 16 },
    );
  });
});

test('cheeses and meats apart are worth together what they are worth as one', () => {
  fc.assert(
    fc.property(cases, (question) => {
      const instance = instanceFor(question);
      const [set] = allSets(instance);
      if (!set) return;
      const sides = ([0, 1] as const).map((kind) => {
        const { part, items } = onlyKind(instance, kind);
        const mine = set.filter((i) => instance.kindOf[i] === kind).map((i) => items.indexOf(i));
        return valueOf(part, mine) - part.base;
      });
      expect(sides[0]! + sides[1]! + instance.base).toBeCloseTo(valueOf(instance, set), 9);
    }),
    { numRuns: 60, seed: 17 },
  );
});

test('bundles of one kind hold the best of all; a dearer one is worth no less', () => {
  let tied = 0;
  fc.assert(
    fc.property(cases, fc.integer({ min: 0, max: 1 }), (question, kind) => {
      const instance = instanceFor(question);
      if (instance.purse === Infinity || instance.want.includes(0)) return;
      const packed = bundled(instance, kind as 0 | 1, 10_000)!;
      const { instance: by, unpack } = packed;
      const sets = allowed(by);
      expect(best(by, sets)).toBeCloseTo(best(instance, allowed(instance)), 9);
      for (const set of sets) {
        expect(keepsAll(instance, unpack(set))).toBe(true);
        expect(valueOf(instance, unpack(set))).toBeCloseTo(valueOf(by, set), 9);
      }
      const front = itemsOf(by, kind);
      for (const a of front)
        for (const b of front)
          if (by.cost[a]! < by.cost[b]!) expect(by.own[a]!).toBeLessThanOrEqual(by.own[b]!);
      if (front.length > 1) tied++;
    }),
    { numRuns: 120, seed: 18 },
  );
  expect(tied).toBeGreaterThan(10);
});

test('open nodes come highest bound first; of equal ones the fuller, then the older', () => {
  const nodes = fc.array(
    fc.record({ bound: fc.integer({ min: 0, max: 9 }), size: fc.integer({ min: 0, max: 3 }) }),
    { minLength: 1, maxLength: 40 },
  );
  fc.assert(
    fc.property(nodes, (all) => {
      const heap = new NodeHeap();
      all.forEach(({ bound, size }, age) =>
        heap.push({ bound, chosen: Array<number>(size).fill(0), pivot: age } as unknown as OpenNode),
      );
      const out: { bound: number; size: number; age: number }[] = [];
      for (let node = heap.pop(); node; node = heap.pop())
        out.push({ bound: node.bound, size: node.chosen.length, age: node.pivot });
      const expected = all
        .map(({ bound, size }, age) => ({ bound, size, age }))
        .sort((a, b) => b.bound - a.bound || b.size - a.size || a.age - b.age);
      expect(out).toEqual(expected);
    }),
  );
});
