/**
 * Why the program says a thing. Every rule returns these, never a bare number.
 * `effect` is signed, in the points or grams of the list it stands in; `source` names where the rule comes from.
 */
export interface Reason {
  readonly rule: string;
  readonly effect: number;
  readonly says: string;
  readonly source: string;
}

/** The source of a rule that everyone in the trade follows and nobody published. */
export const PRACTICE = 'common practice, no source';

export const reason = (rule: string, effect: number, says: string, source: string = PRACTICE): Reason => ({
  rule,
  effect,
  says,
  source,
});
