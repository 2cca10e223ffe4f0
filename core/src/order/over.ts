import { companyOf } from '../brief/index.js';
import { purchase, usualPurchase } from '../amount/index.js';
import { mayOffer } from '../care/index.js';
import {
  isCompanion,
  isMain,
  servedOn,
  type Companion,
  type Good,
  type Main,
  type Counted,
  type Served,
} from '../counter/index.js';
import { jarsOf, type Portion } from '../portion/index.js';
import { grams, type Grams } from '../units/index.js';
import type { OrderBody } from './order.js';
import type { Plan } from './plan.js';
import { ofItsKind } from '../pick/index.js';

/**
 * Where what is over goes: what was charged whole goes with the order; a jar that the shop opened stays as a dated open jar;
 * offcuts have a second use. To stock returns only what never left the shop, closed and cold. Common practice, no source.
 */
export type Goes = 'with the order' | 'open jar' | 'second use';

export interface Over {
  readonly good: Good;
  readonly grams: Grams;
  readonly goes: Goes;
  /** Another good of its place, or another pack of it, that leaves clearly less. */
  readonly instead: { readonly good: Good; readonly left: Grams } | null;
}

/** Less than this is not worth a word, g. */
const WORTH_SAYING = 5;
/** Another good is only pointed out when it leaves less by this much, g, and at most half. House's own figures. */
const CLEARLY_LESS = 20;

/** Everything that is bought or cut and not eaten, though it could be: where it goes, and what would leave less. */
export function overOf(order: OrderBody, plan: Plan, shelf: Counted): Over[] {
  const counter = servedOn(shelf, plan.brief.servingAt);
  const { mains, companions } = plan.portions;
  const fromPacks = [...mains, ...companions].flatMap((portion): Over[] => {
    const { good, left } = portion;
    const jars = jarsOf(portion, plan.brief.servingAt);
    if (jars)
      return jars.stays >= WORTH_SAYING ? [{ good, grams: jars.stays, goes: 'open jar', instead: null }] : [];
    if (left < WORTH_SAYING) return [];
    const instead = isMain(good)
      ? leastLeft(portion, mainsInstead(order, plan, counter, good))
      : isCompanion(good)
        ? leastLeft(portion, companionsInstead(plan, counter, portion, good))
        : null;
    return [{ good, grams: grams(left), goes: 'with the order', instead }];
  });
  const offcuts = plan.cuts.flatMap(({ goodId, offcuts: off }): Over[] => {
    const good = plan.mains.find(({ id }) => id === goodId);
    return good && off >= WORTH_SAYING
      ? [{ good, grams: grams(off), goes: 'second use', instead: null }]
      : [];
  });
  return [...fromPacks, ...offcuts];
}

interface Candidate {
  readonly good: Good;
  readonly left: Grams;
}

function leastLeft({ left }: Portion, candidates: readonly Candidate[]): Candidate | null {
  const [best] = [...candidates].sort((a, b) => a.left - b.left || (a.good.id < b.good.id ? -1 : 1));
  return best && best.left <= Math.min(left / 2, left - CLEARLY_LESS) ? best : null;
}

function mainsInstead(order: OrderBody, plan: Plan, counter: Served, main: Main): Candidate[] {
  if (order.selection.locked.includes(main.id)) return [];
  const { total, kinds } = main.kind === 'cheese' ? plan.targets.cheeses : plan.targets.meats;
  return ofItsKind(order, plan, counter, main).map((good) => ({
    good,
    left: usualPurchase(good, total, kinds).left,
  }));
}

/** Of a companion only the same thing in another pack: what goes with the board is the pairing's to say. */
function companionsInstead(plan: Plan, counter: Served, { net }: Portion, companion: Companion): Candidate[] {
  return counter
    .filter(isCompanion)
    .filter(
      ({ id, role, style }) => id !== companion.id && role === companion.role && style === companion.style,
    )
    .filter((good) => mayOffer(good, companyOf(plan.brief)))
    .map((good) => ({ good, left: purchase(good, net, plan.brief.practice).left }));
}
