import { enumerator } from './enumerate.js';
import { canFinish, startSet } from './greedy.js';
import { NodeHeap } from './heap.js';
import { keepsAll, onlyItems, valueOf, type Instance } from './instance.js';
import { Relaxation, type Node } from './relax.js';

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
export const ROOT_STEPS = 160;
const NODE_STEPS = 20;
/** With this few places left, and at most this many open goods, all fillings are tried. */
const TRIED_PLACES = 3;
const TRIED_OPEN = [Infinity, Infinity, 400, 60];
/** Of this many of each kind, those that the root likes best, a good floor is sought first; where the root leaves many more. */
const FEW = 40;
const FEW_NODES = 200;
/** Values nearer than this are one value. */
const SAME = 2e-11;

/** Best-first branch and bound over Lagrangian bounds (relax.ts); the last places are filled by trying (enumerate.ts). */
export function search(instance: Instance, options: SearchOptions): Optimum {
  const relax = new Relaxation(instance);
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
  /** The same search among the few goods that the bound likes best: a good floor early lets most of the rest go. */
  const tryFew = (node: Node) => {
    const ranked = relax.ranked(node);
    const few = [0, 1].flatMap((kind) => ranked.filter((i) => instance.kindOf[i] === kind).slice(0, FEW));
    const { part, items } = onlyItems(
      instance,
      [...instance.locked, ...few].sort((a, b) => a - b),
    );
    const found = search(part, { nodeLimit: Math.min(FEW_NODES, options.nodeLimit - nodes) });
    nodes += found.nodes;
    if (found.set) offer(found.set.map((i) => items[i]!));
  };

  const first = startSet(instance);
  if (first) offer(first);
  look(relax.root(first ?? instance.locked), ROOT_STEPS);
  const root = heap.pop();
  if (root) {
    if (root.open.length > 4 * FEW) tryFew(root);
    heap.push(root);
  }
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
