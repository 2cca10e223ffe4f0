import type { Rule } from '../units/index.js';
import type { Advice, Plan } from './plan.js';

/**
 * One order of gravity over every screen and paper: danger (something may hurt somebody: plan.dangers), shortage (something is not there as it
 * was promised), advice (it could be better).
 */
const SHORTAGES: ReadonlySet<Rule> = new Set<Rule>([
  'short-of-stock',
  'left-the-counter',
  'not-on-the-counter',
  'no-board',
  'lot-replaced',
]);

/** Is this a shortage? It is never left, only mended. */
export const isShortage = ({ rule }: { readonly rule: Rule }): boolean => SHORTAGES.has(rule);

export const shortagesOf = ({ advice }: Pick<Plan, 'advice'>): readonly Advice[] => advice.filter(isShortage);

/** What is short of one good. */
export const shortOf = (plan: Pick<Plan, 'advice'>, goodId: string): readonly Advice[] =>
  shortagesOf(plan).filter(({ subject }) => subject === goodId);
