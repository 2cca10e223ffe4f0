export { type BoardRuleId, isTall, type Third } from './boardRules.js';
export { boardCosts, pairCost, placeCost, silentFrom, type Told, toldOf, totalCost } from './judge.js';
export { baseOf, isPale, type PairRuleId, rulesBetween } from './pairRules.js';
export { colourGap, type Ground, handTo, type Placed, SEEN_APART } from './placed.js';
export { type PlaceRuleId, rimRoom } from './placeRules.js';
