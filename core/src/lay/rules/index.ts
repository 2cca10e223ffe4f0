export { type BoardRuleId, type Third, THIRDS } from './boardRules.js';
export {
  boardCosts,
  pairCost,
  placeCost,
  silentFrom,
  type Violation,
  violationsOf,
  totalCost,
  watchOne,
} from './judge.js';
export { AVOIDED_APART_MM, isSuited, liesOpenlyAvoided, type PairRuleId, rulesBetween } from './pairRules.js';
export { colourGap, type Ground, handTo, type Placed, SEEN_APART } from './placed.js';
export { type PlaceRuleId, rimRoom } from './placeRules.js';
