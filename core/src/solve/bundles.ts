import { startSet } from './greedy.js';
import { onlyKind, valueOf, type Instance } from './instance.js';
import { Relaxation } from './relax.js';
import { ROOT_STEPS, search } from './search.js';

/** An instance whose one kind comes in bundles: one item stands for all that is chosen of it. */
export interface Bundled {
  readonly instance: Instance;
  /** The items, ascending, of the instance that was asked that a set of this one stands for. */
  readonly unpack: (set: readonly number[]) => number[];
  readonly nodes: number;
}

interface Bundle {
  readonly set: readonly number[];
  readonly worth: number;
  readonly cost: number;
}

/** A front longer than this is no help. */
const MOST_BUNDLES = 200;
/** Costs are in minor units of money; less than this is no difference. */
const CENT = 1e-6;

/** No set of the instance is worth more. */
function boundOf(instance: Instance): number {
  const relax = new Relaxation(instance);
  const none = { floor: () => -Infinity, seen: () => undefined };
  return (
    relax.bound(relax.root(startSet(instance) ?? instance.locked), none.floor, ROOT_STEPS, none.seen)
      ?.bound ?? -Infinity
  );
}

/**
 * Cheeses and meats meet only in the purse, so of the sets of one kind only those matter that are worth more than every
 * cheaper one: its Pareto front. Standing as items of their own they leave the bound nothing to guess within that kind, and
 * what is loose in the bounds of both kinds no longer adds up. The front is walked from the best set down, each next one
 * the best that costs less, until a set with the most that the other kind could add is worth less than a selection that is
 * known. Null where that does not end within the limit, or where a group spans both kinds.
 */
export function bundled(instance: Instance, kind: 0 | 1, nodeLimit: number): Bundled | null {
  const { kindOf, groups } = instance;
  if (groups.some(({ members }) => new Set(members.map((i) => kindOf[i])).size > 1)) return null;
  const { part, items } = onlyKind(instance, kind);
  const { part: rest, items: others } = onlyKind(instance, kind === 1 ? 0 : 1);
  const known = startSet(instance);
  const least = known
    ? valueOf(instance, known) - boundOf({ ...rest, purse: Infinity }) + instance.base
    : -Infinity;
  const front: Bundle[] = [];
  let nodes = 0;
  for (let purse = instance.purse; ;) {
    const found = search({ ...part, purse }, { nodeLimit: nodeLimit - nodes });
    nodes += found.nodes;
    if (!found.proven || front.length === MOST_BUNDLES) return null;
    if (!found.set || found.value < least - CENT) break;
    const cost = found.set.reduce((sum, i) => sum + part.cost[i]!, 0);
    front.push({ set: found.set.map((i) => items[i]!), worth: found.value - part.base, cost });
    purse = cost - CENT;
  }
  return {
    nodes,
    instance: withBundles(rest, front, kind),
    unpack: (set) =>
      set
        .flatMap((i) => (i < others.length ? [others[i]!] : front[i - others.length]!.set))
        .sort((a, b) => a - b),
  };
}

/** The items of `rest`, and after them one for each bundle of the other kind, of which one is wanted. */
function withBundles(rest: Instance, bundles: readonly Bundle[], kind: 0 | 1): Instance {
  const end = rest.start[rest.own.length]!;
  return {
    ...rest,
    kindOf: Uint8Array.from([...rest.kindOf, ...bundles.map(() => kind)]),
    want: kind === 1 ? [rest.want[0], 1] : [1, rest.want[1]],
    own: Float64Array.from([...rest.own, ...bundles.map(({ worth }) => worth)]),
    cost: Float64Array.from([...rest.cost, ...bundles.map(({ cost }) => cost)]),
    start: Int32Array.from([...rest.start, ...bundles.map(() => end)]),
  };
}
