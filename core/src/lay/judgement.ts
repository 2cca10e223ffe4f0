import { begin, groundOf, type LayQuestion } from './question.js';
import { violationsOf, totalCost, type Ground, type Placed, type Violation } from './rules/index.js';

/** What the rules say of a board as it lies. */
export interface Judgement {
  readonly violations: readonly Violation[];
  /** 100: nothing costs anything. */
  readonly score: number;
}

/** Points that a cost takes off, by the number of things on the board. */
export const worth = (cost: number, things: number): number => (things === 0 ? 0 : (-12 * cost) / things);

/** What a layout is worth: 100 less what its rules cost for each thing on it. */
export function judgedOf(placed: readonly Placed[], ground: Ground): Judgement {
  const violations = violationsOf(placed, ground);
  const cost = totalCost(placed, ground);
  return { violations, score: Math.max(0, 100 + worth(cost, placed.length)) };
}

/** A board of which everything was put somewhere, judged as it lies, without a search; null: something has no place yet. */
export function judgedAsKept(question: LayQuestion): Judgement | null {
  const { things, pins } = question;
  if (things.length === 0 || !things.every(({ id }) => pins[id])) return null;
  return judgedOf(begin(question).placed, groundOf(question));
}
