import type { Good } from './good.js';
import { isMain } from './good.js';
import { lotOn } from './lots.js';
import { ripened } from './ripening.js';

/**
 * The counter as it will be on the serving day: every cheese and meat with the taste, paste and price of the lot that
 * will be cut. Every stage after the brief reads this, so the verdict is felt in pick, cut, pair and walk alike.
 */
export const servedOn = (counter: readonly Good[], date: string): Good[] =>
  counter.map((good) => servedGood(good, date));

export function servedGood<G extends Good>(good: G, date: string): G {
  const used = lotOn(good, date);
  if (!used) return good;
  const priced =
    used.lot.price === null ? good : { ...good, price: { ...good.price, amount: used.lot.price as never } };
  return isMain(priced) && used.verdict ? (ripened(priced, used.verdict.says) as typeof priced) : priced;
}
