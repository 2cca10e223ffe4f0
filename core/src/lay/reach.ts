/** An arm's length: how far a standing guest reaches without leaning over food, mm (docs/trade.md). */
export const REACH = 350;
