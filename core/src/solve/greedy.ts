import { linearAt } from '../units/index.js';
import { keepsAll, valueOf, type Instance } from './instance.js';

/** A first selection for the optimiser to beat: the best good at each step, then exchanges while they help. */

/** What the `k` cheapest items of one kind cost together; Infinity when there are fewer. */
function leastCost({ kindOf, cost }: Instance, items: ArrayLike<number>, kind: number, k: number): number {
  if (k === 0) return 0;
  const least: number[] = [];
  for (let p = 0; p < items.length; p++) {
    const i = items[p]!;
    if (kindOf[i] !== kind || (least.length === k && cost[i]! >= least[k - 1]!)) continue;
    let at = least.length === k ? k - 1 : least.length;
    while (at > 0 && least[at - 1]! > cost[i]!) least[at] = least[--at]!;
    least[at] = cost[i]!;
  }
  return least.length < k ? Infinity : least.reduce((sum, c) => sum + c, 0);
}

/** Can a partial selection still be filled from the open items, as far as counts, purse and each group alone allow? */
export function canFinish(instance: Instance, chosen: readonly number[], open: ArrayLike<number>): boolean {
  if (instance.purse === Infinity && instance.groups.length === 0) return true;
  const left = [...instance.want];
  let cost = 0;
  for (const i of chosen) {
    left[instance.kindOf[i]!]!--;
    cost += instance.cost[i]!;
  }
  if (left[0]! < 0 || left[1]! < 0) return false;
  if (instance.purse < Infinity)
    for (const kind of [0, 1]) cost += leastCost(instance, open, kind, left[kind]!);
  if (cost > instance.purse || cost === Infinity) return false;
  if (instance.groups.length === 0) return true;
  const inside = new Set(chosen);
  const able = new Set(Array.from(open));
  const total = left[0]! + left[1]!;
  return instance.groups.every(({ members, lo, hi }) => {
    const have = members.filter((i) => inside.has(i)).length;
    if (have > hi) return false;
    if (have >= lo) return true;
    const more = members.filter((i) => able.has(i)).length;
    return have + Math.min(total, more) >= lo;
  });
}

/** Rounds of exchanges; each makes the set strictly better, so few are ever needed. */
const ROUNDS = 40;

/** Exchange one good for another while that makes the set better and keeps every rule. */
function improve(instance: Instance, from: readonly number[]): number[] {
  let set = [...from];
  let value = valueOf(instance, set);
  const locked = new Set(instance.locked);
  const n = instance.own.length;
  for (let round = 0; round < ROUNDS; round++) {
    let better: { set: number[]; value: number } | null = null;
    for (const out of set) {
      if (locked.has(out)) continue;
      const rest = set.filter((i) => i !== out);
      const gain = gainer(instance, rest);
      for (let i = 0; i < n; i++) {
        if (instance.kindOf[i] !== instance.kindOf[out] || set.includes(i)) continue;
        const next = gain(i);
        if (next <= (better?.value ?? value) + 1e-9) continue;
        const exchanged = [...rest, i];
        if (keepsAll(instance, exchanged)) better = { set: exchanged, value: next };
      }
    }
    if (!better) return set;
    ({ set, value } = better);
  }
  return set;
}

/**
 * A function that gives the value of `rest` with one more item, quickly.
 * @param only bands that count; all, with the items' own points, when it is left out
 */
export function gainer(
  instance: Instance,
  rest: readonly number[],
  only?: Uint8Array,
): (item: number) => number {
  const { start, feat, share, worth, most, own } = instance;
  const fill = new Float64Array(instance.bands);
  for (const i of rest) for (let p = start[i]!; p < start[i + 1]!; p++) fill[feat[p]!]! += share[p]!;
  const value = only ? 0 : valueOf(instance, rest);
  const at = (b: number, x: number) => linearAt(worth, b * (most + 1), most, x);
  const now = Float64Array.from(fill, (x, b) => at(b, x));
  return (item) => {
    let sum = only ? 0 : value + own[item]!;
    for (let p = start[item]!; p < start[item + 1]!; p++) {
      const b = feat[p]!;
      if (only && only[b] === 0) continue;
      sum += at(b, fill[b]! + share[p]!) - now[b]!;
    }
    return sum;
  };
}

/** A good selection that keeps every rule, or null when the greedy way finds none (one may exist all the same). */
export function startSet(instance: Instance): number[] | null {
  const n = instance.own.length;
  const chosen = [...instance.locked];
  const have = (kind: number) => chosen.filter((i) => instance.kindOf[i] === kind).length;
  while (chosen.length < instance.want[0] + instance.want[1]) {
    const gain = gainer(instance, chosen);
    const ranked: [item: number, value: number][] = [];
    for (let i = 0; i < n; i++) {
      const kind = instance.kindOf[i]!;
      if (!chosen.includes(i) && have(kind) < instance.want[kind]!) ranked.push([i, gain(i)]);
    }
    ranked.sort((a, b) => b[1] - a[1] || a[0] - b[0]);
    const open = ranked.map(([i]) => i);
    const next = ranked.find(([i]) =>
      canFinish(
        instance,
        [...chosen, i],
        open.filter((o) => o !== i),
      ),
    );
    if (!next) return null;
    chosen.push(next[0]);
  }
  return keepsAll(instance, chosen) ? improve(instance, chosen) : null;
}
