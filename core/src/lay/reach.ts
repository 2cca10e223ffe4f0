/** An arm's length: how far a standing guest reaches without leaning over food, mm (docs/trade.md `lay/reach REACH`). */
export const REACH = 350;
