import { stringify, unflatten } from 'devalue';
import type { Good } from '../counter/index.js';
import type { Plan } from './plan.js';
import { isGood } from './planOut.js';

/** A plan of one version of an order, as one that plans sends it to one that shows it. */
export interface SentPlan {
  readonly version: number;
  readonly plan: Plan;
}

/**
 * A plan as JSON: what it names twice stands once, maps stay maps, and a good that is on the counter as served (`goods`, see
 * `groundOf`) goes by its id, so that whoever reads it has the very goods of its own counter.
 */
export const writtenPlan = (sent: SentPlan, goods: ReadonlyMap<string, Good>): string =>
  stringify(sent, { good: (value) => isGood(value) && goods.get(value.id) === value && value.id });

/**
 * The plan out of what `writtenPlan` wrote, its JSON parsed; null when it names a good that this counter does not have: it was
 * made for another.
 */
export function readPlan(written: unknown[], goods: ReadonlyMap<string, Good>): SentPlan | null {
  let isOfThis = true;
  const sent = unflatten(written, {
    good: (id: string) => {
      const good = goods.get(id);
      isOfThis &&= good !== undefined;
      return good;
    },
  }) as SentPlan;
  return isOfThis ? sent : null;
}
