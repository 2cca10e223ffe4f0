import { grossFor } from '../amount/index.js';
import type { Brief, Targets } from '../brief/index.js';
import type { Companion, Good, Main, Served } from '../counter/index.js';
import { grams, NONE, reason, type Grams, type Reason } from '../units/index.js';

type PlateRule = 'from-the-board-cut-first' | 'as-the-board' | 'for-this-guest' | 'in-place-of';

declare module '../units/reason.js' {
  interface Rules extends Record<PlateRule, NoFigures> {}
}

/** One good on a plate of its own. */
export interface PlateLine {
  readonly good: Main | Companion;
  readonly part: string;
  /** For all guests of this plate together. */
  readonly net: Grams;
  readonly gross: Grams;
  /** It lies on the board too: cut this share first, with a clean knife. */
  readonly onBoard: boolean;
  readonly reasons: readonly Reason[];
}

/** The order beside which an own plate is put together. */
export interface Table {
  readonly brief: Brief;
  readonly targets: Targets;
  readonly mains: readonly Main[];
  readonly beside: readonly Good[];
  readonly counter: Served;
}

/** Net grams of a good, from the board where it lies there. */
export function lineOf(
  good: Main | Companion,
  part: string,
  net: number,
  table: Table,
  rule: PlateRule,
): PlateLine {
  const onBoard = [...table.mains, ...table.beside].some((other) => other.id === good.id);
  return {
    good,
    part,
    net: grams(net),
    gross: grossFor(good, grams(net)),
    onBoard,
    reasons: [reason(onBoard ? 'from-the-board-cut-first' : rule, NONE, { subject: good.id })],
  };
}
