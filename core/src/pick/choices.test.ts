import { describe, expect, test } from '@jest/globals';
import { DEFAULT_HOUSE } from '../brief/index.js';
import type { Main } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { alternativesTo } from './alternatives.js';
import { instanceOf } from './question.js';
import { valueOf } from '../solve/instance.js';
import { measure } from '../balance/measure.js';
import { pick } from './pick.js';
import { NO_WISHES, problemOf, questionOf } from './problem.js';
import { oneMore, priceSteps, splurgeAndSave } from './steps.js';
import { swapsForAll } from './swaps.js';

/** What is offered beside the best: alternatives, swaps, price steps. */

const counter = demoCounter();
const brief = aBrief();
const NODES = { nodeLimit: 20_000 };
const best = pick(brief, counter, DEFAULT_HOUSE, NO_WISHES, NODES);
const problem = problemOf(brief, counter, DEFAULT_HOUSE, NO_WISHES);
const mainOf = (id: string) => problem.mains.find((m) => m.id === id) as Main;

describe('alternatives', () => {
  const isCheese = (id: string) => mainOf(id).kind === 'cheese';
  test('each differs from the best and from the others in at least half of the unlocked cheeses', () => {
    const others = alternativesTo(best, brief, counter, DEFAULT_HOUSE, NO_WISHES, NODES);
    expect(others).toHaveLength(3);
    const all = [best.goodIds!, ...others.map((a) => a.goodIds)].map((ids) => ids.filter(isCheese));
    for (const [i, a] of all.entries())
      for (const b of all.slice(i + 1))
        expect(a.filter((id) => !b.includes(id)).length).toBeGreaterThanOrEqual(3);
    for (const other of others) {
      expect(other.below).toBeGreaterThanOrEqual(-1e-9);
      expect(other.near).toBe(other.below <= 5);
    }
    expect(others.map((o) => o.below)).toEqual([...others.map((o) => o.below)].sort((a, b) => a - b));
  });
  test('what is locked stays in all of them', () => {
    const wishes = { locked: ['halyard', 'tarpot'], leftOut: [] };
    const locked = pick(brief, counter, DEFAULT_HOUSE, wishes, NODES);
    for (const { goodIds } of alternativesTo(locked, brief, counter, DEFAULT_HOUSE, wishes, NODES))
      expect(goodIds).toEqual(expect.arrayContaining(['halyard', 'tarpot']));
  });
});

describe('swaps', () => {
  const mains = best.goodIds!.map(mainOf);
  const swaps = swapsForAll(problem, mains);
  test('every place has its swaps; each tells exactly what it changes, best first', () => {
    expect([...swaps.keys()].sort()).toEqual([...best.goodIds!].sort());
    const now = measure(mains, problem.brief);
    for (const list of swaps.values()) {
      expect(list.map((s) => s.value)).toEqual([...list.map((s) => s.value)].sort((a, b) => b - a));
      for (const swap of list.slice(0, 3)) {
        const changed = measure(
          mains.map((m) => (m.id === swap.out ? mainOf(swap.in) : m)),
          problem.brief,
        );
        expect(swap.value).toBeCloseTo(changed.value - now.value, 9);
        expect(swap.dial).toBeCloseTo(changed.dial - now.dial, 9);
      }
      // The pick is the optimum, so no single swap may better it.
      expect(list[0]!.value).toBeLessThanOrEqual(1e-6);
    }
  });
  test('a splurge costs more and gives more; a saving costs less', () => {
    const worse = [...mains.slice(1), mainOf(swaps.get(mains[0]!.id)!.at(-1)!.in)];
    const { splurge, save } = splurgeAndSave(swapsForAll(problem, worse), new Set());
    expect(splurge!.cost).toBeGreaterThan(0);
    expect(splurge!.value).toBeGreaterThan(0);
    expect(save!.cost).toBeLessThan(0);
  });
});

describe('price steps', () => {
  const steps = priceSteps(brief, counter, DEFAULT_HOUSE, NO_WISHES, NODES);
  test('more money never buys less, and each step is the best raw value for its money', () => {
    expect(steps.length).toBeGreaterThan(2);
    const raw = instanceOf({ ...questionOf(problem), rawOnly: true });
    for (const [i, step] of steps.entries()) {
      if (i > 0) {
        expect(step.cost).toBeGreaterThan(steps[i - 1]!.cost);
        expect(step.raw).toBeGreaterThan(steps[i - 1]!.raw);
      }
      const set = step.goodIds.map((id) => problem.mains.findIndex((m) => m.id === id));
      expect(valueOf(raw, set)).toBeCloseTo(step.raw, 6);
      expect(measure(step.goodIds.map(mainOf), problem.brief).raw).toBeCloseTo(step.raw, 6);
    }
    expect(steps.some((s) => s.knee)).toBe(true);
  });
  test('one more kind never takes from the raw value', () => {
    const more = oneMore(brief, counter, DEFAULT_HOUSE, NO_WISHES, NODES);
    expect(more.map((m) => m.kind)).toEqual(['cheese', 'meat']);
    for (const { raw } of more) expect(raw).toBeGreaterThan(0);
  });
});
