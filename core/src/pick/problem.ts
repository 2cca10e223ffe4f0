import { type Exclusion, barsOf } from '../care/index.js';
import {
  gramsOnHand,
  isMain,
  isReady,
  lotOn,
  servedOn,
  type Cheese,
  type Main,
  type Counted,
} from '../counter/index.js';
import { besideEstimate, plateShare, serviceEstimate, usualPurchase } from '../amount/index.js';
import {
  budgetTotal,
  COVERS,
  onCounter,
  settled,
  targetsOf,
  type Brief,
  type CoverSchool,
  type House,
  type Targets,
  companyOf,
} from '../brief/index.js';
import { money, reason, subjectOf, type Money, type Reason } from '../units/index.js';
import type { Question } from './question.js';
import type { Counts } from '../balance/index.js';
import { keepsTheme } from '../balance/index.js';

/** A wish of the person that the optimiser must keep. */
export interface Wishes {
  /** Must be in. A guest's limit beats a lock. */
  readonly locked: readonly string[];
  /** Must not be in. */
  readonly leftOut: readonly string[];
}
export const NO_WISHES: Wishes = { locked: [], leftOut: [] };

declare module '../units/reason.js' {
  interface Rules {
    'lock-not-on-the-counter': { id: string };
    'lock-against-a-limit': { good: string; because: readonly Exclusion[] };
    'lock-off-the-theme': { good: string };
    'more-locks-than-kinds': { kind: Main['kind']; locked: number; kinds: number };
    'school-needs-more-kinds': { cheeses: number; school: CoverSchool; places: readonly string[] };
  }
}

/** Something that the person should hear before or instead of a selection. */
export type Hitch = Reason<
  | 'lock-not-on-the-counter'
  | 'lock-against-a-limit'
  | 'lock-off-the-theme'
  | 'more-locks-than-kinds'
  | 'school-needs-more-kinds'
  | 'nothing-fits'
  | 'nothing-found-in-time'
>;

/** The question that the optimiser answers, in the words of the counter. */
export interface Problem {
  /** With its schools settled. */
  readonly brief: Brief;
  readonly targets: Targets;
  /** Every cheese and meat that may be picked, as it will be on the serving day; by id. */
  readonly mains: readonly Main[];
  readonly counts: Counts;
  readonly locked: ReadonlySet<string>;
  readonly groups: Question['groups'];
  /** What cheeses and meats may cost together, after what the companions will take; null for no limit. */
  readonly purse: number | null;
  /** What an order comes to in all whose cheeses and meats have a given cost: companions, own plates, work and hire with it. */
  readonly inAll: (cost: number) => Money;
  readonly hitches: readonly Hitch[];
}

const byId = (a: Main, b: Main) => (a.id < b.id ? -1 : 1);

/** May this good be proposed for that day? Past its time, out of stock and untried ends are out; no lots: on order. */
export function isAvailable(main: Main, net: number, date: string): boolean {
  if (main.trial !== null && main.trial.decision !== 'buy it') return false;
  if (!isReady(main)) return false;
  const onHand = gramsOnHand(main, date);
  return onHand === null || (lotOn(main, date) !== null && net <= onHand);
}

/** What one good would cost in this order; it does not depend on the others (amount/usual.ts). */
export const costIn =
  (targets: Targets, counts: Counts) =>
  (main: Main): number =>
    usualPurchase(
      main,
      main.kind === 'cheese' ? targets.cheeses.total : targets.meats.total,
      counts[main.kind],
    ).price;

const grossIn = (targets: Targets, counts: Counts, main: Main): number =>
  usualPurchase(main, main.kind === 'cheese' ? targets.cheeses.total : targets.meats.total, counts[main.kind])
    .gross;

const asCheese = (test: (cheese: Cheese) => boolean) => (main: Main) => main.kind === 'cheese' && test(main);

/**
 * The places of a cover school as groups. A cheese fills one place only, so by Hall's theorem (1935) every set of places
 * needs as many cheeses that fill any of them. With fewer cheeses than places, as many places as there are cheeses.
 */
function coverGroups({ schools }: Brief, nCheeses: number): Question['groups'] {
  const places = COVERS[schools.cover!];
  const short = nCheeses < places.length;
  const anyOf = (some: typeof places) => asCheese((cheese) => some.some((place) => place.fills(cheese)));
  if (short)
    return [
      { id: schools.cover!, members: anyOf(places), lo: nCheeses, hi: Infinity },
      ...places.map((place) => ({ id: place.id, members: anyOf([place]), lo: 0, hi: 1 })),
    ];
  const subsets = Array.from({ length: 2 ** places.length - 1 }, (_, bits) =>
    places.filter((_p, i) => ((bits + 1) >> i) & 1),
  );
  return subsets.map((some) => ({
    id: some.map((place) => place.id).join(' + '),
    members: anyOf(some),
    lo: some.length,
    hi: Infinity,
  }));
}

function companyGroups({ schools }: Brief, nCheeses: number): Question['groups'] {
  const known = (is: Main['known']) => (main: Main) => main.kind === 'cheese' && main.known === is;
  const groups: Question['groups'][number][] = [];
  if (schools.company !== 'free' && nCheeses > 0)
    groups.push({ id: 'a safe bet', members: known('safe bet'), lo: 1, hi: Infinity });
  if (schools.company === 'a safe bet and a surprise' && nCheeses > 1)
    groups.push({ id: 'a surprise', members: known('surprise'), lo: 1, hi: Infinity });
  return groups;
}

