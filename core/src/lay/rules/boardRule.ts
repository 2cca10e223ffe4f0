import type { Ground, Placed } from './placed.js';

/** What a rule of the whole board costs, and of what. */
export interface Found {
  /** Ids that it is of. */
  readonly subject: string;
  readonly name: string;
  /** mm; where it is a side of the board that is found, degrees clockwise from the top. */
  readonly gap: number;
  readonly cost: number;
}

/** A rule that asks for the whole board. */
export interface BoardRule<Id extends string = string> {
  readonly rule: Id;
  readonly hard: boolean;
  /** What it concerns is found once for a board; what it finds there anew for every arrangement. */
  readonly watch: (placed: readonly Placed[], ground: Ground) => () => Found[];
}
