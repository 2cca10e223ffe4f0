import { linearAt } from '../units/index.js';

/**
 * The optimiser's question as columns of numbers: choose `want[k]` items of each kind k so that
 *     sum of own[i]  +  sum over bands of worth_b(fill of b)
 * is greatest, where every worth is concave and piecewise linear with knots at whole goods, the cost stays in the purse,
 * no band is filled by items of both kinds, and every group holds between `lo` and `hi` of its members. It knows nothing of what the items are.
 */
export interface Instance {
  /** 0 or 1. */
  readonly kindOf: Uint8Array;
  readonly want: readonly [number, number];
  readonly own: Float64Array;
  readonly cost: Float64Array;
  readonly purse: number;
  /** Bands of item i are feat[start[i] .. start[i+1]), each with its share. */
  readonly start: Int32Array;
  readonly feat: Int32Array;
  readonly share: Float64Array;
  readonly bands: number;
  /** Points of band b holding c whole goods: worth[b * (most + 1) + c]. */
  readonly worth: Float64Array;
  readonly most: number;
  /** Points that are there before anything is chosen. */
  readonly base: number;
  /** 1 for bands that the caller wants apart (the balance axes, whose points are points of the dial). */
  readonly ofDial: Uint8Array;
  readonly locked: readonly number[];
  readonly groups: readonly Group[];
}

/** Of these items between `lo` and `hi` are chosen. `dual`: worth a multiplier in the bound. */
export interface Group {
  readonly id: string;
  readonly members: readonly number[];
  readonly lo: number;
  readonly hi: number;
}

/** Points of one band at a fill of x, linear between whole goods. */
export function bandPoints(instance: Instance, band: number, x: number): number {
  const { worth, most } = instance;
  return linearAt(worth, band * (most + 1), most, x);
}

/** The value of a set of items. */
export function valueOf(instance: Instance, set: readonly number[]): number {
  const fill = new Float64Array(instance.bands);
  let value = instance.base;
  for (const i of set) {
    value += instance.own[i]!;
    for (let p = instance.start[i]!; p < instance.start[i + 1]!; p++)
      fill[instance.feat[p]!]! += instance.share[p]!;
  }
  for (let b = 0; b < instance.bands; b++)
    if (fill[b]! > 0) value += bandPoints(instance, b, fill[b]!) - instance.worth[b * (instance.most + 1)]!;
  return value;
}

/** Does a full set keep the purse, the locks and the groups? */
export function keepsAll(instance: Instance, set: readonly number[]): boolean {
  const inside = new Set(set);
  const cost = set.reduce((sum, i) => sum + instance.cost[i]!, 0);
  return (
    cost <= instance.purse &&
    instance.locked.every((i) => inside.has(i)) &&
    instance.groups.every(({ members, lo, hi }) => {
      const count = members.filter((i) => inside.has(i)).length;
      return count >= lo && count <= hi;
    })
  );
}

/** A part of an instance, and which item of the whole each of its items is. */
export interface Part {
  readonly part: Instance;
  readonly items: readonly number[];
}

/** The part of an instance that is of one kind. */
export function onlyKind(instance: Instance, kind: 0 | 1): Part {
  const items = [...instance.kindOf.keys()].filter((i) => instance.kindOf[i] === kind);
  return onlyItems(instance, items, kind === 0 ? [instance.want[0], 0] : [0, instance.want[1]]);
}

/** The same question asked of some items only. A group without members among them asks nothing. */
export function onlyItems(instance: Instance, items: readonly number[], want = instance.want): Part {
  const place = new Map(items.map((i, at) => [i, at]));
  const start = new Int32Array(items.length + 1);
  const from: number[] = [];
  items.forEach((i, at) => {
    for (let p = instance.start[i]!; p < instance.start[i + 1]!; p++) from.push(p);
    start[at + 1] = from.length;
  });
  const here = (all: readonly number[]) => all.flatMap((i) => place.get(i) ?? []);
  const part: Instance = {
    ...instance,
    kindOf: Uint8Array.from(items, (i) => instance.kindOf[i]!),
    want,
    own: Float64Array.from(items, (i) => instance.own[i]!),
    cost: Float64Array.from(items, (i) => instance.cost[i]!),
    start,
    feat: Int32Array.from(from, (p) => instance.feat[p]!),
    share: Float64Array.from(from, (p) => instance.share[p]!),
    locked: here(instance.locked),
    groups: instance.groups.flatMap((group) => {
      const members = here(group.members);
      return members.length > 0 || group.members.length === 0 ? [{ ...group, members }] : [];
    }),
  };
  return { part, items };
}
