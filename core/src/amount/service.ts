import { boardEatersOf, eatersOf, headsThatEat, isBoxed, type Brief, type House } from '../brief/index.js';
import { money, type Money } from '../units/index.js';

/** Guests for whom one board that comes back is lent. House's own figure, until Lay says how many. */
const GUESTS_A_BOARD = 25;
/** Work on one cheese or meat, before it is known how it is cut, minutes. House's own figure. */
const MINUTES_A_GOOD = 6;
/** And on produce and bread, for each kind on the board. House's own figure. */
const MINUTES_BESIDE = 2;

/** Hire of the boards of an order, or the price of its boxes, one a head. */
export const hireOf = (brief: Brief, house: House): Money =>
  money(
    isBoxed(brief)
      ? house.boxPrice * headsThatEat(brief)
      : house.boardHire * Math.ceil(headsThatEat(brief) / GUESTS_A_BOARD),
  );

/** What hire and work will take of the budget for a number of kinds, before any is chosen. */
export const serviceEstimate = (brief: Brief, house: House, kinds: number): Money =>
  money(kinds > 0 ? hireOf(brief, house) + (house.wage * kinds * (MINUTES_A_GOOD + MINUTES_BESIDE)) / 60 : 0);

/** What own plates cost for each unit of money that the board does: as much a head. */
export function plateShare(brief: Brief): number {
  const board = boardEatersOf(brief);
  return board > 0 ? Math.max(0, eatersOf(brief) - board) / board : 0;
}
