import { mayOffer, suitsEveryone } from '../care/index.js';
import { boardEatersOf, outOfSeason, type Brief, companyOf } from '../brief/index.js';
import { purchase, type Purchase } from '../amount/index.js';
import { isCompanion, type Companion, type Good, type Served } from '../counter/index.js';
import { grams, memoisedBy } from '../units/index.js';
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
export function cleanserFor(beside: readonly Good[], counter: Served, brief: Brief): Companion | null {
  const company = companyOf(brief);
  const may = (good: Companion) => mayOffer(good, company) && !(brief.season && outOfSeason(good, brief));
  const onBoard = new Set(beside.map(({ id }) => id));
  // What the order holds and the counter has no more may still clear a palate.
  const held = cleansersIn(beside);
  const others = cleansersOn(counter).filter(({ id }) => !onBoard.has(id));
  const best = (suits: (good: Companion) => boolean) => held.find(suits) ?? others.find(suits) ?? null;
  return best((good) => may(good) && suitsEveryone(good, company)) ?? best(may);
}

const rankOf = (good: Companion): number => CLEANS.findIndex((row) => row(good));
/** What clears the palate, the best first; ties by id. */
const cleansersIn = (goods: readonly Good[]): Companion[] =>
  goods
    .filter(isCompanion)
    .filter((good) => rankOf(good) >= 0)
    .sort((a, b) => rankOf(a) - rankOf(b) || (a.id < b.id ? -1 : 1));
const cleansersOn = memoisedBy(cleansersIn);

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
