/**
 * Why the program says a thing: a reason, advice, caution, hitch, way out, knee, or what speaks against a good. Reasons
 * are data; their sentences are made at the edge (web/src/words/), in the person's units, currency and language.
 */

/** The figures of a rule whose sentence needs none. */
export type NoFigures = Readonly<Record<never, never>>;
export const NONE: NoFigures = {};

/**
 * Every rule by name, with the figures that its sentence needs: grams, millimetres, money, counts, days, names. Each room
 * adds its own rules beside the code that gives them, by declaration merging, so this is one discriminated union.
 */
export interface Rules {
  /** A person decided it. */
  'by-hand': NoFigures;
}
export type Rule = keyof Rules;

interface ReasonOf<R extends Rule> {
  readonly rule: R;
  /** The good (or goods, by id), guest or limit that it is about; with the rule it is what a person may leave. */
  readonly subject: string;
  /** Signed, in the points or grams of the list it stands in. */
  readonly effect: number;
  readonly figures: Rules[R];
  /** Where the rule comes from. */
  readonly source: string;
}
/** One reason, or one of those rules only. */
export type Reason<R extends Rule = Rule> = R extends Rule ? ReasonOf<R> : never;

/** The source of a rule that everyone in the trade follows and nobody published. */
export const PRACTICE = 'common practice, no source';

/** A reason; without more it is about nothing single, weighs nothing and is common practice. */
export const reason = <R extends Rule>(
  rule: R,
  figures: Rules[R],
  about: { readonly subject?: string; readonly effect?: number; readonly source?: string } = {},
): Reason<R> =>
  ({
    rule,
    subject: about.subject ?? '',
    effect: about.effect ?? 0,
    figures,
    source: about.source ?? PRACTICE,
  }) as unknown as Reason<R>;

/** The subject of a reason about several goods: their ids in order, so that it does not matter how they came. */
export const subjectOf = (ids: readonly string[]): string => [...ids].sort().join(' ');

/** The key of a reason in a list. */
export const reasonKey = ({ rule, subject }: { readonly rule: string; readonly subject: string }): string =>
  `${rule} ${subject}`;
