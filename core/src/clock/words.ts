/** Words of the clock, apart from its computation: schemas and screens need them. */

/** How the food warms: each good out of the cold in its own time, the finished board as one, or built where it is served. */
export const WARMING_WAYS = ['one by one', 'whole board', 'where it is served'] as const;
export type WarmingWay = (typeof WARMING_WAYS)[number];

/** Who keeps the table: the shop, or the customer at home. */
export const KEEPERS = ['us', 'customer'] as const;
