export { instanceOf, type Question } from './question.js';
export {
  costIn,
  isAvailable,
  problemOf,
  questionOf,
  NO_WISHES,
  type Hitch,
  type Problem,
  type Wishes,
} from './problem.js';
export {
  CURVE_NODE_LIMIT,
  DEFAULT_NODE_LIMIT,
  HIGHEST_NODE_LIMIT,
  namesOf,
  pick,
  solve,
  type Found,
  type Pick,
  type PickOptions,
} from './pick.js';
export { swapper, swapsForAll, type Swap, type Swaps } from './swaps.js';
export { alternativesTo, ALTERNATIVES, type Alternative } from './alternatives.js';
export { wishesOf, fits, type PickWishes, type Wish, type WishWord } from './wishes.js';
export { findCollisions, troubleOf, type Collisions, type Trouble, type WayOut } from './collide.js';
export {
  oneMore,
  priceSteps,
  splurgeAndSave,
  type Feature,
  type OneMore,
  type PriceStep,
  type SplurgeAndSave,
} from './steps.js';
export { bestOffer, bridgeFor, gentlerFor, otherMilkFor, reliefFor } from './offers.js';
export { Locks, Search } from './request.js';
export { MOST_MAINS } from './fields.js';
export type { PickPart } from './stage.js';
export { heldCounter, NO_SNAPSHOT, SNAPSHOT_FORMAT, type SnapshotChange, snapshotOf } from './snapshot.js';
export type { SnapshotEntry } from './snapshotSchema.js';
export { ofItsKind } from './sameKind.js';
// Its rules belong to the union of reasons, though its functions stay here.
export type * from './boardAdvice.js';
export type * from './changedCautions.js';
export type * from './replaced.js';
