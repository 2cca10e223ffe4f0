import { NONE, reason, rememberedByBoth, type Reason, type Rules } from '../units/index.js';
import type { Main } from '../counter/index.js';
import { COMPANION_RULES, DRINK_RULES, drinkFacts, type PairRule, type PairRuleId } from './rules.js';
import type { Beside } from './slots.js';

export interface Match {
  readonly beside: Beside;
  readonly score: number;
  /** Every rule that has an effect, the strongest first. */
  readonly reasons: readonly Reason[];
}

/** Effects smaller than this are not worth a sentence. */
const SILENT = 0.05;

interface Effect {
  readonly id: PairRuleId;
  readonly effect: number;
  readonly figures: () => Rules[PairRuleId];
}

/** Every rule with its effect on a good and what stands beside it. */
function effectsOf(main: Main, beside: Beside): Effect[] {
  const apply = <B>(rules: readonly PairRule<B>[], facts: B) =>
    rules.map((rule) => ({
      id: rule.id,
      effect: rule.effect(main, facts),
      figures: () => rule.figures?.(main, facts) ?? NONE,
    }));
  return beside.kind === 'drink' ? apply(DRINK_RULES, drinkFacts(beside)) : apply(COMPANION_RULES, beside);
}

const isHeard = ({ effect }: { effect: number }) => Math.abs(effect) > SILENT;

/** How well a companion or drink sits beside a good, in points. Remembered for each two goods: an edit asks for the same. */
export const scoreOf = rememberedByBoth((main: Main, beside: Beside): number =>
  effectsOf(main, beside)
    .filter(isHeard)
    .reduce((sum, { effect }) => sum + effect, 0),
);

/** The scores of a whole shelf beside a good, in its order; worked out once for each shelf. */
export const scoresBeside = rememberedByBoth((main: Main, shelf: readonly Beside[]): Float64Array =>
  Float64Array.from(shelf, (beside) => scoreOf(main, beside)),
);

/** The same with its signed reasons, which add up to the score. */
export function matchOf(main: Main, beside: Beside): Match {
  const reasons = effectsOf(main, beside)
    .filter(isHeard)
    .map(({ id, effect, figures }) => reason(id, figures(), { subject: beside.id, effect }));
  const score = reasons.reduce((sum, r) => sum + r.effect, 0);
  reasons.sort((a, b) => Math.abs(b.effect) - Math.abs(a.effect) || a.rule.localeCompare(b.rule));
  return { beside, score, reasons };
}

/** Candidates for one good, the best first; ties by id. */
export function rankBeside(main: Main, candidates: readonly Beside[]): Match[] {
  return candidates
    .map((beside) => matchOf(main, beside))
    .sort((a, b) => b.score - a.score || (a.beside.id < b.beside.id ? -1 : 1));
}

/** The other way round: goods for one companion or drink, the best first; ties by id. */
export function rankGoods(
  beside: Beside,
  mains: readonly Main[],
): { readonly main: Main; readonly match: Match }[] {
  return mains
    .map((main) => ({ main, match: matchOf(main, beside) }))
    .sort((a, b) => b.match.score - a.match.score || (a.main.id < b.main.id ? -1 : 1));
}

/** The one sentence for a match: what weighs most, praise or blame. */
export const leadReason = ({ reasons, beside }: Match): Reason =>
  reasons[0] ?? reason('plain company', NONE, { subject: beside.id });
