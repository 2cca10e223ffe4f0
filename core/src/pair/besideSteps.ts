import { mayOffer } from '../care/index.js';
import { outOfSeason, type Brief, companyOf } from '../brief/index.js';
import {
  companionsOn,
  type Companion,
  type CompanionRole,
  type Good,
  type Main,
  type Served,
} from '../counter/index.js';
import { scoreOf } from './rank.js';
import { tagsOf, type Tag } from '../sense/index.js';
import { companionCost } from './lensReading.js';

/** What one more companion costs and brings: the next step of money after kinds and a second meat (common practice). */
export interface BesideStep {
  readonly good: Companion;
  /** For its usual amount, smallest unit. */
  readonly cost: number;
  /** Points of the pairing, over all goods of the board. */
  readonly points: number;
  /** What nothing on the board has yet. */
  readonly brings: readonly Tag[];
}

/** Nuts are the first that more money buys beside the cheese, then what is sweet, fresh and sharp. */
const STEP_ROLES: readonly (readonly CompanionRole[])[] = [
  ['nut'],
  ['honey', 'preserve'],
  ['fruit', 'dried fruit'],
  ['brine', 'savoury spread', 'mustard', 'chutney', 'dip'],
  ['chocolate', 'butter'],
];

/** For each step the companion not yet on the board that suits it best; steps of which the counter has none are left out. */
export function besideSteps(
  mains: readonly Main[],
  onBoard: readonly Good[],
  counter: Served,
  brief: Brief,
): BesideStep[] {
  const has = new Set(onBoard.flatMap(tagsOf));
  const lying = new Set(onBoard.map(({ id }) => id));
  const company = companyOf(brief);
  const may = (good: Companion) =>
    !lying.has(good.id) && mayOffer(good, company) && !(brief.season && outOfSeason(good, brief));
  const open = companionsOn(counter).filter(may);
  return STEP_ROLES.flatMap((roles) => {
    const scored = open
      .filter((good) => roles.includes(good.role))
      .map((good) => ({ good, points: mains.reduce((sum, main) => sum + scoreOf(main, good), 0) }))
      .sort((a, b) => b.points - a.points || (a.good.id < b.good.id ? -1 : 1));
    const [best] = scored;
    if (!best) return [];
    const brings = tagsOf(best.good).filter((tag) => !has.has(tag));
    return [{ ...best, cost: companionCost(best.good, brief), brings }];
  });
}
