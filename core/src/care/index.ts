export type { RiskId, RiskRowId } from './riskRows.js';
export { riskOf, riskRowsFor, riskRowsOf } from './risks.js';
export { limitRule, LIMITS, type LimitRule } from './limitRules.js';
export {
  SEVERITIES,
  type Fit,
  type FitReason,
  type Ingredient,
  type NotKnown,
  type Severity,
} from './fit.js';
export { LimitId, Person as PersonSchema } from './personSchema.js';
export {
  HEAD_KINDS,
  type HeadKind,
  hasPlate,
  isHarmful,
  type Limit,
  limitsOf,
  newLimit,
  newPerson,
  type Person,
  type PersonLimit,
  proposedReach,
  type Reach,
  REACHES,
  STRICT,
} from './persons.js';
export {
  againstOf,
  barsOf,
  type TableGuests,
  type Eater,
  type Exclusion,
  mayOffer,
  notForSmall,
  type PlateEater,
  suitsEveryone,
} from './gate.js';
export {
  againstDanger,
  type Danger,
  danger,
  type OrderDanger,
  standing,
  type TakenOn,
  undecidedDangers,
  withTakenOn,
} from './danger.js';
export { eldersRow, type Mark, type Marks, marksOf } from './marks.js';
export { hasHoney, hasHoneyOrMay } from './honey.js';
export { fitsLimit } from './limits.js';
export { type Caution, type CautionRule, caution, cautionsFor, isRawMilk } from './cautions.js';
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
