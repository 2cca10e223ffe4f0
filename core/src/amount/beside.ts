import { grams, money, type Grams, type Money } from '../units/index.js';
import { exclusionsOf } from '../care/index.js';
import { BESIDE_PER_ADULT, boardEatersOf, mid, USUAL_PRACTICE, type Brief } from '../brief/index.js';
import { isCompanion, type Companion, type CompanionRole, type Good } from '../counter/index.js';
import { purchase } from './buy.js';

/** A figure of the practice table for what stands beside. */
export type BesideFigure = keyof typeof BESIDE_PER_ADULT;

/** Which figure of the practice table each role of a companion draws on; roles that share one split it. */
export const BESIDE_OF: Partial<Record<CompanionRole, BesideFigure>> = {
  bread: 'bread',
  cracker: 'bread',
  nut: 'nuts',
  brine: 'brine',
  'savoury spread': 'preserve',
  preserve: 'preserve',
  honey: 'honey',
  fruit: 'fresh fruit',
  vegetable: 'fresh fruit',
  'dried fruit': 'dried fruit',
  chocolate: 'dried fruit',
  butter: 'dried fruit',
};

/** What a sweet tooth takes more of, and a savoury table less. */
const SWEET: readonly BesideFigure[] = ['preserve', 'honey', 'dried fruit'];

/** Grams per adult: the middle of the range, of sweet things from its low end to its high one by the sweet tooth. */
export function besidePerAdult({ sweetTooth, practice }: Brief, what: BesideFigure): number {
  const range = (practice ?? USUAL_PRACTICE).besidePerAdult[what];
  if (!SWEET.includes(what)) return mid(range);
  return range.low + ((range.high - range.low) * (sweetTooth - 1)) / 4;
}

/** Total grams of one kind of companion for those who eat from the board. */
export const besideTotal = (brief: Brief, what: keyof typeof BESIDE_PER_ADULT): Grams =>
  grams(Math.round(besidePerAdult(brief, what) * boardEatersOf(brief)));

/** Breads and crackers come in several kinds, each in whole packs: one plain, one gluten-free, one with interest. */
const SMALL_TABLE = 8;
const breadKinds = (brief: Brief): number => (boardEatersOf(brief) > SMALL_TABLE ? 3 : 2);

const median = (sorted: readonly number[]): number => sorted[Math.floor((sorted.length - 1) / 2)] ?? 0;

/**
 * What the companions will cost, before any is chosen: for each figure of the practice table, its grams at the
 * median price of what this counter has and the limits allow. The optimiser keeps this back from the budget.
 */
export function besideEstimate(brief: Brief, counter: readonly Good[]): Money {
  const allowed = counter.filter(isCompanion).filter((good) => exclusionsOf(good, brief.limits).length === 0);
  const kinds = Object.keys(BESIDE_PER_ADULT) as (keyof typeof BESIDE_PER_ADULT)[];
  const costs = kinds.map((what) => {
    const kindsOfIt = what === 'bread' ? breadKinds(brief) : 1;
    const each = grams(Math.round(besideTotal(brief, what) / kindsOfIt));
    const prices = allowed
      .filter((good: Companion) => BESIDE_OF[good.role] === what)
      .map((good) => kindsOfIt * purchase(good, each).cost)
      .sort((a, b) => a - b);
    return median(prices);
  });
  return money(costs.reduce((a, b) => a + b, 0));
}
