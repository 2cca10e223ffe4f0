import type { Reason, Rule, Rules } from '@rotula/core';
import type { Format } from '../ui/format';

/** Says a reason that stands inside another. */
export type Say = (reason: Reason) => string;

/** The sentences of some rules: one function of the figures and the person's format each. */
export type WordsOf<R extends Rule> = {
  readonly [K in R]: (figures: Rules[K], format: Format, say: Say) => string;
};
