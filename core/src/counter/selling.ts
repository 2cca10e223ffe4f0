import type { Good } from './good.js';
import { priceOn, verdictOf } from './lots.js';

/** Price of a kilogram on the day, smallest unit; a pack of known content is counted back to it, all else has none. */
export function pricePerKg(good: Good, date: string): number | null {
  const price = priceOn(good, date);
  if (good.price.per === 'kg') return price;
  const grams = good.pack.grams ?? good.pack.ml;
  return grams ? (price * 1000) / grams : null;
}

/** A good of which a lot is going, or is past and still lies there: it must move. Common practice, no source. */
export function mustMove(good: Good, date: string): boolean {
  const allTasted = good.lots.length > 0 && good.lots.every((lot) => lot.verdict);
  const verdict = verdictOf(good, date) ?? (allTasted ? 'past' : null);
  return verdict === 'going' || (verdict === 'past' && good.lots.some((lot) => lot.grams > 0));
}
