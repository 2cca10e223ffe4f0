import {
  groundOf,
  lately,
  leaveOut,
  readPlan,
  sameValue,
  type Good,
  type House,
  type OrderBody,
  type Plan,
} from '@rotula/core';
import { use, useEffect, useMemo } from 'react';
import { aheadOfTime } from '../ui/aheadOfTime';
import { plannerComes, type Planner } from './plannerComes';

/** So many plans are remembered: those that undo and redo go back to, and those of boards without one good. */
const KEPT = 32;
/** Of a large board only so many are planned ahead: they must not drive out what undo goes back to. */
const AHEAD = 12;

/** What an order comes to, and what plans it further (null: it is on its way). */
export interface Planned {
  readonly plan: Plan;
  readonly planned: Plans | null;
}
type Plans = (order: OrderBody) => Plan;

/** Plans orders; one that was planned a moment ago, or was planned ahead, is there at once. */
export const usePlans = (planner: Planner | null, shelf: readonly Good[], house: House): Plans | null =>
  useMemo(
    () => planner && lately((order: OrderBody) => planner.plan(order, shelf, house), sameValue, KEPT),
    [planner, shelf, house],
  );

/** What the server made of the document as it was loaded. */
export interface First {
  readonly version: number;
  /** The plan in writing; null: it did not come. */
  readonly sent: unknown[] | null;
}

/** The plan of an open order; until the planner has come it is the one that the server made. */
export function usePlan(
  order: OrderBody,
  shelf: readonly Good[],
  house: House,
  here: Planner | null,
  { sent, version }: First,
): Planned {
  const first = useMemo(() => {
    if (here || !sent) return null;
    const read = readPlan(sent, groundOf(order, shelf, house).goods);
    return read?.version === version ? read.plan : null;
  }, [here, sent, version, order, shelf, house]);
  const planner = here ?? (first ? null : use(plannerComes()));
  const planned = usePlans(planner, shelf, house);
  return { planned, plan: planned ? planned(order) : first! };
}

/** Plans the boards without one good while nothing else is done: leaving one out then answers at once. */
export function useLeftOutAhead(
  planned: Plans | null,
  order: OrderBody,
  onShelf: readonly Good[],
  house: House,
  wanted: boolean,
) {
  useEffect(() => {
    if (!wanted || !planned) return;
    return aheadOfTime(
      (order.selection.goods ?? []).slice(0, AHEAD).map((id) => async () => {
        const { settledOrder } = await plannerComes();
        planned(settledOrder(leaveOut(order, id), onShelf, house));
      }),
    );
  }, [planned, order, onShelf, house, wanted]);
}
