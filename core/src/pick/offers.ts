import { mayOffer } from '../care/index.js';
import { type Brief, companyOf } from '../brief/index.js';
import {
  isMain,
  mainMilk,
  verdictOf,
  type Cheese,
  type Main,
  type Verdict,
  type Served,
} from '../counter/index.js';
import { isDivisive, isStrong } from '../sense/index.js';
import { isAvailable } from './problem.js';
import type { SamenessRule } from '../balance/index.js';
import { keepsTheme } from '../balance/index.js';

/**
 * Goods that the counter could offer where advice asks for something: each is a good that the limits, the stock and the
 * theme allow, and that is not on the board yet. Common practice, no source.
 */

/** Best offered first: what the counter found best, then what everybody knows; ties by id. */
const VERDICT_RANK: Record<Verdict, number> = { 'at its peak': 0, ready: 1, going: 2, young: 4, past: 5 };
const NOT_TASTED = 3;
const KNOWN_RANK = { 'safe bet': 0, usual: 1, surprise: 2 };

/** The best good of a counter that may be offered and is wanted: the nearest first, then the best found, then the best known. */
export function bestOffer(
  counter: Served,
  mains: readonly Main[],
  brief: Brief,
  wanted: (main: Main) => boolean,
  nearness: (main: Main) => number = () => 0,
): Main | null {
  const company = companyOf(brief);
  const onBoard = new Set(mains.map(({ id }) => id));
  const verdictRank = (main: Main) => {
    const verdict = verdictOf(main, brief.servingAt);
    return verdict ? VERDICT_RANK[verdict] : NOT_TASTED;
  };
  const found = counter.filter(isMain).filter((main) => !onBoard.has(main.id) && wanted(main));
  const ranked = found.map((main) => ({
    main,
    rank: [nearness(main), verdictRank(main), KNOWN_RANK[main.known]] as const,
  }));
  ranked.sort(({ main: a, rank: ra }, { main: b, rank: rb }) => {
    const at = ra.findIndex((r, i) => r !== rb[i]);
    return at < 0 ? (a.id < b.id ? -1 : 1) : ra[at]! - rb[at]!;
  });
  const may = ({ main }: { main: Main }) =>
    mayOffer(main, company) && keepsTheme(main, brief) && isAvailable(main, 1, brief.servingAt);
  return ranked.find(may)?.main ?? null;
}

const isCheese = (main: Main): main is Cheese => main.kind === 'cheese';

/** What gives relief from each way of being too much of one thing; none where swaps are shown anyway. */
const RELIEF: Partial<Record<SamenessRule, (main: Main) => boolean>> = {
  'strong-with-no-relief': (main) => isCheese(main) && main.sense.intensity <= 4,
  'salty-with-no-relief': (main) => isCheese(main) && main.sense.salty <= 4 && main.sense.sweet >= 2,
  'rich-with-no-relief': (main) => isCheese(main) && main.sense.fat <= 5,
};

/** A good that would give relief; null when the counter has none, or the rule asks for none. */
export function reliefFor(
  rule: SamenessRule,
  counter: Served,
  mains: readonly Main[],
  brief: Brief,
): Main | null {
  const relieves = RELIEF[rule];
  return relieves ? bestOffer(counter, mains, brief, relieves) : null;
}

/** A cheese of another milk than this. */
export const otherMilkFor = (
  milk: string,
  counter: Served,
  mains: readonly Main[],
  brief: Brief,
): Main | null =>
  bestOffer(
    counter,
    mains,
    brief,
    (main) => isCheese(main) && !main.milk.some(({ animal }) => animal === milk),
  );

/** A cheese whose strength lies between two, the nearer the middle the better. */
export function bridgeFor(
  [from, to]: readonly [number, number],
  counter: Served,
  mains: readonly Main[],
  brief: Brief,
): Main | null {
  const off = (main: Main) => Math.abs(main.sense.intensity - (from + to) / 2);
  return bestOffer(counter, mains, brief, (main) => isCheese(main) && off(main) <= (to - from) / 4, off);
}

/** Points of strength or funk by which a gentler good is another thing. */
const GENTLER = 1.5;

/**
 * The gentler version of a good that divides people: of its own family or build, clearly milder or less pungent and not
 * strong; the same milk before another. Null for a good that does not divide, or when there is none.
 */
export function gentlerFor(main: Main, counter: Served, mains: readonly Main[], brief: Brief): Main | null {
  if (!isDivisive(main)) return null;
  const alike = (other: Main) =>
    isCheese(main)
      ? isCheese(other) && other.texture === main.texture
      : !isCheese(other) && other.build === main.build;
  const gentler = (other: Main) =>
    other.sense.intensity <= main.sense.intensity - GENTLER ||
    (other.sense.funk <= main.sense.funk - GENTLER && other.sense.intensity <= main.sense.intensity) ||
    (main.kind === 'meat' && other.sense.heat <= main.sense.heat - 2 * GENTLER);
  const apart = (other: Main) =>
    isCheese(main) && isCheese(other) && mainMilk(other) !== mainMilk(main) ? 1 : 0;
  return bestOffer(
    counter,
    mains,
    brief,
    (other) => alike(other) && gentler(other) && !isStrong(other),
    apart,
  );
}
