import { grams, money, wholesFor, type Grams, type Money } from '../units/index.js';
import { USUAL_PRACTICE, type Practice } from '../brief/index.js';
import { packGrams, type Good } from '../counter/index.js';
import { edibleShare } from './edible.js';

/** What is bought of one good so that `net` grams are eaten. */
export interface Purchase {
  readonly net: Grams;
  /** Before rind, casing and trim. */
  readonly gross: Grams;
  /** Whole packs, jars or pieces; null where the shop cuts or weighs to order. */
  readonly packs: number | null;
  /** What leaves the counter: the gross weight, or all the packs. */
  readonly bought: Grams;
  readonly price: Money;
  /** Edible grams that are left over because packs are whole. */
  readonly left: Grams;
  /** A jar is charged by the share that is used. */
  readonly byShare: boolean;
}

/** What the chosen cut takes: gross grams for the net, and what must leave the wheel for it. */
export interface CutTake {
  readonly gross: number;
  readonly taken: number;
}

const WEIGHED: readonly string[] = ['cut to order', 'sliced to order', 'loose'];

/** Gross grams that give `net` grams to eat, rounded up to a whole gram. */
export function grossFor(good: Good, net: Grams): Grams {
  return grams(wholesFor(net / edibleShare(good)));
}

/** At the counter nobody cuts a smaller piece; a small whole piece is as small as it is. */
function leastOf(good: Good, gross: number, leastCut: number): number {
  if (good.kind !== 'cheese' || good.pack.form !== 'cut to order' || gross <= 0) return gross;
  return Math.max(gross, Math.min(leastCut, good.form.grams));
}

/**
 * Gross weight, packs and price of `net` grams of a good. Weighed goods are charged by the gram. A jar that the shop
 * opens is charged by share; every other pack is charged whole. A price per kg of a packed good is charged on the packs.
 * @param cut what the cut that was chosen takes; else the usual share of rind and loss
 */
export function purchase(
  good: Good,
  net: Grams,
  { leastCut }: Practice = USUAL_PRACTICE,
  cut: CutTake = { gross: grossFor(good, net), taken: 0 },
): Purchase {
  const gross = grams(wholesFor(cut.gross));
  const pack = packGrams(good);
  const each = good.price.amount;
  if (WEIGHED.includes(good.pack.form) || pack === null || pack <= 0) {
    const bought = grams(Math.max(leastOf(good, gross, leastCut), wholesFor(gross > 0 ? cut.taken : 0)));
    const price = good.price.per === 'kg' ? (each * bought) / 1000 : gross > 0 ? each : 0;
    const left = grams(Math.floor((bought - gross) * edibleShare(good)));
    return { net, gross, packs: null, bought, price: money(price), left, byShare: false };
  }
  const packs = wholesFor(gross / pack);
  const bought = grams(packs * pack);
  if (good.pack.form === 'jar') {
    const price = good.price.per === 'kg' ? (each * gross) / 1000 : (each * gross) / pack;
    return { net, gross, packs, bought, price: money(price), left: grams(0), byShare: true };
  }
  const price = good.price.per === 'kg' ? (each * bought) / 1000 : each * packs;
  const left = grams(Math.max(0, Math.floor((bought - gross) * edibleShare(good))));
  return { net, gross, packs, bought, price: money(price), left, byShare: false };
}
