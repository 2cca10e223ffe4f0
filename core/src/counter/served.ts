import { memoisedLast, memoisedByBoth } from '../units/index.js';
import { agedSense } from './ageing.js';
import type { Good, Main } from './good.js';
import { isMain, type Counted, type Served } from './kinds.js';
import { ageOn, lotOn } from './lots.js';
import { ripened } from './ripening.js';

/**
 * The counter as it will be on the serving day: every cheese and meat with the age, treatment, taste, paste and price of
 * the lot that will be cut. Every stage after the brief reads this, so what is judged (lactose, medicine, raw milk) and
 * what is tasted is the lot on the board, not the usual case of the good.
 */
export const servedOn: (counter: Counted, date: string) => Served = memoisedLast((counter, date) =>
  counter.map((good) => servedGood(good, date)),
);

export function servedGood<G extends Good>(good: G, date: string): G {
  const before = served.get(good);
  if (before?.date === date) return before.good as G;
  const now = asServed(good, date);
  served.set(good, { date, good: now });
  return now;
}

/** The last answer for each good: an edit of an order asks for the same day again and again. */
const served = new WeakMap<Good, { readonly date: string; readonly good: Good }>();

function asServed<G extends Good>(good: G, date: string): G {
  const used = lotOn(good, date);
  if (!used) return good;
  const priced =
    used.lot.price === null ? good : { ...good, price: { ...good.price, amount: used.lot.price as never } };
  if (!isMain(priced)) return priced;
  const aged = agedTo(priced, ageOn(priced, date));
  const treated =
    aged.kind === 'cheese' && used.lot.treatment !== null ? { ...aged, treatment: used.lot.treatment } : aged;
  return (used.verdict ? ripened(treated, used.verdict.says) : treated) as typeof priced;
}

/** A cheese or meat at an age: a lot at three years is saltier and stronger than the same cheese at three months. */
function agedTo<M extends Main>(main: M, ageDays: number): M {
  if (main.kind !== 'cheese') return { ...main, ageDays };
  return { ...main, ageDays, sense: agedSense(main.texture, main.sense, main.ageDays, ageDays) };
}

/** Which lot of a good an order takes, by good id, where a person chose one. */
export type LotChoices = Readonly<Record<string, string>>;

/** The counter with the chosen lots alone; a choice whose lot is no longer there is passed over. */
export function withLots(counter: Counted, choices: LotChoices): Counted {
  return Object.keys(choices).length === 0 ? counter : choosing(counter, choices);
}

const choosing = memoisedByBoth((counter: Counted, choices: LotChoices): Counted =>
  counter.map((good) => {
    const lot = good.lots.find((l) => l.id === choices[good.id]);
    return lot ? { ...good, lots: [lot] } : good;
  }),
);
