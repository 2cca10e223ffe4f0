import type { Main } from '../counter/index.js';
import { LARGEST_SHARE, purchase, shareOf } from '../amount/index.js';
import { grams } from '../units/index.js';
import { branch } from './branch.js';
import { compile, type Compiled } from './compile.js';
import { bestRaw } from './measure.js';
import { costOfSet, stockHolds, type Problem } from './problem.js';
import { riseOf } from './terms.js';

export interface SearchOptions {
  /** Sets that may be looked at, counted over the whole search; the same on every machine. */
  readonly nodeLimit: number;
  /** Called with every better selection; true stops with the best so far. */
  readonly onBest?: (goodIds: readonly string[], value: number) => boolean;
}

export interface Solution {
  /** Cheeses then meats, each by id; null when nothing fits. */
  readonly goodIds: readonly string[] | null;
  readonly value: number;
  /** True: no other selection is better. */
  readonly proven: boolean;
  /** Points that a better selection could still have, 0 when proven. */
  readonly gap: number;
  readonly nodes: number;
}

interface Found {
  readonly set: readonly number[];
  readonly value: number;
  readonly cost: number;
}

interface Side {
  readonly pool: Compiled;
  readonly size: number;
  readonly total: number;
  readonly locked: readonly number[];
  /** The least that each good can cost in any set of this size. */
  readonly leastCost: readonly number[];
}

/**
 * The best selection for a problem, exactly, or the best within the node limit with its gap.
 *
 * Cheeses and meats meet only in the purse. Without one, each side is solved alone. With one, the meat sets that no
 * other beats in value and cost are listed first (few meats, small sets), and every cheese set is completed with the
 * best of them that it leaves money for.
 */
export function search(problem: Problem, options: SearchOptions): Solution {
  const { brief, nCheeses, nMeats, purse } = problem;
  const best = bestRaw('cheese', brief, nCheeses) + bestRaw('meat', brief, nMeats);
  const points = best > 0 ? 100 / best : 0;
  const cheese = sideOf(problem, problem.cheeses, 'cheese', nCheeses, problem.targets.cheeses.total, points);
  const meat = sideOf(problem, problem.meats, 'meat', nMeats, problem.targets.meats.total, points);
  let nodes = 0;
  let stopped = false;
  const spend = () => !stopped && ++nodes <= options.nodeLimit;

  const meats = meatFront(meat, purse, spend);
  if (meats.front.length === 0) {
    const proven = meats.open === -Infinity;
    return { goodIds: null, value: 0, proven, gap: proven ? 0 : meats.open + ceilingOf(cheese), nodes };
  }
  const bestMeat = (money: number): Found | null => {
    let found: Found | null = null;
    for (const set of meats.front) if (set.cost <= money && (!found || set.value > found.value)) found = set;
    return found;
  };
  const leastMeatCost = Math.min(...meats.front.map((set) => set.cost));
  const topMeat = Math.max(...meats.front.map((set) => set.value));

  let winner: { ids: readonly string[]; value: number } | null = null;
  const nameOf = (side: Side, set: readonly number[]) => set.map((g) => side.pool.mains[g]!.id).sort();
  const open = branch({
    pool: cheese.pool,
    size: cheese.size,
    locked: cheese.locked,
    hopeful: (set) => purse === null || leastTotal(cheese, set) + leastMeatCost <= purse,
    finish: (set) => {
      const mains = set.map((g) => cheese.pool.mains[g]!);
      if (!stockHolds(cheese.total, mains)) return null;
      const left = purse === null ? Infinity : purse - costOfSet(cheese.total, mains);
      const with_ = bestMeat(left);
      return with_ && riseOf(set.map((g) => cheese.pool.intensity[g]!)) + with_.value - topMeat;
    },
    // The best meats are counted in from the start, so that a cheese set's own terms stay 0 or less.
    toBeat: () => (winner ? winner.value - topMeat : -Infinity),
    found: (set, value) => {
      const mains = set.map((g) => cheese.pool.mains[g]!);
      const with_ = bestMeat(purse === null ? Infinity : purse - costOfSet(cheese.total, mains))!;
      winner = { ids: [...nameOf(cheese, set), ...nameOf(meat, with_.set)], value: value + topMeat };
      if (options.onBest?.(winner.ids, winner.value)) stopped = true;
    },
    spend,
  });
  const found = winner as { ids: readonly string[]; value: number } | null;
  const ceiling = open + Math.max(topMeat, meats.open);
  const proven = !(ceiling > (found?.value ?? -Infinity));
  return {
    goodIds: found?.ids ?? null,
    value: found?.value ?? 0,
    proven,
    gap: proven ? 0 : ceiling - (found?.value ?? 0),
    nodes: Math.min(nodes, options.nodeLimit),
  };
}

function sideOf(
  problem: Problem,
  pool: readonly Main[],
  kind: Main['kind'],
  size: number,
  total: number,
  points: number,
): Side {
  return {
    pool: compile(pool, kind, problem.brief, points),
    size,
    total,
    locked: pool.flatMap((main, g) => (problem.locked.has(main.id) ? [g] : [])),
    leastCost: pool.map((main) => leastCost(main, size, total)),
  };
}

/** An upper bound on the value of one side, before anything of it is searched. */
const ceilingOf = (side: Side): number =>
  branch({
    ...side,
    hopeful: () => true,
    finish: () => null,
    found: () => undefined,
    toBeat: () => -Infinity,
    spend: () => false,
  });

/** A good costs least where the others have the largest shares; a gram is taken off for rounding. */
function leastCost(main: Main, size: number, total: number): number {
  const { share } = shareOf(main);
  const net = Math.floor((total * share) / (share + (size - 1) * LARGEST_SHARE)) - 1;
  return purchase(main, grams(Math.max(0, net))).cost;
}

/** A lower bound on the cost of any full set that holds `set`. */
function leastTotal(side: Side, set: readonly number[]): number {
  const rest = side.leastCost.filter((_, g) => !set.includes(g)).sort((a, b) => a - b);
  const cheapest = rest.slice(0, Math.max(0, side.size - set.length));
  return [...set.map((g) => side.leastCost[g]!), ...cheapest].reduce((a, b) => a + b, 0);
}

/**
 * Meat sets worth considering. Without a purse only the best one; with it every set that none other beats in both
 * value and cost. `open` is more than -Infinity when the node limit cut the listing short.
 */
function meatFront(side: Side, purse: number | null, spend: () => boolean): { front: Found[]; open: number } {
  const found: Found[] = [];
  let best = -Infinity;
  const open = branch({
    pool: side.pool,
    size: side.size,
    locked: side.locked,
    hopeful: (set) => purse === null || leastTotal(side, set) <= purse,
    finish: (set) =>
      stockHolds(
        side.total,
        set.map((g) => side.pool.mains[g]!),
      )
        ? 0
        : null,
    toBeat: () => (purse === null ? best : -Infinity),
    found: (set, value) => {
      best = Math.max(best, value);
      found.push({
        set: [...set],
        value,
        cost: costOfSet(
          side.total,
          set.map((g) => side.pool.mains[g]!),
        ),
      });
    },
    spend,
  });
  const byCost = found.sort((a, b) => a.cost - b.cost || b.value - a.value);
  const front: Found[] = [];
  for (const set of byCost)
    if (front.length === 0 || set.value > front[front.length - 1]!.value) front.push(set);
  return { front, open };
}
