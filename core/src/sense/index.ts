export {
  type DrinkSense,
  SOFTNESS,
  distanceIn,
  STRONG_FROM,
  drinkSense,
  isDelicate,
  isDivisive,
  isStrong,
  softnessOf,
} from './sense.js';
export { SIGHTS, hslOf, isPale, sightOf } from './colour.js';
export { LENSES, type Lens, type LensId, TAGS, type Tag, carries, tagsOf } from './lenses.js';
export { bridgedWeight, leadBridge, sharedAromas, sharedWeight } from './aromas.js';
