/** An arm's length: a standing guest reaches so far without leaning over food, mm (trade, section 14). */
export const REACH = 350;
