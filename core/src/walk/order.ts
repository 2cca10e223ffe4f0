import type { Main } from '../counter/index.js';
import type { LateSchool } from '../brief/index.js';
import { lruMemoised } from '../units/index.js';
import { bears, FALLS, lateness, MEMORY, ROUNDING, START, stepCost } from './cost.js';

/** Above this the walk rises by strength instead, and says so: nobody tastes that many in a row. */
export const EXACT_UP_TO = 15;

/**
 * The order of least cost, exactly, by dynamic programming over subsets (Held and Karp 1962; Bellman 1962): the cost of a step depends on
 * the set of goods before it, the last of them and the next. What comes late by rule comes late whatever it costs. States from which nothing
 * can be as good as an order that is known already are left out, which changes no answer.
 * Goods are taken by id, so the order in which they are given never matters.
 * @param pins the place of each good that a person pinned, from 1; a pin may break what comes late
 */
export function bestOrder(
  mains: readonly Main[],
  school: LateSchool = 'blue last',
  pins: Readonly<Record<string, number>> = NO_PINS,
): Main[] {
  const goods = [...mains].sort((a, b) => (a.id < b.id ? -1 : 1));
  return orderOf({ goods, school, pinned: placesOf(goods, pins) }).map((at) => goods[at]!);
}

const NO_PINS: Readonly<Record<string, number>> = {};

/** Which good stands at each place by a pin; -1: none. Past the end is the end; of two pins to one place that of the smaller id holds. */
function placesOf(goods: readonly Main[], pins: Readonly<Record<string, number>>): readonly number[] {
  const at = goods.map(() => -1);
  goods.forEach(({ id }, g) => {
    const place = pins[id];
    if (place === undefined) return;
    const i = Math.min(Math.max(1, Math.round(place)), goods.length) - 1;
    if (at[i] === -1) at[i] = g;
  });
  return at;
}

interface Question {
  readonly goods: readonly Main[];
  readonly school: LateSchool;
  readonly pinned: readonly number[];
}

/** Remembered for the last few boards: most edits leave the goods as they are. */
const orderOf = lruMemoised(
  ({ goods, school, pinned }: Question): readonly number[] =>
    goods.length > EXACT_UP_TO
      ? filled(byStrength(goods, school), pinned)
      : exactOrder(goods, school, pinned),
  (a, b) =>
    a.school === b.school &&
    a.goods.length === b.goods.length &&
    a.goods.every((m, i) => m === b.goods[i]) &&
    a.pinned.every((g, i) => g === b.pinned[i]),
);

/** An order in which what is pinned stands at its place, and all else round it as it came. */
function filled(order: readonly number[], pinned: readonly number[]): number[] {
  const free = order.filter((g) => !pinned.includes(g));
  return pinned.map((g) => (g >= 0 ? g : free.shift()!));
}

const byStrength = (goods: readonly Main[], school: LateSchool): number[] =>
  [...goods.keys()].sort(
    (a, b) =>
      lateness(goods[a]!, school) - lateness(goods[b]!, school) ||
      goods[a]!.sense.intensity - goods[b]!.sense.intensity,
  );

/** A board with what each step on it costs, worked out once; `step` and `bears` by from and to, in one row after the other. */
interface Table {
  readonly n: number;
  /** How late each comes by rule; what is pinned comes when it is pinned. */
  readonly late: readonly number[];
  readonly pinned: readonly number[];
  readonly strength: readonly number[];
  readonly step: Float64Array;
  readonly bears: Float64Array;
}

function tableOf(goods: readonly Main[], school: LateSchool, pinned: readonly number[]): Table {
  const each = (of: (from: Main, to: Main) => number) =>
    Float64Array.from(goods.flatMap((from) => goods.map((to) => of(from, to))));
  return {
    n: goods.length,
    late: goods.map((main, g) => (pinned.includes(g) ? NEVER : lateness(main, school))),
    pinned,
    strength: goods.map(({ sense }) => sense.intensity),
    step: each(stepCost),
    bears: each(bears),
  };
}

/** Later than anything: as the next good it waits for nothing that is still to come. */
const NEVER = 9;

/** What a step costs after all that was before: the same as stepCost and memoryCost, from the table. */
function costOf({ n, step, bears: may }: Table, strongest: number, from: number, to: number): number {
  const at = from * n + to;
  const above = strongest - may[at]!;
  return step[at]! + (above > 0 ? MEMORY * above : 0);
}

function walked(order: readonly number[], table: Table): number {
  let strongest = table.strength[order[0]!]!;
  let sum = START * strongest;
  for (let i = 1; i < order.length; i++) {
    sum += costOf(table, strongest, order[i - 1]!, order[i]!);
    strongest = Math.max(strongest, table.strength[order[i]!]!);
  }
  return sum;
}

