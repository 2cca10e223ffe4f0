import { PRACTICE, reason, type Reason } from '../units/index.js';
import type { Main } from '../counter/index.js';
import { COMPANION_RULES, DRINK_RULES, type PairRule } from './rules.js';
import type { Beside } from './slots.js';

export interface Match {
  readonly beside: Beside;
  readonly score: number;
  /** Every rule that has an effect, the strongest first. */
  readonly reasons: readonly Reason[];
}

/** Effects smaller than this are not worth a sentence. */
const SILENT = 0.05;

/** How well a companion or drink sits beside a good, with signed reasons that add up to the score. */
export function matchOf(main: Main, beside: Beside): Match {
  const rules = (beside.kind === 'drink' ? DRINK_RULES : COMPANION_RULES) as readonly PairRule<Beside>[];
  const reasons = rules
    .map((rule) => ({ rule, effect: rule.effect(main, beside) }))
    .filter(({ effect }) => Math.abs(effect) > SILENT)
    .map(({ rule, effect }) => reason(rule.id, effect, rule.says(main, beside), PRACTICE))
    .sort((a, b) => Math.abs(b.effect) - Math.abs(a.effect) || a.rule.localeCompare(b.rule));
  return { beside, score: reasons.reduce((sum, r) => sum + r.effect, 0), reasons };
}

/** Candidates for one good, the best first; ties by id. */
export function rankBeside(main: Main, candidates: readonly Beside[]): Match[] {
  return candidates
    .map((beside) => matchOf(main, beside))
    .sort((a, b) => b.score - a.score || (a.beside.id < b.beside.id ? -1 : 1));
}

/** The one sentence for a match: its strongest reason for it, or what is against it. */
export function leadReason(match: Match): Reason {
  return (
    match.reasons.find((r) => r.effect > 0) ??
    match.reasons[0] ??
    reason('neutral', 0, 'plain company, in nobody’s way')
  );
}
