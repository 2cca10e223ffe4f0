import { grams } from '../units/index.js';
import type { Good } from './good.js';
import type { Lot } from './lot.js';

/**
 * What orders cut off a lot, and what is left of it: its last count less the weighings of all orders since. Nothing else is
 * stored, so that undo, a second window and a save that is sent twice cannot take it twice.
 */
export interface Taking {
  /** Of the weighing. */
  readonly id: string;
  /** The order that it stands in. */
  readonly order: string;
  readonly goodId: string;
  readonly lot: string;
  readonly grams: number;
  /** ISO. */
  readonly at: string;
}

/** The weighings that came after a lot was last counted. */
export const takenOf = (goodId: string, lot: Lot, takings: readonly Taking[]): Taking[] =>
  takings.filter(
    (taking) =>
      taking.goodId === goodId &&
      taking.lot === lot.id &&
      (lot.countedAt === null || Date.parse(taking.at) > Date.parse(lot.countedAt)),
  );

/**
 * The counter as it lies there now: of every lot what is left of it.
 * @param own ids of the weighings of the order that looks: what it cut itself is not missing to it
 * @returns the same list when nothing was taken
 */
export function withTaken(
  goods: readonly Good[],
  takings: readonly Taking[],
  own: ReadonlySet<string> = new Set(),
): readonly Good[] {
  const others = takings.filter(({ id }) => !own.has(id));
  if (others.length === 0) return goods;
  const touched = new Set(others.map(({ goodId }) => goodId));
  return goods.map((good) =>
    touched.has(good.id)
      ? { ...good, lots: good.lots.map((lot) => lessTaken(lot, takenOf(good.id, lot, others))) }
      : good,
  );
}

/** A lot that was cut is open. */
const lessTaken = (lot: Lot, taken: readonly Taking[]): Lot =>
  taken.length === 0
    ? lot
    : {
        ...lot,
        opened: true,
        grams: grams(Math.max(0, lot.grams - taken.reduce((sum, taking) => sum + taking.grams, 0))),
      };
