/** An arm's length: a standing guest reaches so far without leaning over food, mm (docs/trade.md). */
export const REACH = 350;
