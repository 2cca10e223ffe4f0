import type { Brief, House } from '../brief/index.js';
import type { Main, Counted } from '../counter/index.js';
import { cheapestSet } from './cheapest.js';
import { instanceOf } from './question.js';
import { valueOf } from '../solve/index.js';
import { optimise } from '../solve/index.js';
import { namesOf } from './pick.js';
import { problemOf, questionOf, type Problem, type Wishes } from './problem.js';
import { canonicalText, reason, subjectOf, type Reason } from '../units/index.js';
import type { Swap } from './swaps.js';

/** Something that no selection before had. */
export interface Feature {
  readonly of: 'milk' | 'animal' | 'family' | 'build' | 'surprise';
  readonly is: string;
}

declare module '../units/reason.js' {
  interface Rules {
    /** After this step money buys much less: what came in with it. */
    knee: { features: readonly Feature[]; names: readonly string[] };
  }
}

/** One step of the price curve: the best raw value that an amount of money buys. */
export interface PriceStep {
  /** For the whole order, companions counted in; smallest unit. */
  readonly cost: number;
  readonly raw: number;
  readonly goodIds: readonly string[];
  readonly proven: boolean;
  /** What comes with this step and is worth its money: set on the knees only. */
  readonly knee: Reason<'knee'> | null;
}

const POINTS = 9;
/** From here on money buys less than half of what it bought before. */
const KNEE_RATIO = 0.5;

/**
 * Best R against budget, exactly, from the cheapest selection that fits to the one that no money betters. R compares
 * across prices and counts; quality and sameness are left out of it.
 */
export function priceSteps(
  brief: Brief,
  counter: Counted,
  house: House,
  wishes: Wishes,
  options: { nodeLimit: number; onStep?: (steps: readonly PriceStep[]) => boolean },
): PriceStep[] {
  const problem = problemOf({ ...brief, budget: null }, counter, house, wishes);
  const cheap = cheapestSet(problem);
  if (!cheap) return [];
  const { instance } = cheap;
  const costOf = (set: readonly number[]) => set.reduce((sum, i) => sum + instance.cost[i]!, 0);
  const solve = (purse: number) => {
    // A whisper of the cost makes the cheaper of two equal sets win.
    const own = instance.cost.map((cost) => -cost * 1e-9);
    return optimise({ ...instance, own, purse }, { nodeLimit: options.nodeLimit });
  };
  const rich = solve(Infinity);
  if (!rich.set) return [];
  const [low, high] = [cheap.cost, costOf(rich.set)];
  const steps: PriceStep[] = [];
  const add = (set: readonly number[], proven: boolean) => {
    const step = {
      cost: problem.inAll(costOf(set)),
      raw: valueOf(instance, set),
      goodIds: namesOf(problem.mains, set),
      proven,
      knee: null,
    };
    const last = steps.at(-1);
    if (last && step.raw <= last.raw + 1e-9) return false;
    steps.push(step);
    return options.onStep?.(steps) ?? false;
  };
  add(cheap.set, true);
  for (let i = 1; i < POINTS; i++) {
    const { set, proven } = solve(low + ((high - low) * i) / POINTS);
    if (set && add(set, proven)) return named(steps, problem);
  }
  add(rich.set, rich.proven);
  return named(steps, problem);
}

/** Name the knees: steps of the upper hull after which money buys much less, by what came in with them. */
function named(steps: readonly PriceStep[], problem: Problem): PriceStep[] {
  const hull: number[] = [];
  const slope = (a: number, b: number) =>
    (steps[b]!.raw - steps[a]!.raw) / Math.max(1, steps[b]!.cost - steps[a]!.cost);
  steps.forEach((_, i) => {
    while (hull.length >= 2 && slope(hull.at(-2)!, hull.at(-1)!) <= slope(hull.at(-1)!, i)) hull.pop();
    hull.push(i);
  });
  const goods = new Map(problem.mains.map((main) => [main.id, main]));
  return steps.map((step, i) => {
    const at = hull.indexOf(i);
    if (at < 1) return step;
    const before = slope(hull[at - 1]!, i);
    const after = at + 1 < hull.length ? slope(i, hull[at + 1]!) : 0;
    if (after > KNEE_RATIO * before) return step;
    return { ...step, knee: comesIn(steps[hull[at - 1]!]!, step, goods) };
  });
}

