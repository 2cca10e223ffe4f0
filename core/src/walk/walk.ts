import type { Main } from '../counter/index.js';
import { PRACTICE, reason, type Reason } from '../units/index.js';

/** One step from a good to the next, and what it costs the palate; each row is a rule. Common practice, no source. */
interface StepRule {
  readonly rule: string;
  readonly cost: (from: Main, to: Main) => number;
  readonly says: (from: Main, to: Main) => string;
}

const isBlue = (main: Main) => main.kind === 'cheese' && main.texture === 'blue';
const over = (x: number) => Math.max(0, x);

const STEP_RULES: readonly StepRule[] = [
  {
    rule: 'falls back',
    cost: (a, b) => 1.5 * over(a.sense.intensity - b.sense.intensity),
    says: (a, b) => `${b.name} is milder than ${a.name} before it`,
  },
  {
    rule: 'lingers',
    cost: (a, b) => 0.8 * over(a.sense.persistence - b.sense.intensity),
    says: (a, b) => `${a.name} lingers over ${b.name}`,
  },
  {
    rule: 'leap',
    cost: (a, b) => 0.3 * over(b.sense.intensity - a.sense.intensity - 3),
    says: (a, b) => `a leap from ${a.name} to ${b.name}`,
  },
  {
    rule: 'blue late',
    cost: (a, b) => (isBlue(a) && !isBlue(b) ? 6 : 0),
    says: (_, b) => `blue before ${b.name} dulls the tongue`,
  },
  {
    rule: 'heat stays',
    cost: (a, b) => 0.4 * a.sense.heat * (b.kind === 'cheese' ? 1 : 0.5),
    says: (a, b) => `the heat of ${a.name} covers ${b.name}`,
  },
];
/** A walk starts mild: half a point for each point of intensity of the first good. */
const START = 0.5;
/** From this carry-over on, something to clear the palate belongs between. */
const CLEANSE_FROM = 1.2;
/** Smaller costs to the palate get no sentence. */
const WORTH_SAYING = 0.5;
/** Held-Karp takes 2^n n^2 steps; above this the walk rises by intensity instead, and says so. */
export const EXACT_UP_TO = 13;

export const stepCost = (from: Main, to: Main): number =>
  STEP_RULES.reduce((sum, row) => sum + row.cost(from, to), 0);

export function walkCost(order: readonly Main[]): number {
  if (order.length === 0) return 0;
  let cost = START * order[0]!.sense.intensity;
  for (let i = 1; i < order.length; i++) cost += stepCost(order[i - 1]!, order[i]!);
  return cost;
}

export interface WalkStep {
  readonly number: number;
  readonly main: Main;
  /** Something plain and juicy before this step. */
  readonly cleanse: boolean;
  readonly reasons: readonly Reason[];
}
export interface Walk {
  readonly steps: readonly WalkStep[];
  readonly cost: number;
  readonly exact: boolean;
  readonly byHand: boolean;
}

/**
 * The order of least cost, exactly, by dynamic programming over subsets (Held and Karp 1962; Bellman 1962).
 * Ties go to the smaller id, so the order in which the goods are given never matters.
 */
export function bestOrder(mains: readonly Main[]): Main[] {
  const goods = [...mains].sort((a, b) => (a.id < b.id ? -1 : 1));
  const n = goods.length;
  if (n === 0) return [];
  if (n > EXACT_UP_TO)
    return goods.sort(
      (a, b) => Number(isBlue(a)) - Number(isBlue(b)) || a.sense.intensity - b.sense.intensity,
    );
  const step = goods.map((a) => goods.map((b) => stepCost(a, b)));
  const full = (1 << n) - 1;
  // cost[set * n + first]: least cost of walking exactly `set`, starting at `first`; built from the end, so that
  // the path is read off forwards and the smaller id wins a tie at the first place where they differ.
  const cost = new Float64Array((full + 1) * n).fill(Infinity);
  const next = new Int8Array((full + 1) * n).fill(-1);
  for (let set = 1; set <= full; set++)
    for (let first = 0; first < n; first++) {
      if (!(set & (1 << first))) continue;
      const rest = set & ~(1 << first);
      if (rest === 0) {
        cost[set * n + first] = 0;
        continue;
      }
      for (let second = 0; second < n; second++) {
        if (!(rest & (1 << second))) continue;
        const c = step[first]![second]! + cost[rest * n + second]!;
        if (c < cost[set * n + first]! - 1e-12) {
          cost[set * n + first] = c;
          next[set * n + first] = second;
        }
      }
    }
  let at = 0;
  const total = (first: number) => START * goods[first]!.sense.intensity + cost[full * n + first]!;
  for (let first = 1; first < n; first++) if (total(first) < total(at) - 1e-12) at = first;
  const order: Main[] = [];
  for (let set = full; set > 0;) {
    order.push(goods[at]!);
    const after = next[set * n + at]!;
    set &= ~(1 << at);
    at = after;
  }
  return order;
}

/** The walk of a selection: the best order, or the person's own where it names the same goods. */
export function walkFor(mains: readonly Main[], asked: readonly string[] | null): Walk {
  const own = asked && askedOrder(mains, asked);
  const order = own ?? bestOrder(mains);
  const steps = order.map((main, i): WalkStep => {
    const before = order[i - 1];
    if (!before)
      return { number: 1, main, cleanse: false, reasons: [reason('start', 0, startSays(main), PRACTICE)] };
    const costs = STEP_RULES.map((row) =>
      reason(row.rule, -row.cost(before, main), row.says(before, main), PRACTICE),
    )
      .filter((r) => r.effect <= -WORTH_SAYING)
      .sort((a, b) => a.effect - b.effect);
    const rise = main.sense.intensity - before.sense.intensity;
    const says =
      rise > 0
        ? `up from ${before.sense.intensity} to ${main.sense.intensity}`
        : `beside ${before.name}, much the same strength`;
    const reasons = costs.length > 0 ? costs : [reason('rise', 0, says, PRACTICE)];
    return { number: i + 1, main, cleanse: stepCost(before, main) >= CLEANSE_FROM, reasons };
  });
  return {
    steps,
    cost: walkCost(order),
    exact: own === null && mains.length <= EXACT_UP_TO,
    byHand: own !== null,
  };
}

const startSays = (main: Main) =>
  main.sense.intensity <= 4 ? 'mild, so it starts the walk' : 'the mildest there is starts the walk';

/** The asked order with goods that it does not name put in where they cost least; null when nothing of it is left. */
function askedOrder(mains: readonly Main[], asked: readonly string[]): Main[] | null {
  const named = asked.flatMap((id) => mains.find((m) => m.id === id) ?? []);
  if (named.length === 0) return null;
  for (const main of bestOrder(mains.filter((m) => !named.includes(m)))) {
    const costs = [...Array(named.length + 1).keys()].map((i) => walkCost(named.toSpliced(i, 0, main)));
    named.splice(costs.indexOf(Math.min(...costs)), 0, main);
  }
  return named;
}
