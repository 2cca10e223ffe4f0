import type { CompanyKind } from './kind.js';
import { COMPANION_RULES } from './companion.js';
import { DRINK_RULES } from './drink.js';
import { MEAT_RULES } from './meat.js';
import type { PairRule } from './rule.js';

export { type PairRule } from './rule.js';
export { type CompanyKind } from './kind.js';

/** The rules by what stands beside. */
export const RULES: Readonly<Record<CompanyKind, readonly PairRule[]>> = {
  companion: COMPANION_RULES,
  drink: DRINK_RULES,
  meat: MEAT_RULES,
};

export type { CompanionRuleId } from './companion.js';
export type { DrinkRuleId } from './drink.js';
export type { MeatRuleId } from './meat.js';