/** Features of a cheese or meat that a price step can bring in. */
const featuresOf = (main: Main): readonly Feature[] => [
  ...(main.kind === 'cheese'
    ? main.milk.map(({ animal }): Feature => ({ of: 'milk', is: animal }))
    : main.animals.map(({ animal }): Feature => ({ of: 'animal', is: animal }))),
  main.kind === 'cheese' ? { of: 'family', is: main.texture } : { of: 'build', is: main.build },
  ...(main.known === 'surprise' ? [{ of: 'surprise', is: main.known } as const] : []),
];

function comesIn(before: PriceStep, after: PriceStep, goods: ReadonlyMap<string, Main>): Reason<'knee'> {
  const featuresAt = (step: PriceStep) =>
    new Map(step.goodIds.flatMap((id) => featuresOf(goods.get(id)!).map((f) => [canonicalText(f), f])));
  const old = featuresAt(before);
  const fresh = [...featuresAt(after)].filter(([key]) => !old.has(key)).map(([, feature]) => feature);
  const ids = after.goodIds.filter((id) => !before.goodIds.includes(id));
  const names = ids.map((id) => goods.get(id)!.name).slice(0, 2);
  return reason('knee', { features: fresh.slice(0, 2), names }, { subject: subjectOf(ids) });
}

/** What one more kind would bring and cost: the best selection with it against the best without. */
export interface OneMore {
  readonly kind: 'cheese' | 'meat';
  readonly kinds: number;
  readonly raw: number;
  readonly cost: number;
  readonly goodIds: readonly string[];
}

/** One more cheese and one more meat, the total grams as they are; null where none can be had. */
export function oneMore(
  brief: Brief,
  counter: Counted,
  house: House,
  wishes: Wishes,
  options: { nodeLimit: number },
): OneMore[] {
  const solveFor = (brief: Brief) => {
    const problem = problemOf({ ...brief, budget: null }, counter, house, wishes);
    const whole = instanceOf(questionOf(problem));
    const { set } = optimise(whole, { nodeLimit: options.nodeLimit });
    if (!set) return null;
    return {
      problem,
      raw: valueOf(instanceOf({ ...questionOf(problem), rawOnly: true }), set),
      cost: set.reduce((sum, i) => sum + whole.cost[i]!, 0),
      goodIds: namesOf(problem.mains, set),
    };
  };
  const now = solveFor(brief);
  if (!now) return [];
  return (['cheese', 'meat'] as const).flatMap((kind) => {
    const what = kind === 'cheese' ? 'cheeses' : 'meats';
    const kinds = now.problem.counts[kind] + 1;
    if (kinds > (kind === 'cheese' ? 9 : 5)) return [];
    const then = solveFor({ ...brief, kinds: { ...brief.kinds, [what]: kinds } });
    if (!then || then.problem.counts[kind] !== kinds) return [];
    return [{ kind, kinds, raw: then.raw - now.raw, cost: then.cost - now.cost, goodIds: then.goodIds }];
  });
}

/** The one exchange that gives most for more money, and the one that saves most for what it takes; null for none. */
export interface SplurgeAndSave {
  readonly splurge: Swap | null;
  readonly save: Swap | null;
}

/** A swap that takes more than this from the value is no saving. */
const SAVING_POINTS = 3;

export function splurgeAndSave(
  swaps: ReadonlyMap<string, readonly Swap[]>,
  locked: ReadonlySet<string>,
): SplurgeAndSave {
  const all = [...swaps].filter(([out]) => !locked.has(out)).flatMap(([, list]) => list);
  const dearer = all.filter((s) => s.cost > 0 && s.value > 0);
  const cheaper = all.filter((s) => s.cost < 0 && s.value > -SAVING_POINTS);
  const best = (list: readonly Swap[], score: (s: Swap) => number) =>
    [...list].sort((a, b) => score(b) - score(a) || (a.in < b.in ? -1 : 1))[0] ?? null;
  return {
    splurge: best(dearer, (s) => s.value),
    save: best(cheaper, (s) => -s.cost / (0.5 + Math.max(0, -s.value))),
  };
}
