export { type RiskId, type RiskRowId, riskOf, riskRowsOf } from './risks.js';
export { limitRule, LIMITS, REACHES, type LimitRule, type Reach } from './limitRules.js';
export {
  SEVERITIES,
  type Fit,
  type FitReason,
  type Ingredient,
  type NotKnown,
  type Severity,
} from './fit.js';
export { Limit, LimitId } from './limitSchema.js';
export { type Exclusion, exclusionsOf, fitsLimit, isHarmful, newLimit, reachOf } from './limits.js';
export { type Caution, type CautionRule, caution, cautionsFor, hasHoney, isRawMilk } from './cautions.js';
export {
  type AllergenLine,
  type AllergenOnTable,
  type TableAllergens,
  allergenLine,
  allergensOnTable,
} from './table.js';
export { type ChokingRow, type SafeForm, chokingRowOf } from './choking.js';
export {
  hasGuestsAtRisk,
  LIMIT_CLASSES,
  type OwnLimit,
  type Procedure,
  PROCEDURES,
  SAFE_TIMES,
  type Safety,
  type SafeTime,
  safeTimeAt,
  safeTimeOf,
  TIME_OUT,
} from './safeTime.js';
export { keepsCold } from './keepsCold.js';
export { mayOffer, suitsEveryone } from './propose.js';
