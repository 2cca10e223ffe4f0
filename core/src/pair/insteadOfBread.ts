import { mayOffer, suitsEveryone } from '../care/index.js';
import { outOfSeason, type Brief, companyOf } from '../brief/index.js';
import { companionsOn, isCompanion, type Companion, type Good, type Served } from '../counter/index.js';

/** Of vegetables and nuts without much sugar this many are named. */
const LOW_CARB_NAMED = 3;

/** What stands in for bread where few carbohydrates are eaten: on the board first; only what the limits allow. */
export function insteadOfBread(brief: Brief, beside: readonly Good[], counter: Served): Companion[] {
  const company = companyOf(brief);
  const fits = (good: Good): good is Companion =>
    isCompanion(good) &&
    ['vegetable', 'nut'].includes(good.role) &&
    good.sense.sweet <= 3 &&
    mayOffer(good, company) &&
    suitsEveryone(good, company) &&
    !(brief.season && outOfSeason(good, brief));
  const onBoard = beside.filter(fits);
  const others = companionsOn(counter).filter((good) => fits(good) && !onBoard.includes(good));
  others.sort((a, b) => a.sense.sweet - b.sense.sweet || (a.id < b.id ? -1 : 1));
  return [...onBoard, ...others].slice(0, LOW_CARB_NAMED);
}
