import { bundled } from './bundles.js';
import { onlyKind, valueOf, type Instance } from './instance.js';
import { search, type Optimum, type SearchOptions } from './search.js';

/** Of equal selections one wins: the one with earlier ids wins, every item being worth this much less than the one before it. */
const TIE = 1e-7;

/**
 * The best set of an instance, exactly. Cheeses and meats meet only in the purse. Without one they are solved apart; with one, the
 * sets of the fewer that could be paid for stand as bundles beside the items of the other (bundles.ts). Deterministic; when
 * the node limit ends it, the gap says what is open.
 */
export function optimise(given: Instance, options: SearchOptions): Optimum {
  const n = given.own.length;
  // Of two sets that are worth the same the one of earlier goods is taken.
  const instance: Instance = { ...given, own: given.own.map((own, i) => own - (TIE * i) / (n || 1)) };
  const found = solveWhole(instance, options);
  return { ...found, value: found.set ? valueOf(given, found.set) : 0 };
}

function solveWhole(instance: Instance, options: SearchOptions): Optimum {
  const { want, purse } = instance;
  if (want[0] === 0 || want[1] === 0) return search(instance, options);
  if (purse === Infinity) return apart(instance, options);
  const packed = bundled(instance, want[1] <= want[0] ? 1 : 0, options.nodeLimit);
  if (!packed) return search(instance, options);
  const found = search(packed.instance, {
    nodeLimit: options.nodeLimit - packed.nodes,
    onBest: (set, value) => options.onBest?.(packed.unpack(set), value) ?? false,
  });
  return { ...found, set: found.set && packed.unpack(found.set), nodes: found.nodes + packed.nodes };
}

/** Each kind by itself; both optima together are the optimum of both. */
function apart(instance: Instance, options: SearchOptions): Optimum {
  const sides = ([0, 1] as const).map((kind) => {
    const { part, items } = onlyKind(instance, kind);
    const { set, ...rest } = search(part, { nodeLimit: options.nodeLimit });
    return { ...rest, set: set && set.map((i) => items[i]!) };
  });
  const [cheese, meat] = sides as [Optimum, Optimum];
  const both = { value: 0, gap: cheese.gap + meat.gap, nodes: cheese.nodes + meat.nodes };
  if (!cheese.set || !meat.set)
    return { ...both, set: null, proven: sides.some((side) => side.set === null && side.proven) };
  const set = [...cheese.set, ...meat.set].sort((a, b) => a - b);
  options.onBest?.(set, valueOf(instance, set));
  return { ...both, set, proven: cheese.proven && meat.proven };
}
