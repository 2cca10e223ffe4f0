export * from './risks.js';
export { LimitId, limitRule, LIMITS, REACHES, type LimitRule, type Reach } from './limitRules.js';
export {
  SEVERITIES,
  type Fit,
  type FitReason,
  type Ingredient,
  type NotKnown,
  type Severity,
} from './fit.js';
export * from './limits.js';
export * from './cautions.js';
export * from './table.js';
export * from './choking.js';
export * from './propose.js';
