/** Words of the order document, apart from its schema. */

export const ORDER_STATES = ['new', 'in work', 'finished'] as const;
export const DRINKS_COME = ['suggested', 'with the order'] as const;
/** Before the first cut. */
export const NOTHING_CUT = { targets: {}, madeUp: {}, entries: [] };
/** Steps of a dessert that one order may have. */
export const MOST_DESSERTS = 3;