/** A good order: by strength, in which goods are moved one by one for as long as that helps. */
function goodOrder(start: readonly number[], table: Table): readonly number[] {
  const { n, late, pinned } = table;
  let order = start;
  let least = walked(order, table);
  for (let better = true; better;) {
    better = false;
    for (let from = 0; from < n; from++)
      for (let to = 0; to < n; to++) {
        const by = to > from ? 1 : -1;
        // Past what comes at another time or is pinned it may not go.
        if (to === from || pinned[to]! >= 0 || late[order[to]!] !== late[order[from]!]) continue;
        const tried = [...order];
        let hole = from;
        for (let i = from; i !== to; i += by) {
          if (pinned[i + by]! >= 0) continue;
          tried[hole] = order[i + by]!;
          hole = i + by;
        }
        tried[to] = order[from]!;
        const cost = walked(tried, table);
        if (cost >= least - ROUNDING) continue;
        [order, least, better] = [tried, cost, true];
      }
  }
  return order;
}

/** What is known of every set of goods. */
function setsOf({ n, late, strength, step }: Table) {
  const all = (1 << n) - 1;
  const strongest = new Float64Array(all + 1);
  const mildest = new Float64Array(all + 1).fill(Infinity);
  const earliest = new Uint8Array(all + 1).fill(NEVER);
  /** The least that its goods cost to come to, but for what they fall back. */
  const atLeast = new Float64Array(all + 1);
  const entered = strength.map((to, t) =>
    Math.min(
      ...strength.map((from, f) =>
        f === t || (late[f]! > late[t]! && late[f] !== NEVER)
          ? Infinity
          : step[f * n + t]! - FALLS * Math.max(0, from - to),
      ),
    ),
  );
  for (let set = 1; set <= all; set++) {
    const low = 31 - Math.clz32(set & -set);
    const rest = set & (set - 1);
    strongest[set] = Math.max(strength[low]!, strongest[rest]!);
    mildest[set] = Math.min(strength[low]!, mildest[rest]!);
    earliest[set] = Math.min(late[low]!, earliest[rest]!);
    atLeast[set] = entered[low]! + atLeast[rest]!;
  }
  return { strongest, mildest, earliest, atLeast };
}

function exactOrder(
  goods: readonly Main[],
  school: LateSchool,
  pinned: readonly number[],
): readonly number[] {
  const n = goods.length;
  if (n === 0) return [];
  const table = tableOf(goods, school, pinned);
  const { late, strength } = table;
  const good = goodOrder(filled(byStrength(goods, school), pinned), table);
  const known = walked(good, table) - ROUNDING;
  const { strongest, mildest, earliest, atLeast } = setsOf(table);
  const all = (1 << n) - 1;
  /** What is pinned stands at its place and nowhere else. */
  const mayStand = (g: number, place: number) =>
    pinned[place]! >= 0 ? pinned[place] === g : late[g] !== NEVER;
  // reached[set * n + last]: the least cost of having tasted `set`, `last` at last; layer after layer.
  const reached = new Float64Array((all + 1) * n).fill(Infinity);
  const layers: number[][] = [];
  const reach = (layer: number[], set: number, last: number, total: number) => {
    const left = all & ~set;
    if (late[last] !== NEVER && late[last]! > earliest[left]!) return;
    // From the last to the mildest still to come it falls back at least this far, by whatever way.
    const falls = Math.max(0, strength[last]! - mildest[left]!);
    const state = set * n + last;
    if (total + atLeast[left]! + FALLS * falls >= known || total >= reached[state]!) return;
    if (reached[state] === Infinity) layer.push(state);
    reached[state] = total;
  };
  for (let size = 1; size <= n; size++) {
    const layer: number[] = [];
    if (size === 1)
      strength.forEach((s, to) => {
        if (mayStand(to, 0)) reach(layer, 1 << to, to, START * s);
      });
    for (const state of layers.at(-1) ?? []) {
      const last = state % n;
      const set = (state - last) / n;
      for (let to = 0; to < n; to++)
        if (!(set & (1 << to)) && mayStand(to, size - 1))
          reach(layer, set | (1 << to), to, reached[state]! + costOf(table, strongest[set]!, last, to));
    }
    layers.push(layer);
  }
  return layers.at(-1)!.length > 0 ? backwards(table, layers, strongest) : good;
}

/** Over what was reached, from the end: the least cost of what is still to come, and with which good it begins. */
function backwards(table: Table, layers: readonly (readonly number[])[], strongest: Float64Array): number[] {
  const { n, strength } = table;
  const onward = new Float64Array((1 << n) * n).fill(Infinity);
  const next = new Int8Array((1 << n) * n).fill(-1);
  for (const state of layers[n - 1]!) onward[state] = 0;
  for (let size = n - 2; size >= 0; size--)
    for (const state of layers[size]!) {
      const last = state % n;
      const set = (state - last) / n;
      for (let to = 0; to < n; to++) {
        if (set & (1 << to)) continue;
        const total = costOf(table, strongest[set]!, last, to) + onward[(set | (1 << to)) * n + to]!;
        if (total >= onward[state]! - ROUNDING) continue;
        onward[state] = total;
        next[state] = to;
      }
    }
  let set = 0;
  let least = Infinity;
  let at = -1;
  for (const state of layers[0]!) {
    const total = START * strength[state % n]! + onward[state]!;
    if (total >= least - ROUNDING) continue;
    least = total;
    at = state % n;
  }
  const order: number[] = [];
  while (at >= 0) {
    order.push(at);
    set |= 1 << at;
    at = next[set * n + at]!;
  }
  return order;
}
