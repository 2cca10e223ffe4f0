/** Words of the order document, apart from its schema. */

export const ORDER_STATES = ['new', 'in work', 'finished'] as const;
export const KEEPERS = ['us', 'customer'] as const;
export const DRINKS_COME = ['suggested', 'with the order'] as const;
/** Before the first cut. */
export const NOTHING_CUT = { targets: {}, madeUp: {}, entries: [] };
/** Steps of a dessert that one order may have. */
export const MOST_DESSERTS = 3;
/** Timed as Rotula would. */
export const NOT_TIMED = {
  way: null,
  keeper: 'us',
  chilled: false,
  coldBelow: false,
  inPaper: true,
  hands: null,
  ovens: null,
  benches: null,
  coldPlaces: null,
  carPlaces: null,
  cars: 1,
  earliest: null,
  targets: {},
  hot: [],
  minutes: {},
  moved: {},
  dropped: [],
  readings: [],
} as const;
/** Laid as Rotula would. */
export const NOT_LAID = {
  choice: null,
  sent: {},
  bells: [],
  dividers: [],
  garnish: [],
  bread: null,
  pins: {},
  seed: 1,
};
