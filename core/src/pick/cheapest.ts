import { instanceOf } from './question.js';
import { type Instance } from '../solve/index.js';
import { optimise } from '../solve/index.js';
import { questionOf, type Problem } from './problem.js';

const NODE_LIMIT = 4000;

/** The cheapest set that keeps locks and groups, whatever it is worth, and what it costs; null when there is none. */
export function cheapestSet(
  problem: Problem,
): { set: readonly number[]; cost: number; instance: Instance } | null {
  const instance = instanceOf({ ...questionOf(problem), rawOnly: true, purse: null });
  // The cheapest set is the best set when every good is worth what it saves.
  const { set } = optimise(
    {
      ...instance,
      own: instance.cost.map((cost) => -cost / 100),
      worth: new Float64Array(instance.worth.length),
      base: 0,
    },
    { nodeLimit: NODE_LIMIT },
  );
  return set && { set, cost: set.reduce((sum, i) => sum + instance.cost[i]!, 0), instance };
}
