import { fitsOf, KINDS, qualityOf, readyFor, type Counts } from '../balance/index.js';
import type { Brief } from '../brief/index.js';
import type { Main } from '../counter/index.js';
import type { Instance } from '../solve/index.js';

/** The question of a pick as the optimiser takes it. */
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

interface Bands {
  /** How many there are, and of each what 0 to `most` members are worth, one row after the other. */
  readonly bands: number;
  readonly worth: readonly number[];
  /** 1: it is of a dial's axis. */
  readonly ofDial: readonly number[];
  /** What is worth something whatever is picked. */
  readonly base: number;
  /** By item its bands, with its share of each. */
  readonly perItem: readonly (readonly [band: number, share: number][])[];
}

/** Every class of every part as a band: a row of what its members are worth, concave. */
function bandsOf({ brief, mains, counts, rawOnly }: Question, most: number): Bands {
  const worth: number[] = [];
  const ofDial: number[] = [];
  let bands = 0;
  let base = 0;
  const perItem: [band: number, share: number][][] = mains.map(() => []);
  for (const { part, scale } of readyFor(brief, counts).parts) {
    const weight = rawOnly ? (part.of === 'axis' ? 1 : 0) : scale;
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
  return { bands, worth, ofDial, base, perItem };
}

/**
 * The question as columns of numbers: item i is `mains[i]`. Says the same as measure(); a test holds them together.
 * @param question its brief has the schools settled; `mains` is sorted by id, so that ties go to the earlier id
 */
export function instanceOf(question: Question): Instance {
  const { brief, mains, counts, locked } = question;
  const most = Math.max(counts.cheese, counts.meat);
  const { bands, worth, ofDial, base, perItem } = bandsOf(question, most);
  const felt = bandsThatMatter(perItem, worth, bands, most);
  const kept = perItem.map((list) => list.filter(([band]) => felt[band]! >= 0));
  const start = new Int32Array(mains.length + 1);
  kept.forEach((list, i) => (start[i + 1] = start[i]! + list.length));
  const flat = kept.flat();
  return {
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
