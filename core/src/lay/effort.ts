/** A board is laid in a second or two: this many moves are tried, fewer where each asks for more things. House's own figures. */
const MOST_STEPS = 540_000;
const STEPS_BY_THINGS = 7_000_000;

/** How many moves the search tries for a number of things where nobody says otherwise; a limit in steps, so the answer is the same everywhere. */
export const layEffort = (things: number): number =>
  Math.min(MOST_STEPS, Math.round(STEPS_BY_THINGS / Math.max(1, things)));
