import type { LateSchool } from '../brief/index.js';
import type { Companion, Main } from '../counter/index.js';
import { NONE, reason, type Reason } from '../units/index.js';
import { keepsLate, memoryCost, STEP_RULES, stepCost, walkCost } from './cost.js';
import { bestOrder, EXACT_UP_TO } from './order.js';
import { clears, reliefFor } from './relief.js';

declare module '../units/reason.js' {
  interface Rules {
    'starts-mild': NoFigures;
    'mildest-there-is': NoFigures;
    rises: { from: number; to: number };
    'much-the-same-strength': { from: string };
  }
}

/** A first good up to this strength is mild. */
const STARTS_MILD = 4;
/** Smaller costs to the palate get no sentence. */
const WORTH_SAYING = 0.05;

export interface WalkStep {
  readonly number: number;
  readonly main: Main;
  /** A person pinned it to this place; the others are ordered round it. */
  readonly pinned: boolean;
  /** Something that clears the palate before this step. */
  readonly cleanse: boolean;
  /** What is left over of what came before, as this is tasted; points of strength. */
  readonly left: number;
  /** More is left over than may be, whatever is done. */
  readonly tooMuch: boolean;
  /** What the step costs the palate, and why: the parts add up to it, the dearest first. */
  readonly cost: number;
  readonly reasons: readonly Reason[];
}
export interface Walk {
  readonly steps: readonly WalkStep[];
  readonly cost: number;
  /** The cost of the best order there is. */
  readonly best: number;
  readonly exact: boolean;
  readonly byHand: boolean;
  /** An order by hand in which something follows that should come before what is late. */
  readonly breaksLate: boolean;
}

/**
 * The walk of a selection: the best order, with what is pinned at its place, or the person's own where it names the same goods; with relief where the palate
 * needs it. A whole order by hand stands above pins.
 */
export function walkFor(
  mains: readonly Main[],
  byHand: readonly string[] | null,
  cleanser: Companion | null = null,
  school: LateSchool = 'blue last',
  pins: Readonly<Record<string, number>> = {},
): Walk {
  const best = bestOrder(mains, school);
  const own = byHand && orderByHand(mains, byHand, school);
  const order = own ?? bestOrder(mains, school, pins);
  const { before, left, tooMuch } = reliefFor(order, clears(cleanser));
  let strongest = 0;
  const steps = order.map((main, i): WalkStep => {
    const from = order[i - 1];
    const reasons = from ? stepReasons(strongest, from, main) : [firstReason(main)];
    const cost = from ? stepCost(from, main) + memoryCost(strongest, from, main) : 0;
    strongest = Math.max(strongest, main.sense.intensity);
    return {
      number: i + 1,
      main,
      pinned: own === null && pins[main.id] === i + 1,
      cleanse: before[i]!,
      left: left[i]!,
      tooMuch: tooMuch.includes(i),
      cost,
      reasons: reasons,
    };
  });
  return {
    steps,
    cost: walkCost(order),
    best: walkCost(best),
    exact: own === null && mains.length <= EXACT_UP_TO,
    byHand: own !== null,
    breaksLate: !keepsLate(order, school),
  };
}

function firstReason(main: Main): Reason {
  const mild = main.sense.intensity <= STARTS_MILD;
  return reason(mild ? 'starts-mild' : 'mildest-there-is', NONE, { subject: main.id });
}

function stepReasons(strongest: number, from: Main, main: Main): Reason[] {
  const subject = main.id;
  const names = { from: from.name, to: main.name };
  const costs = [
    ...STEP_RULES.map((row) => reason(row.rule, names, { subject, effect: -row.cost(from, main) })),
    reason('strong-was-before', names, { subject, effect: -memoryCost(strongest, from, main) }),
  ]
    .filter((r) => r.effect <= -WORTH_SAYING)
    .sort((a, b) => a.effect - b.effect);
  const [low, high] = [from.sense.intensity, main.sense.intensity];
  const rise =
    high > low
      ? reason('rises', { from: low, to: high }, { subject })
      : reason('much-the-same-strength', { from: from.name }, { subject });
  // A small cost is stated beside the rise, a large one before it.
  return costs.length > 0 && costs[0]!.effect <= -0.5 ? costs : [rise, ...costs];
}

/** The asked order with goods that it does not name put in where they cost least; null when nothing of it is left. */
function orderByHand(mains: readonly Main[], byHand: readonly string[], school: LateSchool): Main[] | null {
  const named = byHand.flatMap((id) => mains.find((m) => m.id === id) ?? []);
  if (named.length === 0) return null;
  for (const main of bestOrder(
    mains.filter((m) => !named.includes(m)),
    school,
  )) {
    const tried = [...Array(named.length + 1).keys()].map((i) => named.toSpliced(i, 0, main));
    // Where it can, what was not named keeps what comes late late.
    const kept = tried.filter((order) => keepsLate(order, school));
    const [best] = [...(kept.length > 0 ? kept : tried)].sort((a, b) => walkCost(a) - walkCost(b));
    named.splice(0, named.length, ...best!);
  }
  return named;
}

/** What a change by hand costs the palate beside the order as it stands; below 0: it is better. */
export const changeOf = (order: readonly Main[], next: readonly Main[]): number =>
  walkCost(next) - walkCost(order);
