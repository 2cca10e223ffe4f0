import { days, type Days } from '../units/index.js';
import type { Good, Lot, Main, Verdict } from './good.js';

const DAY_MS = 86_400_000;

/** Whole days from one ISO date (or date-time) to another; negative when `to` is earlier. Reads only the date part. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to.slice(0, 10)) - Date.parse(from.slice(0, 10))) / DAY_MS);
}

/**
 * The lot that is used first: opened before whole, then the oldest received, then by id; null when none has weight.
 * A lot tasted as past is never used. Common practice, no source.
 */
export function nextLot(good: Good): Lot | null {
  const usable = good.lots.filter((lot) => (lot.grams > 0 || lot.pieces > 0) && lot.verdict?.says !== 'past');
  usable.sort(
    (a, b) =>
      Number(b.opened) - Number(a.opened) ||
      (a.receivedOn ?? '').localeCompare(b.receivedOn ?? '') ||
      a.id.localeCompare(b.id),
  );
  return usable[0] ?? null;
}

/** Age on the given day: from the lot's making date when it has one, else the usual age of the good. */
export function ageOn(main: Main, date: string): Days {
  const made = nextLot(main)?.madeOn;
  return made ? days(Math.max(0, daysBetween(made, date))) : main.ageDays;
}

/** The last taster's word on the lot that is used first; null when nobody tasted it. */
export const verdictOf = (good: Good): Verdict | null => nextLot(good)?.verdict?.says ?? null;

/**
 * Weight on hand over all usable lots, grams. A good with no lot is not counted by weight
 * (null): a price list, or a shop that does not keep stock here.
 */
export function gramsOnHand(good: Good): number | null {
  if (good.lots.length === 0) return null;
  return good.lots.filter((lot) => lot.verdict?.says !== 'past').reduce((sum, lot) => sum + lot.grams, 0);
}
