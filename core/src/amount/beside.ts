import { grams, money, type Grams, type Money } from '../units/index.js';
import { barsOf } from '../care/index.js';
import {
  boardEatersOf,
  mid,
  NOT_BESIDE,
  USUAL_PRACTICE,
  type BesideFigure,
  type Brief,
  companyOf,
} from '../brief/index.js';
import { isCompanion, type Companion, type CompanionRole, type Served } from '../counter/index.js';
import { purchase } from './buy.js';

/** Which figure of the practice tables each role of a companion draws on; roles that share one split it. */
export const BESIDE_OF: Record<CompanionRole, BesideFigure> = {
  bread: 'bread',
  cracker: 'bread',
  nut: 'nuts',
  brine: 'brine',
  'savoury spread': 'chutney',
  mustard: 'mustard',
  chutney: 'chutney',
  dip: 'dip',
  oil: 'dipping oil',
  preserve: 'preserve',
  honey: 'honey',
  fruit: 'fresh fruit',
  vegetable: 'raw vegetables',
  'dried fruit': 'dried fruit',
  chocolate: 'chocolate',
  butter: 'butter',
  seasoning: 'seasoning',
  garnish: 'garnish',
};

/** What a board usually has beside it; the rest comes where somebody asks for it. */
const USUALLY_BESIDE: readonly BesideFigure[] = [
  'bread',
  'nuts',
  'brine',
  'fresh fruit',
  'dried fruit',
  'preserve',
  'honey',
];

/** What a sweet tooth takes more of, and a savoury table less. */
const SWEET: readonly BesideFigure[] = ['preserve', 'honey', 'dried fruit', 'chocolate'];

/**
 * Grams per adult by the role of the food: the middle of the range, of sweet things from its low end to its high one by the
 * sweet tooth; nothing of what the role has no use for.
 */
export function besidePerAdult({ role, sweetTooth, practice }: Brief, what: BesideFigure): number {
  const { breadPerAdult, besidePerAdult: usual, besideByRole } = practice ?? USUAL_PRACTICE;
  if (what === 'bread') return mid(breadPerAdult[role]);
  if (NOT_BESIDE[role]?.includes(what)) return 0;
  const { low, high } = usual[what];
  const perHead = SWEET.includes(what) ? low + ((high - low) * (sweetTooth - 1)) / 4 : mid({ low, high });
  return perHead * besideByRole[role];
}

/** Total grams of one kind of companion for those who eat from the board. */
export const besideTotal = (brief: Brief, what: BesideFigure): Grams =>
  grams(Math.round(besidePerAdult(brief, what) * boardEatersOf(brief)));

/** Breads and crackers come in several kinds, each in whole packs: one plain, one gluten-free, one with interest. */
const SMALL_TABLE = 8;
const breadKinds = (brief: Brief): number => (boardEatersOf(brief) > SMALL_TABLE ? 3 : 2);

const median = (sorted: readonly number[]): number => sorted[Math.floor((sorted.length - 1) / 2)] ?? 0;

/**
 * What the companions will cost, before any is chosen: for each figure of the practice table, its grams at the
 * median price of what this counter has and the limits allow. The optimiser keeps this back from the budget.
 */
export function besideEstimate(brief: Brief, counter: Served): Money {
  const allowed = counter.filter(isCompanion).filter((good) => barsOf(good, companyOf(brief)).length === 0);
  const costs = USUALLY_BESIDE.map((what) => {
    const kindsOfIt = what === 'bread' ? breadKinds(brief) : 1;
    const each = grams(Math.round(besideTotal(brief, what) / kindsOfIt));
    const prices = allowed
      .filter((good: Companion) => BESIDE_OF[good.role] === what)
      .map((good) => kindsOfIt * purchase(good, each, brief.practice).price)
      .sort((a, b) => a - b);
    return median(prices);
  });
  return money(costs.reduce((a, b) => a + b, 0));
}
