import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEFAULT_HOUSE, House } from '../brief/index.js';
import type { Main } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { cheeses, meats, subsets } from '../testing/goods.js';
import { alternativesTo } from './alternatives.js';
import { measure } from '../balance/measure.js';
import { pick } from './pick.js';
import { costIn, NO_WISHES, problemOf, type Problem } from './problem.js';
import { priceSteps } from './steps.js';
import { swapper } from './swaps.js';

/** Alternatives, price steps and swaps on small counters, each held against trying every selection. */

const NODES = { nodeLimit: 20_000 };
const counters = fc.record({ c: cheeses(6, 9), m: meats(1, 3) });
const brief = aBrief({ kinds: { cheeses: 4, meats: 1 }, season: false });

const ofKind = (problem: Problem, kind: Main['kind']) => problem.mains.filter((m) => m.kind === kind);
const allSets = (problem: Problem): Main[][] =>
  subsets(ofKind(problem, 'cheese'), 4).flatMap((c) =>
    subsets(ofKind(problem, 'meat'), 1).map((m) => [...c, ...m]),
  );

test('each alternative is the best of all that share at most half of the cheeses with those before it', () => {
  let compared = 0;
  fc.assert(
    fc.property(counters, ({ c, m }) => {
      const counter = [...c, ...m];
      const best = pick(brief, counter, DEFAULT_HOUSE, NO_WISHES, NODES);
      const found = alternativesTo(best, brief, counter, DEFAULT_HOUSE, NO_WISHES, NODES);
      const problem = problemOf(brief, counter, DEFAULT_HOUSE, NO_WISHES);
      const sets = allSets(problem);
      const known = [best.goodIds!];
      for (const other of found.filter((a) => a.differs >= 2)) {
        const apart = sets.filter((set) =>
          known.every((ids) => set.filter((g) => g.kind === 'cheese' && ids.includes(g.id)).length <= 2),
        );
        const top = Math.max(...apart.map((set) => measure(set, problem.brief).value));
        expect(other.balance.value).toBeCloseTo(top, 6);
        known.push(other.goodIds);
        compared++;
      }
    }),
    { numRuns: 14, seed: 21 },
  );
  expect(compared).toBeGreaterThan(14);
});

test('no selection for the money of a price step, or for less, has a better raw value', () => {
  fc.assert(
    fc.property(counters, ({ c, m }) => {
      const counter = [...c, ...m];
      const problem = problemOf(brief, counter, DEFAULT_HOUSE, NO_WISHES);
      const cost = costIn(problem.targets, problem.counts);
      const sets = allSets(problem).map((set) => ({
        raw: measure(set, problem.brief).raw,
        cost: problem.inAll(set.reduce((sum, g) => sum + cost(g), 0)) as number,
      }));
      for (const step of priceSteps(brief, counter, DEFAULT_HOUSE, NO_WISHES, NODES)) {
        const payable = sets.filter((set) => set.cost <= step.cost + 1e-9);
        expect(step.raw).toBeCloseTo(Math.max(...payable.map((set) => set.raw)), 6);
      }
    }),
    { numRuns: 9, seed: 22 },
  );
});

describe('swaps say what a new measure says', () => {
  test.each(['balance', 'contrast'] as const)('under the school of %s', (aim) => {
    const house = House.parse({ aim });
    fc.assert(
      fc.property(counters, ({ c, m }) => {
        const problem = problemOf(brief, [...c, ...m], house, NO_WISHES);
        const selection = [...ofKind(problem, 'cheese').slice(0, 4), ...ofKind(problem, 'meat').slice(0, 1)];
        const now = measure(selection, problem.brief);
        const swapsOf = swapper(problem);
        for (const [out, swaps] of swapsOf(selection)) {
          const others = ofKind(problem, selection.find((g) => g.id === out)!.kind).length;
          const inside = selection.filter((g) => g.kind === selection.find((s) => s.id === out)!.kind).length;
          expect(swaps).toHaveLength(others - inside);
          for (const swap of swaps) {
            const after = measure(
              selection.map((g) => (g.id === out ? problem.mains.find((x) => x.id === swap.in)! : g)),
              problem.brief,
            );
            expect(swap.value).toBeCloseTo(after.value - now.value, 9);
            expect(swap.dial).toBeCloseTo(after.dial - now.dial, 9);
          }
        }
        expect(swapsOf(selection)).toEqual(swapsOf(selection));
      }),
      { numRuns: 15, seed: 23 },
    );
  });

  test('a good on the board that may no longer be picked is read all the same', () => {
    const [c] = fc.sample(cheeses(6, 6), { numRuns: 1, seed: 24 });
    const problem = problemOf(brief, c!, DEFAULT_HOUSE, { locked: [], leftOut: [c![0]!.id] });
    const whole = problemOf(brief, c!, DEFAULT_HOUSE, NO_WISHES);
    const selection = whole.mains.slice(0, 4);
    const swaps = swapper(problem)(selection);
    expect([...swaps.keys()]).toContain(c![0]!.id);
    for (const list of swaps.values()) expect(list.map((s) => s.in)).not.toContain(c![0]!.id);
  });
});
