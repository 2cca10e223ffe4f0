export {
  ALCOHOL_FREE_ABV,
  SHELVES,
  SLOTS,
  type ShelfId,
  type Slot,
  USUAL_SLOTS,
  shelfOf,
  shelvesOf,
} from './slots.js';
export type * from './rules/index.js';
export type * from './rules/shared.js';
export type * from './rules/custom.js';
export { type CompanyFamily, type HostFamily } from './customs/index.js';
export { type Beside, type Company, companyFacts, type Host, hostFacts } from './facts.js';
export { RULES } from './rules/index.js';
export { WEIGHTS } from './weights.js';
export { type Match, matchOf, rankBeside, rankGoods, scoreOf, scoresBeside } from './rank.js';
export { type PairHouse, type Pairs, type SlotPair, pairsFor } from './pairs.js';
export { rankedByHouse, standsBy, wordOn, wordsWith } from './word.js';
export { type Bottles, bottlesFor, oneOfEachColour, pouredAt } from './bottles.js';
export { type Bridge, bridgesOf, hiddenNeighbours } from './bridges.js';
export { goesWithEverything } from './everything.js';
export { type Dispute, disputesOver } from './disputed.js';
export { besideCheese, cheeseFor } from './meats.js';
export { feltIn, type Felt } from './felt.js';
export { weightsOf, type Weights } from './learnt.js';
export { MOST_EXTRAS } from './fields.js';
export { besideSteps, type BesideStep } from './besideSteps.js';
export { readLenses } from './lensReading.js';
export type { PairPart } from './stage.js';
export type * from './meatAdvice.js';
