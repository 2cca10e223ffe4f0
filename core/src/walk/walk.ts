import type { Main } from '../counter/index.js';
import { NONE, reason, type Reason } from '../units/index.js';

/** The names of two goods that follow each other. */
interface Step {
  readonly from: string;
  readonly to: string;
}

declare module '../units/reason.js' {
  interface Rules extends Record<StepRuleId, Step> {
    'starts mild': NoFigures;
    'mildest there is': NoFigures;
    rises: { from: number; to: number };
    'much the same strength': { from: string };
  }
}

type StepRuleId = 'falls back' | 'lingers' | 'leap' | 'blue late' | 'heat stays';

const isBlue = (main: Main) => main.kind === 'cheese' && main.texture === 'blue';
const over = (x: number) => Math.max(0, x);

/** One step from a good to the next, and what it costs the palate; each row is a rule. Common practice, no source. */
const STEP_RULES: readonly { rule: StepRuleId; cost: (from: Main, to: Main) => number }[] = [
  { rule: 'falls back', cost: (a, b) => 1.5 * over(a.sense.intensity - b.sense.intensity) },
  { rule: 'lingers', cost: (a, b) => 0.8 * over(a.sense.persistence - b.sense.intensity) },
  { rule: 'leap', cost: (a, b) => 0.3 * over(b.sense.intensity - a.sense.intensity - 3) },
  { rule: 'blue late', cost: (a, b) => (isBlue(a) && !isBlue(b) ? 6 : 0) },
  { rule: 'heat stays', cost: (a, b) => 0.4 * a.sense.heat * (b.kind === 'cheese' ? 1 : 0.5) },
];
/** A walk starts mild: half a point for each point of intensity of the first good. */
const START = 0.5;
/** From this carry-over on, something to clear the palate belongs between. */
const CLEANSE_FROM = 1.2;
/** A first good up to this strength is mild. */
const STARTS_MILD = 4;
/** Smaller costs to the palate get no sentence. */
const WORTH_SAYING = 0.5;
/** Held-Karp takes 2^n n^2 steps; above this the walk rises by intensity instead, and says so. */
export const EXACT_UP_TO = 13;

const stepCost = (from: Main, to: Main): number =>
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
    const subject = main.id;
    if (!before) {
      const mild = main.sense.intensity <= STARTS_MILD;
      const why = reason(mild ? 'starts mild' : 'mildest there is', NONE, { subject });
      return { number: 1, main, cleanse: false, reasons: [why] };
    }
    const names = { from: before.name, to: main.name };
    const costs = STEP_RULES.map((row) =>
      reason(row.rule, names, { subject, effect: -row.cost(before, main) }),
    )
      .filter((r) => r.effect <= -WORTH_SAYING)
      .sort((a, b) => a.effect - b.effect);
    const [from, to] = [before.sense.intensity, main.sense.intensity];
    const rise =
      to > from
        ? reason('rises', { from, to }, { subject })
        : reason('much the same strength', { from: before.name }, { subject });
    const reasons = costs.length > 0 ? costs : [rise];
    return { number: i + 1, main, cleanse: stepCost(before, main) >= CLEANSE_FROM, reasons };
  });
  return {
    steps,
    cost: walkCost(order),
    exact: own === null && mains.length <= EXACT_UP_TO,
    byHand: own !== null,
  };
}

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
