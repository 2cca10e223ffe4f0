/** A board is laid in a second or two: this many moves are tried, fewer where each asks for more things. House's own figures. */
const MOST_STEPS = 540_000;
const STEPS_BY_THINGS = 7_000_000;

/** The default number of moves of the search, by the number of things: a limit in steps, so that every machine gives the same answer. */
export const layEffort = (things: number): number =>
  Math.min(MOST_STEPS, Math.round(STEPS_BY_THINGS / Math.max(1, things)));
