import type { Drink } from '../counter/index.js';
import { companyFacts, hostFacts, RULES, WEIGHTS, type Host } from '../pair/index.js';
import type { SessionBody } from './session.js';

/** The rules that sessions teach: those about drinks, in their order. */
export const LEARNT_RULES = RULES.drink;
/** What each weighs before anybody tasted. */
export const PRIOR: Float64Array = Float64Array.from(
  LEARNT_RULES,
  (rule) => WEIGHTS.drink[rule.id] ?? rule.prior,
);

/**
 * How points become a note: the middle of all pairs of the demo (2.8 points) is no opinion, and one note more is the spread of them (3.5 points,
 * one standard deviation). House's own figures.
 */
export const NEUTRAL = 2.8;
export const POINTS_A_NOTE = 3.5;

/** One noted bite: what each rule does there, signed, and how it sat. */
export interface Evidence {
  readonly session: string;
  readonly taster: string;
  readonly probe: string;
  readonly amounts: Float64Array;
  readonly sits: number;
}

/** What each rule does beside this drink, signed; times its weight it is the rule's points. */
export function amountsOf(host: Host, drink: Drink): Float64Array {
  const [h, b] = [hostFacts(host), companyFacts(drink)];
  return Float64Array.from(LEARNT_RULES, (rule) => rule.sign * rule.of(h, b));
}

/** How a pair would sit by these weights, as a note from -2 to 2 and beyond. */
export function predicted(amounts: Float64Array, weights: Float64Array): number {
  let points = 0;
  for (let k = 0; k < weights.length; k++) points += amounts[k]! * weights[k]!;
  return (points - NEUTRAL) / POINTS_A_NOTE;
}

/** The noted bites of sessions that count, in the order of the sessions. */
export function evidenceOf(sessions: readonly (SessionBody & { readonly id: string })[]): Evidence[] {
  return sessions
    .filter(({ counts }) => counts)
    .flatMap((session) => {
      const goods = new Map(session.goods.map((good) => [good.id, good]));
      const drink = goods.get(session.drink);
      if (drink?.kind !== 'drink') return [];
      return session.notes.flatMap(({ taster, probe, sits }): Evidence[] => {
        const host = goods.get(probe);
        if (sits === null || !host || host.kind === 'drink') return [];
        return [{ session: session.id, taster, probe, sits, amounts: amountsOf(host, drink) }];
      });
    });
}
