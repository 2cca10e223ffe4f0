export { ALCOHOL_FREE_ABV, SLOTS, type Slot } from './slots.js';
export { type PairRuleId } from './rules.js';
export { type Match, matchOf, rankBeside, rankGoods, scoreOf, scoresBeside } from './rank.js';
export { type Pairs, pairsFor } from './pairs.js';
export { besideCheese, cheeseFor } from './meats.js';
