import type { Money } from '../units/index.js';
import { exclusionsOf } from '../care/index.js';
import { gramsOnHand, isMain, nextLot, type Good, type Main } from '../counter/index.js';
import { besideEstimate, netGrams, purchase } from '../amount/index.js';
import { budgetTotal, targetsOf, type Brief, type House, type Targets } from '../brief/index.js';

/** A wish of the person that the optimiser must keep. */
export interface Wishes {
  /** Must be in. A guest's limit beats a lock. */
  readonly locked: readonly string[];
  /** Must not be in. */
  readonly leftOut: readonly string[];
}

/** Something that the person should hear before or instead of a selection. */
export interface Hitch {
  readonly id:
    'lock against a limit' | 'lock not on the counter' | 'more locks than kinds' | 'too few' | 'over budget';
  readonly says: string;
  readonly goodIds: readonly string[];
}

/** The question that the optimiser answers. */
export interface Problem {
  readonly brief: Brief;
  readonly targets: Targets;
  readonly cheeses: readonly Main[];
  readonly meats: readonly Main[];
  readonly locked: ReadonlySet<string>;
  readonly nCheeses: number;
  readonly nMeats: number;
  /** What cheeses and meats may cost together, after what the companions will take; null for no limit. */
  readonly purse: number | null;
  readonly reserve: Money;
  readonly hitches: readonly Hitch[];
}

const byId = (a: Main, b: Main) => (a.id < b.id ? -1 : 1);

/** May this good be proposed today? Past its time and out of stock are out; goods without lots are taken as on order. */
const isAvailable = (main: Main): boolean => {
  const onHand = gramsOnHand(main);
  return onHand === null || (onHand > 0 && nextLot(main) !== null);
};

/** Exact cost of a set of one kind that shares `total` grams. */
export function costOfSet(total: number, set: readonly Main[]): number {
  const net = netGrams(total as never, set);
  return set.reduce((sum, main, i) => sum + purchase(main, net[i]!).cost, 0);
}

/** Does the counter hold enough of every good of the set? */
export function stockHolds(total: number, set: readonly Main[]): boolean {
  const net = netGrams(total as never, set);
  return set.every((main, i) => {
    const onHand = gramsOnHand(main);
    return onHand === null || purchase(main, net[i]!).gross <= onHand;
  });
}

/** Turn a brief, a counter and wishes into the optimiser's question, with every hitch that is known beforehand. */
export function problemOf(brief: Brief, counter: readonly Good[], house: House, wishes: Wishes): Problem {
  const targets = targetsOf(brief, counter, house);
  const mains = counter.filter(isMain);
  const fits = new Map(mains.map((main) => [main.id, exclusionsOf(main, brief.limits)]));
  const hitches: Hitch[] = [];
  const locked = new Set<string>();
  for (const id of new Set(wishes.locked)) {
    const main = mains.find((m) => m.id === id);
    if (!main) {
      hitches.push({
        id: 'lock not on the counter',
        says: `${id} is locked but is not on the counter.`,
        goodIds: [id],
      });
      continue;
    }
    const against = fits.get(id)!;
    if (against.length > 0) {
      const why = against.map((a) => `${a.label}: ${a.fit.says}`).join('; ');
      hitches.push({
        id: 'lock against a limit',
        says: `${main.name} is locked, but a guest's limit comes first (${why}). It was left out.`,
        goodIds: [id],
      });
      continue;
    }
    locked.add(id);
  }
  const open = (kind: Main['kind']) =>
    mains
      .filter((m) => m.kind === kind && fits.get(m.id)!.length === 0 && (locked.has(m.id) || isAvailable(m)))
      .filter((m) => locked.has(m.id) || !wishes.leftOut.includes(m.id))
      .sort(byId);
  const cheeses = open('cheese');
  const meats = open('meat');
  const count = (pool: readonly Main[], kinds: number, word: string) => {
    const held = pool.filter((m) => locked.has(m.id)).length;
    if (held > kinds)
      hitches.push({
        id: 'more locks than kinds',
        says: `${held} ${word} are locked and ${kinds} asked for: all ${held} were kept.`,
        goodIds: pool.filter((m) => locked.has(m.id)).map((m) => m.id),
      });
    return Math.max(kinds, held);
  };
  const budget = budgetTotal(brief);
  const reserve = besideEstimate(brief, counter);
  return {
    brief,
    targets,
    cheeses,
    meats,
    locked,
    nCheeses: count(cheeses, targets.cheeses.kinds, 'cheeses'),
    nMeats: count(meats, targets.meats.kinds, 'meats'),
    purse: budget === null ? null : Math.max(0, budget - reserve),
    reserve,
    hitches,
  };
}