/** A face-off sets makers against each other: one cheese of each. */
function makerGroups({ flight }: Brief, mains: readonly Main[]): Question['groups'] {
  if (flight?.kind !== 'face-off') return [];
  const makers = new Set(mains.filter((m) => m.kind === 'cheese' && m.maker).map((m) => m.maker));
  return [...makers].map((maker) => ({
    id: `of ${maker}`,
    members: asCheese((cheese) => cheese.maker === maker),
    lo: 0,
    hi: 1,
  }));
}

interface LockedGoods {
  readonly locked: ReadonlySet<string>;
  readonly hitches: readonly Hitch[];
}

function locksOf(wishes: Wishes, mains: readonly Main[], brief: Brief): LockedGoods {
  const hitches: Hitch[] = [];
  const locked = new Set<string>();
  for (const id of new Set(wishes.locked)) {
    const main = mains.find((m) => m.id === id);
    const about = { subject: id };
    if (!main) {
      hitches.push(reason('lock-not-on-the-counter', { id }, about));
      continue;
    }
    const because = barsOf(main, companyOf(brief));
    if (because.length > 0) {
      hitches.push(reason('lock-against-a-limit', { good: main.name, because }, about));
      continue;
    }
    if (!keepsTheme(main, brief)) hitches.push(reason('lock-off-the-theme', { good: main.name }, about));
    locked.add(id);
  }
  return { locked, hitches };
}

const tooManyLocks = (kind: Main['kind'], held: readonly Main[], kinds: number): Hitch[] =>
  held.length > kinds
    ? [
        reason(
          'more-locks-than-kinds',
          { kind, locked: held.length, kinds },
          { subject: subjectOf(held.map((m) => m.id)) },
        ),
      ]
    : [];

/** The school of covering has more places than cheeses are asked for. */
function schoolTooLarge({ schools }: Brief, cheeses: number): Hitch[] {
  const school = schools.cover!;
  const places = COVERS[school];
  return cheeses > 0 && cheeses < places.length
    ? [reason('school-needs-more-kinds', { cheeses, school, places: places.map(({ id }) => id) })]
    : [];
}

/** Turn a brief, a counter and wishes into the optimiser's question, with every hitch that is known beforehand. */
export function problemOf(given: Brief, shelf: Counted, house: House, wishes: Wishes): Problem {
  const { brief, counter } = onCounter(settled(given, house), shelf, wishes.locked);
  const date = brief.servingAt;
  const served = servedOn(counter, date);
  const targets = targetsOf(brief, served, house);
  const all = served.filter(isMain);
  const { locked, hitches: lockHitches } = locksOf(wishes, all, brief);
  const held = {
    cheese: all.filter((m) => m.kind === 'cheese' && locked.has(m.id)),
    meat: all.filter((m) => m.kind === 'meat' && locked.has(m.id)),
  };
  const kinds = { cheese: targets.cheeses.kinds, meat: targets.meats.kinds };
  const counts = {
    cheese: Math.max(kinds.cheese, held.cheese.length),
    meat: Math.max(kinds.meat, held.meat.length),
  };
  const out = new Set(wishes.leftOut);
  const barred = new Set(targets.excluded.map(({ goodId }) => goodId));
  const mains = all
    .filter(
      (m) =>
        locked.has(m.id) ||
        (!barred.has(m.id) &&
          !out.has(m.id) &&
          keepsTheme(m, brief) &&
          isAvailable(m, grossIn(targets, counts, m), date)),
    )
    .sort(byId);
  const budget = budgetTotal(brief);
  // Work and hire come off first; of the rest own plates take their share; companions are kept back from the board's.
  const service = serviceEstimate(brief, house, counts.cheese + counts.meat);
  const beside = besideEstimate(brief, served);
  const plates = 1 + plateShare(brief);
  // Prices are whole cents: so is the purse, but for the last bits of a float.
  const purse = budget === null ? null : Math.floor((budget - service) / plates - beside + 1e-6);
  return {
    brief,
    targets,
    mains,
    counts,
    locked,
    groups: [
      ...coverGroups(brief, counts.cheese),
      ...companyGroups(brief, counts.cheese),
      ...makerGroups(brief, mains),
    ],
    purse: purse === null ? null : Math.max(0, purse),
    // Rounded up: a budget of that amount must pay for it.
    inAll: (cost) => money(Math.ceil(service + plates * (cost + beside))),
    hitches: [
      ...lockHitches,
      ...tooManyLocks('cheese', held.cheese, kinds.cheese),
      ...tooManyLocks('meat', held.meat, kinds.meat),
      ...schoolTooLarge(brief, counts.cheese),
    ],
  };
}

/** The optimiser's question for a problem. */
export const questionOf = (problem: Problem): Question => ({
  brief: problem.brief,
  mains: problem.mains,
  counts: problem.counts,
  cost: costIn(problem.targets, problem.counts),
  purse: problem.purse,
  locked: problem.locked,
  groups: problem.groups,
});
