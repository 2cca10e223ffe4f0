export * from './risks.js';
export {
  LimitId,
  limitRule,
  LIMITS,
  REACHES,
  SEVERITIES,
  type Fit,
  type FitReason,
  type Ingredient,
  type NotKnown,
  type LimitRule,
  type Reach,
  type Severity,
} from './limitRules.js';
export * from './limits.js';
export * from './cautions.js';
export * from './table.js';
export * from './choking.js';
export * from './propose.js';
