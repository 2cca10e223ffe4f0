import { enumerator } from './enumerate.js';
import { canFinish, startSet } from './greedy.js';
import { NodeHeap } from './heap.js';
import { keepsAll, onlyKind, valueOf, type Instance } from './instance.js';
import { relaxation, type Node } from './relax.js';

export interface SearchOptions {
  /** Partial selections that may be looked at; counted, so that the answer is the same on every machine. */
  readonly nodeLimit: number;
  /** Called with every better selection; true stops with the best so far. */
  readonly onBest?: (set: readonly number[], value: number) => boolean;
}

export interface Optimum {
  /** Items, ascending; null when nothing fits, or nothing was found within the limit. */
  readonly set: readonly number[] | null;
  readonly value: number;
  /** True: no other selection is better (or, with no set, none fits). */
  readonly proven: boolean;
  /** Points that a better selection could still have; 0 when proven. */
  readonly gap: number;
  readonly nodes: number;
}

/** The root is worth many steps: whatever it leaves out is left out of the whole tree. */
const ROOT_STEPS = 160;
const NODE_STEPS = 20;
/** So few places left, of so many open goods at most, are filled by trying. */
const TRIED_PLACES = 3;
const TRIED_OPEN = [Infinity, Infinity, 400, 60];
/** Values nearer than this are one value; equal selections are told apart by TIE. */
const SAME = 2e-11;
/** Of equal selections the one with earlier ids wins: every item is worth this much less than the one before it. */
const TIE = 1e-7;

/**
 * The best set of an instance, exactly. Cheeses and meats meet only in the purse: they are solved apart first, and when
 * what that costs keeps the purse it is the answer. Deterministic; when the node limit ends it, the gap says what is open.
 */
export function optimise(asked: Instance, options: SearchOptions): Optimum {
  const n = asked.own.length;
  const instance: Instance = { ...asked, own: asked.own.map((own, i) => own - (TIE * i) / (n || 1)) };
  const told = (found: Optimum): Optimum => ({ ...found, value: found.set ? valueOf(asked, found.set) : 0 });
  if (instance.want[0] === 0 || instance.want[1] === 0) return told(search(instance, options));
  const apart = solveApart(instance, options);
  if (apart.set === null) return told(apart);
  if (instance.purse === Infinity || keepsAll(instance, apart.set)) return told(apart);
  // The purse binds. What was best without it is a bound for all.
  return told(search(instance, options));
}

/** Each kind by itself, without the purse; both optima together are the optimum of both. */
function solveApart(instance: Instance, options: SearchOptions): Optimum {
  const free = { ...instance, purse: Infinity };
  const sides = ([0, 1] as const).map((kind) => {
    const { part, items } = onlyKind(free, kind);
    const { set, ...rest } = search(part, { nodeLimit: options.nodeLimit });
    return { ...rest, set: set && set.map((i) => items[i]!) };
  });
  const [cheese, meat] = sides as [Optimum, Optimum];
  const nodes = cheese.nodes + meat.nodes;
  if (!cheese.set || !meat.set)
    return {
      set: null,
      value: 0,
      proven: [cheese, meat].some((side) => side.set === null && side.proven),
      gap: cheese.gap + meat.gap,
      nodes,
    };
  const set = [...cheese.set, ...meat.set].sort((a, b) => a - b);
  if (keepsAll(instance, set)) options.onBest?.(set, valueOf(instance, set));
  return { set, value: 0, proven: cheese.proven && meat.proven, gap: cheese.gap + meat.gap, nodes };
}

/** Best-first branch and bound over Lagrangian bounds (relax.ts); the last places are filled by trying (enumerate.ts). */
function search(instance: Instance, options: SearchOptions): Optimum {
  const relax = relaxation(instance);
  const tryAll = enumerator(instance);
  const size = instance.want[0] + instance.want[1];
  let winner: number[] | null = null;
  let best = -Infinity;
  let stopped = false;
  const offer = (set: readonly number[]) => {
    const value = valueOf(instance, set);
    if (value <= best + SAME || !keepsAll(instance, set)) return;
    best = value;
    winner = [...set].sort((a, b) => a - b);
    if (options.onBest?.(winner, value)) stopped = true;
  };
  const floor = () => best + SAME;
  const heap = new NodeHeap();
  let nodes = 0;
  /** Bound one node and keep what is left of it. */
  const look = (node: Node, steps: number) => {
    nodes++;
    if (!canFinish(instance, node.chosen, node.open)) return;
    const relaxed = relax.bound(node, floor, steps, offer);
    if (relaxed === null || relaxed.bound <= floor()) return;
    const places = size - relaxed.chosen.length;
    if (places <= TRIED_PLACES && relaxed.open.length <= TRIED_OPEN[places]!)
      tryAll(relaxed.chosen, relaxed.open, floor, offer);
    else if (relaxed.pivot !== null) heap.push({ ...relaxed, pivot: relaxed.pivot });
  };

  const locked = new Set(instance.locked);
  const first = startSet(instance);
  if (first) offer(first);
  look(
    {
      chosen: instance.locked,
      open: Int32Array.from([...instance.kindOf.keys()].filter((i) => !locked.has(i))),
      slopes: relax.slopesAround(first ?? instance.locked),
      prices: new Float64Array(relax.priceCount),
      bound: Infinity,
    },
    ROOT_STEPS,
  );
  let open = -Infinity;
  for (let node = heap.pop(); node && node.bound > floor(); node = heap.pop()) {
    if (stopped || nodes + 2 > options.nodeLimit) {
      open = node.bound;
      break;
    }
    const { pivot } = node;
    const rest = node.open.filter((i) => i !== pivot);
    look({ ...node, chosen: [...node.chosen, pivot], open: rest }, NODE_STEPS);
    look({ ...node, open: rest }, NODE_STEPS);
  }
  const proven = open <= floor();
  return { set: winner, value: best, proven, gap: proven ? 0 : winner ? open - best : open, nodes };
}
