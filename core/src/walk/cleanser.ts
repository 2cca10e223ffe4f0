import { mayOffer, suitsEveryone } from '../care/index.js';
import { boardEatersOf, outOfSeason, type Brief } from '../brief/index.js';
import { purchase, type Purchase } from '../amount/index.js';
import { goodsById, isCompanion, type Companion, type Good } from '../counter/index.js';
import { grams, rememberedBy } from '../units/index.js';
import type { WalkStep } from './walk.js';

/** What clears a palate: water-rich sharp fruit first, then a juicy raw vegetable, then plain bread. Common practice. */
const CLEANS: readonly ((good: Companion) => boolean)[] = [
  (good) => good.role === 'fruit' && good.juice >= 6 && good.scented === 0 && good.sense.heat === 0,
  (good) => good.role === 'vegetable' && good.juice >= 6 && good.sense.heat <= 1,
  (good) => ['bread', 'cracker'].includes(good.role) && good.scented <= 1 && good.sense.intensity <= 3,
];

/**
 * What is offered between two strong steps: something on the board before something that is not, something that suits
 * everybody before something that suits only the board; null when nothing on the counter may be offered (then water).
 */
export function cleanserFor(
  beside: readonly Good[],
  counter: readonly Good[],
  brief: Brief,
): Companion | null {
  const company = { ...brief.guests, limits: brief.limits };
  const may = (good: Companion) => mayOffer(good, company) && !(brief.season && outOfSeason(good, brief));
  const onBoard = new Set(beside.map(({ id }) => id));
  const shelf = cleansersOn(counter);
  // What the order holds and the counter has no more may still clear a palate.
  const kept = cleansersIn(beside.filter((good) => !goodsById(counter).has(good.id)));
  const found = [...kept, ...shelf].filter(may).map((good) => ({
    good,
    rank: [
      suitsEveryone(good, brief.limits) ? 0 : 1,
      onBoard.has(good.id) ? 0 : 1,
      CLEANS.findIndex((row) => row(good)),
    ],
  }));
  found.sort(({ good: a, rank: ra }, { good: b, rank: rb }) => {
    const i = ra.findIndex((r, at) => r !== rb[at]);
    return i < 0 ? (a.id < b.id ? -1 : 1) : ra[i]! - rb[i]!;
  });
  return found[0]?.good ?? null;
}

const cleansersIn = (goods: readonly Good[]): Companion[] =>
  goods.filter(isCompanion).filter((good) => CLEANS.some((row) => row(good)));
const cleansersOn = rememberedBy(cleansersIn);

/** What clears the palate of a whole party: how often, how much a head each time, and what that comes to. */
export interface Cleansing extends Purchase {
  readonly good: Companion;
  readonly places: number;
  readonly each: number;
}

/** A bite that clears the palate, grams: three grapes, a slice of apple, a cracker. House's own figures. */
const BITE: Partial<Record<Companion['role'], number>> = { fruit: 15, vegetable: 15, bread: 8, cracker: 4 };
const OTHER_BITE = 10;

/** How much of a cleanser the walk asks for; null: none, or only water. */
export function reliefOf(
  cleanser: Companion | null,
  steps: readonly WalkStep[],
  brief: Brief,
): Cleansing | null {
  const places = steps.filter(({ cleanse }) => cleanse).length;
  if (!cleanser || places === 0) return null;
  const each = BITE[cleanser.role] ?? OTHER_BITE;
  const net = grams(each * places * boardEatersOf(brief));
  return { ...purchase(cleanser, net, brief.practice), good: cleanser, places, each };
}
