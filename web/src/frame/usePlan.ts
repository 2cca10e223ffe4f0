import {
  groundOf,
  lruMemoised,
  leaveOut,
  readPlan,
  sameValue,
  type Good,
  type House,
  type OrderBody,
  type Plan,
  type WrittenPlan,
} from '@rotula/core';
import { use, useEffect, useMemo } from 'react';
import { aheadOfTime } from '../ui/aheadOfTime';
import type { LateState } from '../ui/lateCode';
import { planner, type Planner } from './planner';

/** How many plans are remembered: those that undo and redo go back to, and those of boards without one good. */
const KEPT = 32;
/** How many boards without one good are planned ahead at the most: they must not drive out what undo goes back to. */
const AHEAD = 12;

type Plans = (order: OrderBody) => Plan;

/** Where the plan of an open order comes from. While there is none to show (no planner, no plan of the server) the page is suspended. */
export type Planning =
  /** The server made it; the planner is on its way. */
  | { readonly is: 'sent'; readonly plan: Plan }
  /** The server made it, and the planner cannot be had: the page can be read, a change cannot be shown. */
  | { readonly is: 'gone'; readonly plan: Plan; readonly why: unknown }
  /** It is made here, at every change. */
  | { readonly is: 'ready'; readonly plan: Plan; readonly plans: Plans };

/** Plans orders; one that was planned a moment ago, or was planned ahead, is there at once. */
export const usePlans = ({ plan }: Pick<Planner, 'plan'>, shelf: readonly Good[], house: House): Plans =>
  useMemo(
    () => lruMemoised((order: OrderBody) => plan(order, shelf, house), sameValue, KEPT),
    [plan, shelf, house],
  );

/** What the server made of the document as it was loaded. */
export interface First {
  readonly version: number;
  /** null: it did not come. */
  readonly sent: WrittenPlan | null;
}
const NO_PLANNER: Pick<Planner, 'plan'> = {
  plan: () => {
    throw new Error('nothing is planned before the planner has come');
  },
};

/** The plan of an open order: of the server until the planner has come, then of this page. */
export function usePlan(
  order: OrderBody,
  shelf: readonly Good[],
  house: House,
  late: LateState<Planner>,
  { sent, version }: First,
): Planning {
  const isHere = late.is === 'ready';
  const first = useMemo(
    () => (!isHere && sent?.version === version ? readPlan(sent, groundOf(order, shelf, house).goods) : null),
    [isHere, sent, version, order, shelf, house],
  );
  const code = isHere ? late.code : first ? null : use(planner.come());
  const plans = usePlans(code ?? NO_PLANNER, shelf, house);
  if (code) return { is: 'ready', plan: plans(order), plans };
  return late.is === 'gone' ? { is: 'gone', plan: first!, why: late.why } : { is: 'sent', plan: first! };
}

/** Plans the boards without one good while nothing else is done: leaving one out then answers at once. */
export function useLeftOutAhead(
  plans: Plans | null,
  order: OrderBody,
  onShelf: readonly Good[],
  house: House,
  wanted: boolean,
) {
  useEffect(() => {
    if (!wanted || !plans) return;
    return aheadOfTime(
      (order.selection.goods ?? []).slice(0, AHEAD).map((id) => async () => {
        const { settledOrder } = await planner.come();
        plans(settledOrder(leaveOut(order, id), onShelf, house));
      }),
    );
  }, [plans, order, onShelf, house, wanted]);
}
