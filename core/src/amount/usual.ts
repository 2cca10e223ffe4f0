import { grams, type Grams } from '../units/index.js';
import type { Main } from '../counter/index.js';
import { purchase, type Purchase } from './buy.js';
import { shareOf } from './share.js';

/**
 * Net grams of one good when a total is shared by a number of kinds, before it is known which: an even share, more of a safe
 * bet, less of what divides. Portion later settles the shares of the goods that were really picked, so that they add up.
 */
export const usualNet = (main: Main, total: number, kinds: number): Grams =>
  grams(kinds > 0 ? Math.round((total * shareOf(main).share) / kinds) : 0);

/** What that comes to: gross weight, packs and cost. It does not depend on the other goods. */
export const usualPurchase = (main: Main, total: number, kinds: number): Purchase =>
  purchase(main, usualNet(main, total, kinds));
