import {
  lately,
  leaveOut,
  plan,
  sameValue,
  settledOrder,
  type Good,
  type House,
  type OrderBody,
  type Plan,
} from '@rotula/core';
import { useEffect, useMemo } from 'react';
import { aheadOfTime } from '../ui/aheadOfTime';

/** So many plans are remembered: those that undo and redo go back to, and those of boards without one good. */
const KEPT = 32;
/** Of a large board only so many are planned ahead: they must not drive out what undo goes back to. */
const AHEAD = 12;

/** Plans orders; one that was planned a moment ago, or was planned ahead, is there at once. */
export const usePlans = (shelf: readonly Good[], house: House): ((order: OrderBody) => Plan) =>
  useMemo(() => lately((order: OrderBody) => plan(order, shelf, house), sameValue, KEPT), [shelf, house]);

/** Plans the boards without one good while nothing else is done: leaving one out then answers at once. */
export function useLeftOutAhead(
  planned: (order: OrderBody) => Plan,
  order: OrderBody,
  onShelf: readonly Good[],
  house: House,
  wanted: boolean,
) {
  useEffect(() => {
    if (!wanted) return;
    return aheadOfTime(
      (order.selection.goods ?? [])
        .slice(0, AHEAD)
        .map((id) => async () => void planned(settledOrder(leaveOut(order, id), onShelf, house))),
    );
  }, [planned, order, onShelf, house, wanted]);
}
