import type { Main } from '../counter/index.js';
import type { Brief } from '../brief/index.js';
import { KINDS, readyFor, type Counts } from './measure.js';
import { fitsOf, qualityOf } from './terms.js';

/**
 * The optimiser's question as columns of numbers: choose `want[k]` items of each kind k so that
 *     sum of own[i]  +  sum over bands of worth_b(fill of b)
 * is greatest, where every worth is concave and piecewise linear with knots at whole goods, the cost stays in the purse,
 * and every group holds between `lo` and `hi` of its members. Says the same as measure(); a test holds them together.
 */
export interface Instance {
  readonly mains: readonly Main[];
  /** 0 cheese, 1 meat. */
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
  /** 1 for bands of the balance axes: their points are points of the dial. */
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

export interface Question {
  readonly brief: Brief;
  readonly mains: readonly Main[];
  readonly counts: Counts;
  readonly cost: (main: Main) => number;
  readonly purse: number | null;
  readonly locked: ReadonlySet<string>;
  /** Groups by good id; see Group. */
  readonly groups: readonly { id: string; members: (main: Main) => boolean; lo: number; hi: number }[];
  /** Only the raw value counts: no quality, fit, sameness or rise. For curves of best R. */
  readonly rawOnly?: boolean;
}

/** @param question its brief has the schools settled; `mains` is sorted by id, so that ties go to the earlier id */
export function instanceOf(question: Question): Instance {
  const { brief, mains, counts, locked } = question;
  const ready = readyFor(brief, counts);
  const most = Math.max(counts.cheese, counts.meat);
  const worth: number[] = [];
  const ofDial: number[] = [];
  let bands = 0;
  let base = 0;
  const perItem: [band: number, share: number][][] = mains.map(() => []);
  for (const { part, scale } of ready.parts) {
    const weight = question.rawOnly ? (part.of === 'axis' ? 1 : 0) : scale;
    if (weight === 0) continue;
    const index = new Map<string, number>();
    const bandIndex = (id: string): number => {
      const known = index.get(id);
      if (known !== undefined) return known;
      const points = part.worths(id);
      const last = points.length - 1;
      const slope = last > 0 ? points[last]! - points[last - 1]! : 0;
      // Beyond its own count a kind goes on as it went, so that every row stays concave.
      for (let c = 0; c <= most; c++)
        worth.push(weight * (c <= last ? points[c]! : points[last]! + (c - last) * slope));
      index.set(id, bands);
      ofDial.push(Number(part.of === 'axis'));
      return bands++;
    };
    for (const id of part.always) base += worth[bandIndex(id) * (most + 1)]!;
    mains.forEach((main, i) => {
      if (main.kind !== part.kind) return;
      const shares = part.membership(main);
      for (const id in shares) perItem[i]!.push([bandIndex(id), shares[id]!]);
    });
  }
  const felt = bandsThatMatter(perItem, worth, bands, most);
  const kept = perItem.map((list) => list.filter(([band]) => felt[band]! >= 0));
  const start = new Int32Array(mains.length + 1);
  kept.forEach((list, i) => (start[i + 1] = start[i]! + list.length));
  const flat = kept.flat();
  return {
    mains,
    kindOf: Uint8Array.from(mains, (main) => KINDS.indexOf(main.kind)),
    want: [counts.cheese, counts.meat],
    own: Float64Array.from(mains, (main) =>
      question.rawOnly
        ? 0
        : [qualityOf(main, brief), ...fitsOf(main, brief)].reduce((sum, r) => sum + r.effect, 0),
    ),
    cost: Float64Array.from(mains, question.cost),
    purse: question.purse ?? Infinity,
    start,
    feat: Int32Array.from(flat, ([band]) => felt[band]!),
    share: Float64Array.from(flat, ([, share]) => share),
    bands: Math.max(-1, ...felt) + 1,
    worth: Float64Array.from(
      felt.flatMap((to, b) => (to < 0 ? [] : worth.slice(b * (most + 1), (b + 1) * (most + 1)))),
    ),
    most,
    base,
    ofDial: Uint8Array.from(ofDial.filter((_, b) => felt[b]! >= 0)),
    locked: mains.flatMap((main, i) => (locked.has(main.id) ? [i] : [])),
    groups: question.groups.map(({ id, members, lo, hi }) => ({
      id,
      members: mains.flatMap((main, i) => (members(main) ? [i] : [])),
      lo,
      hi,
    })),
  };
}

/**
 * New numbers for the bands that can change the value, -1 for the others: nobody needs to watch a class of look-alikes
 * that has one member on this counter.
 */
function bandsThatMatter(
  perItem: readonly (readonly [number, number][])[],
  worth: readonly number[],
  bands: number,
  most: number,
): number[] {
  const reach = new Float64Array(bands);
  for (const list of perItem) for (const [band, share] of list) reach[band]! += share;
  let next = 0;
  return Array.from({ length: bands }, (_, b) => {
    const last = Math.min(most, Math.ceil(reach[b]!));
    for (let c = 1; c <= last; c++) if (worth[b * (most + 1) + c] !== worth[b * (most + 1)]) return next++;
    return -1;
  });
}

/** Points of one band at a fill of x, linear between whole goods. */
export function bandPoints(instance: Instance, band: number, x: number): number {
  const { worth, most } = instance;
  const at = band * (most + 1);
  if (x >= most) return worth[at + most]!;
  const whole = Math.floor(x);
  return worth[at + whole]! + (x - whole) * (worth[at + whole + 1]! - worth[at + whole]!);
}

/** The value of a set of items: the same number as measure().value for the goods. */
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

/** The part of an instance that is of one kind, and which item each of its items was. */
export function onlyKind(instance: Instance, kind: 0 | 1): { part: Instance; items: readonly number[] } {
  const items = [...instance.kindOf.keys()].filter((i) => instance.kindOf[i] === kind);
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
    mains: items.map((i) => instance.mains[i]!),
    kindOf: Uint8Array.from(items, () => kind),
    want: kind === 0 ? [instance.want[0], 0] : [0, instance.want[1]],
    own: Float64Array.from(items, (i) => instance.own[i]!),
    cost: Float64Array.from(items, (i) => instance.cost[i]!),
    start,
    feat: Int32Array.from(from, (p) => instance.feat[p]!),
    share: Float64Array.from(from, (p) => instance.share[p]!),
    locked: here(instance.locked),
    // A group of the other kind has no members here and asks nothing.
    groups: instance.groups.flatMap((group) => {
      const members = here(group.members);
      return members.length > 0 || group.members.length === 0 ? [{ ...group, members }] : [];
    }),
  };
  return { part, items };
}
