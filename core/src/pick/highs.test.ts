import { expect, test } from '@jest/globals';
import * as highsModule from 'highs';
import { seededCase } from '../testing/cases.js';
import { lpOf, lpOffset } from '../testing/mip.js';
import { keepsAll, optimise } from '../solve/index.js';
import { NO_WISHES, instanceOf, problemOf, questionOf } from './index.js';

interface Highs {
  solve(program: string, options: Record<string, unknown>): { Status: string; ObjectiveValue: number };
}
/** The package is a CommonJS function; how an import sees it depends on who transforms it. */
const loadHighs = ((highsModule as { default?: unknown }).default ?? highsModule) as () => Promise<Highs>;

// Source: HiGHS 1.15 (npm highs), a general-purpose exact mixed-integer solver, on the same question as a program.
test('the optimum is that of an independent exact solver, on seeded counters', async () => {
  const highs = await loadHighs();
  let below = 0;
  const cases = [1, 2, 3, 4, 5, 6, 7, 9].map((seed) =>
    seededCase(seed, 60 + 10 * (seed % 4), 3 + (seed % 3)),
  );
  for (const { name, brief, counter, house, wishes } of cases) {
    const instance = instanceOf(questionOf(problemOf(brief, counter, house, wishes)));
    const ours = optimise(instance, { nodeLimit: 50_000 });
    const theirs = highs.solve(lpOf(instance), { mip_rel_gap: 0, mip_abs_gap: 0 });
    expect({ name, proven: ours.proven }).toEqual({ name, proven: true });
    if (ours.set === null) {
      expect(theirs.Status).toBe('Infeasible');
      continue;
    }
    expect(theirs.Status).toBe('Optimal');
    expect(keepsAll(instance, ours.set)).toBe(true);
    expect(Math.abs(ours.value - (theirs.ObjectiveValue + lpOffset(instance)))).toBeLessThan(1e-6);
    const free = instanceOf(
      questionOf(
        problemOf({ ...brief, budget: null, persons: [] }, counter, { ...house, cover: 'free' }, NO_WISHES),
      ),
    );
    if (optimise(free, { nodeLimit: 50_000 }).value > ours.value + 1e-6) below++;
  }
  // At least half of the questions bind: their optimum is below what a free hand would reach.
  expect(below).toBeGreaterThanOrEqual(cases.length / 2);
});
