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

/** Which lot of a good an order takes, by good id, where a person chose one. */
export type LotChoices = Readonly<Record<string, string>>;

/** The counter with the chosen lots alone; a choice whose lot is no longer there is passed over. */
export function withLots(counter: readonly Good[], choices: LotChoices): readonly Good[] {
  if (Object.keys(choices).length === 0) return counter;
  return counter.map((good) => {
    const lot = good.lots.find((l) => l.id === choices[good.id]);
    return lot ? { ...good, lots: [lot] } : good;
  });
}
