import type { Main } from '../counter/index.js';
import type { LateSchool } from '../brief/index.js';
import { lately } from '../units/index.js';
import { lateness, memoryCost, START, stepCost } from './cost.js';

/** Held-Karp takes 2^n n^2 steps; above this the walk rises by strength instead, and says so. */
export const EXACT_UP_TO = 15;

/**
 * The order of least cost, exactly, by dynamic programming over subsets (Held and Karp 1962; Bellman 1962): the cost of a step depends on
 * the set of goods before it, the last of them and the next. What comes late by rule comes late whatever it costs.
 * Ties go to the smaller id, so the order in which the goods are given never matters.
 */
export function bestOrder(mains: readonly Main[], school: LateSchool = 'blue last'): Main[] {
  const goods = [...mains].sort((a, b) => (a.id < b.id ? -1 : 1));
  return orderOf({ goods, school }).map((at) => goods[at]!);
}

interface Question {
  readonly goods: readonly Main[];
  readonly school: LateSchool;
}

/** Remembered for the last few boards: most edits leave the goods as they are. */
const orderOf = lately(
  ({ goods, school }: Question): readonly number[] =>
    goods.length > EXACT_UP_TO ? byStrength(goods, school) : exactOrder(goods, school),
  (a, b) =>
    a.school === b.school && a.goods.length === b.goods.length && a.goods.every((m, i) => m === b.goods[i]),
);

const byStrength = (goods: readonly Main[], school: LateSchool): number[] =>
  [...goods.keys()].sort(
    (a, b) =>
      lateness(goods[a]!, school) - lateness(goods[b]!, school) ||
      goods[a]!.sense.intensity - goods[b]!.sense.intensity,
  );

function exactOrder(goods: readonly Main[], school: LateSchool): number[] {
  const n = goods.length;
  if (n === 0) return [];
  const late = goods.map((main) => lateness(main, school));
  const strength = goods.map(({ sense }) => sense.intensity);
  const step = goods.map((a) => goods.map((b) => stepCost(a, b)));
  const full = (1 << n) - 1;
  // The strongest of every set, and how late the latest of what is left may be: what is not yet late stands first.
  const strongest = new Float64Array(full + 1);
  const earliest = new Uint8Array(full + 1).fill(9);
  for (let set = 1; set <= full; set++) {
    const low = 31 - Math.clz32(set & -set);
    const rest = set & (set - 1);
    strongest[set] = Math.max(strength[low]!, rest ? strongest[rest]! : 0);
    earliest[set] = Math.min(late[low]!, rest ? earliest[rest]! : 9);
  }
  // cost[left * n + last]: least cost of walking all of `left` after `last`, when everything else was before.
  const cost = new Float64Array((full + 1) * n).fill(Infinity);
  const next = new Int8Array((full + 1) * n).fill(-1);
  for (let last = 0; last < n; last++) cost[last] = 0;
  for (let left = 1; left <= full; left++) {
    const before = full & ~left;
    for (let last = 0; last < n; last++) {
      if (!(before & (1 << last)) || late[last]! > earliest[left]!) continue;
      let least = Infinity;
      let best = -1;
      for (let to = 0; to < n; to++) {
        // One that is too late to come next has no way on: what it would leave behind costs infinitely much.
        if (!(left & (1 << to))) continue;
        const c =
          step[last]![to]! +
          memoryCost(strongest[before]!, goods[last]!, goods[to]!) +
          cost[(left & ~(1 << to)) * n + to]!;
        if (c < least - 1e-12) {
          least = c;
          best = to;
        }
      }
      cost[left * n + last] = least;
      next[left * n + last] = best;
    }
  }
  let at = -1;
  let least = Infinity;
  for (let first = 0; first < n; first++) {
    const left = full & ~(1 << first);
    if (left && late[first]! > earliest[left]!) continue;
    const total = START * strength[first]! + cost[left * n + first]!;
    if (total < least - 1e-12) {
      least = total;
      at = first;
    }
  }
  const order = [at];
  for (let left = full & ~(1 << at); left > 0; left &= ~(1 << at)) {
    at = next[left * n + at]!;
    order.push(at);
  }
  return order;
}
