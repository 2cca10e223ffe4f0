import { isCheese, isCompanion, named, type Good } from '../counter/index.js';
import { celsius, minutes, type Celsius, type Minutes } from '../units/index.js';

/** How something is made hot. */
export const HOT_WAYS = ['baked', 'roasted', 'toasted'] as const;
export type HotWay = (typeof HOT_WAYS)[number];

export interface HotRow {
  readonly way: HotWay;
  readonly oven: Celsius;
  /** Getting it ready by hand, in the oven, and cooling after it. */
  readonly prepare: Minutes;
  readonly bakes: Minutes;
  readonly cools: Minutes;
  /** Minutes after the oven: on the table within, eaten from, good until. */
  readonly within: Minutes;
  readonly eatenFrom: Minutes;
  readonly goodFor: Minutes;
  /** It stands hot on the board, in the dish that it was made in. */
  readonly dish: boolean;
  readonly suits: (good: Good) => boolean;
}

/**
 * Common practice, no source: a double disc, half of the filling inside and half on top, 10 min
 * at 220 degrees, to the table within 15 min under its lid, eaten from 5 min after; grapes 30 min at 230, cooled 20; toast 8
 * at 190. How long each stays good is the house's own figure.
 */
const HOT_ROWS: readonly HotRow[] = [
  {
    way: 'baked',
    oven: celsius(220),
    prepare: minutes(5),
    bakes: minutes(10),
    cools: minutes(0),
    within: minutes(15),
    eatenFrom: minutes(5),
    goodFor: minutes(40),
    dish: true,
    suits: (good) => isCheese(good) && good.texture === 'bloomy' && good.form.shape !== 'log',
  },
  {
    way: 'roasted',
    oven: celsius(230),
    prepare: minutes(5),
    bakes: minutes(30),
    cools: minutes(20),
    within: minutes(120),
    eatenFrom: minutes(20),
    goodFor: minutes(120),
    dish: false,
    suits: (good) => isCompanion(good) && good.role === 'fruit' && named(good, 'grape'),
  },
  {
    way: 'toasted',
    oven: celsius(190),
    prepare: minutes(2),
    bakes: minutes(8),
    cools: minutes(0),
    within: minutes(30),
    eatenFrom: minutes(0),
    goodFor: minutes(90),
    dish: false,
    suits: (good) => isCompanion(good) && good.role === 'bread',
  },
];

/** Minutes that an oven takes to heat, and as long to change; it takes two trays. Common practice, no source. */
export const OVEN_HEATS = minutes(15);
export const OVEN_TRAYS = 2;

export const hotRow = (way: HotWay): HotRow => HOT_ROWS.find((row) => row.way === way)!;
/** How a good may be served hot; null: it is not. */
export const hotWayOf = (good: Good): HotWay | null => HOT_ROWS.find(({ suits }) => suits(good))?.way ?? null;

/** Hot food is held at this or above: FDA Food Code 3-501.16; in England 63 (Regulations 2013, schedule 4, from memory), which is the strict side. */
const HOLDING: Readonly<Record<string, number>> = { US: 57 };
const STRICTEST_HOLDING = 63;
export const hotHolding = (country: string): Celsius => celsius(HOLDING[country] ?? STRICTEST_HOLDING);
