import { days, type Days } from '../units/index.js';
import type { Good, Main } from './good.js';
import type { Lot } from './lot.js';
import { carryVerdict } from './ripening.js';
import { ARRIVAL_CHECKS, type Verdict } from './words.js';

const DAY_MS = 86_400_000;

/** Whole days from one ISO date (or date-time) to another; negative when `to` is earlier. Reads only the date part. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to.slice(0, 10)) - Date.parse(from.slice(0, 10))) / DAY_MS);
}

/** Has it passed what is checked when it comes in? Only then does it count as available. */
export const isIn = ({ arrival }: Lot): boolean =>
  arrival === null || (!arrival.refused && ARRIVAL_CHECKS.every((check) => arrival[check]));

/** A taster's verdict as it stands on a later day. */
export interface CarriedVerdict {
  readonly says: Verdict;
  /** It differs from what was tasted. */
  readonly carried: boolean;
  readonly tasted: NonNullable<Lot['verdict']>;
}

/** The lot that will be cut, with its verdict on that day; the verdict is null when nobody tasted it. */
export interface LotOnDay {
  readonly lot: Lot;
  readonly verdict: CarriedVerdict | null;
}

/** A lot's verdict on a day: what was tasted, moved on by the pace at which its kind ripens, or by its best window. */
export function verdictOn(good: Good, lot: Lot, date: string): CarriedVerdict | null {
  const tasted = lot.verdict;
  if (!tasted) return null;
  const says = carryVerdict(
    good,
    lot,
    tasted.says,
    Math.max(0, daysBetween(tasted.on, date)),
    date.slice(0, 10),
  );
  return { says, carried: says !== tasted.says, tasted };
}

/**
 * The lot that is used first on a day: opened before whole unless it is not ready, then the one that must move, then the
 * oldest received, then by id; null when none has weight. What is past on the day, or has not
 * passed its check when it came in, is never used. Common practice.
 */
export function lotOn(good: Good, date: string): LotOnDay | null {
  const usable = good.lots
    .filter((lot) => isIn(lot) && (lot.grams > 0 || lot.pieces > 0))
    .map((lot) => ({ lot, verdict: verdictOn(good, lot, date) }))
    .filter(({ verdict }) => verdict?.says !== 'past');
  const rank = ({ lot, verdict }: LotOnDay) =>
    verdict?.says === 'young' ? 3 : lot.opened ? 0 : verdict?.says === 'going' ? 1 : 2;
  usable.sort(
    (a, b) =>
      rank(a) - rank(b) ||
      (a.lot.receivedOn ?? '').localeCompare(b.lot.receivedOn ?? '') ||
      (a.lot.id < b.lot.id ? -1 : 1),
  );
  return usable[0] ?? null;
}

/** The lots in the order in which they are used on a day; the first is `lotOn`'s. */
export const lotsInOrder = (good: Good, date: string): Lot[] => {
  const first = lotOn(good, date);
  if (!first) return [];
  const rest = { ...good, lots: good.lots.filter((lot) => lot.id !== first.lot.id) };
  return [first.lot, ...lotsInOrder(rest, date)];
};

/** Age on the given day: from the lot's making date when it has one, else the usual age of the good. */
export function ageOn(main: Main, date: string): Days {
  const made = lotOn(main, date)?.lot.madeOn;
  return made ? days(Math.max(0, daysBetween(made, date))) : main.ageDays;
}

/** The verdict of the lot that will be cut on that day; null when nobody tasted it. */
export const verdictOf = (good: Good, date: string): Verdict | null =>
  lotOn(good, date)?.verdict?.says ?? null;

/** Price of the good on that day, in its own unit: the lot's where it has one. */
export const priceOn = (good: Good, date: string): number =>
  lotOn(good, date)?.lot.price ?? good.price.amount;

/** A shop buys in every week: for a later day what is past by then will have been replaced. */
const RESTOCK_DAYS = 7;

/**
 * Too far ahead for today's lots: they were good when tasted, will be past on that day, and the day is so late that the
 * good will have been bought in anew.
 */
export const willBeBoughtIn = (good: Good, date: string): boolean =>
  good.lots.length > 0 &&
  good.lots.every(
    (lot) =>
      lot.verdict !== null &&
      lot.verdict.says !== 'past' &&
      daysBetween(lot.verdict.on, date) > RESTOCK_DAYS &&
      verdictOn(good, lot, date)?.says === 'past',
  );

/**
 * Weight on hand over all lots that are not past on the day, grams. A good with no lot, or one that will be bought in
 * anew by then, is not counted by weight (null).
 */
export function gramsOnHand(good: Good, date: string): number | null {
  if (good.lots.length === 0 || willBeBoughtIn(good, date)) return null;
  return good.lots
    .filter((lot) => isIn(lot) && verdictOn(good, lot, date)?.says !== 'past')
    .reduce((sum, lot) => sum + lot.grams, 0);
}
