export { CHEESE_AXES, MEAT_AXES, axesOf, tiles, type Axis, type AxisId } from './axes.js';
export { heldAxes, keepsTheme } from './theme.js';
export * from './measure.js';
export { isSameness, type SamenessRule } from './sameness.js';
export { bestRaw, differenceOf } from './parts.js';
export { instanceOf, valueOf, keepsAll, type Instance, type Question } from './instance.js';
export { optimise, type Optimum } from './optimise.js';
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
export * from './pick.js';
export { swapper, swapsForAll, type Swap, type Swaps } from './swaps.js';
export { effectOf, ageIn, type Age, type AxisWord, type Effect, type FeltFirmness } from './why.js';
export * from './alternatives.js';
export { wishesOf, fits, type Ask, type Wish, type WishWord } from './wishes.js';
export * from './collide.js';
export * from './steps.js';
export { type FitRule } from './terms.js';
export { bestOffer, bridgeFor, gentlerFor, otherMilkFor, reliefFor } from './offers.js';
export { surpriseOf, type Oddity } from './surprise.js';
export { homeOf, originsOf, type Origins } from './origins.js';
