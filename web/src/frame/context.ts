import type { Counted, Good, House, Main, Pick, Plan, Served } from '@rotula/core';
import { createContext, useContext } from 'react';
import type { Format } from '../ui/format';
import type { Proposal } from '../optimiser/useProposal';
import type { OrderDocument } from './useOrderDocument';

/** What every stage of an open order works with. */
export interface Workbench {
  readonly document: OrderDocument;
  readonly plan: Plan;
  /** As it is on the serving day, with the lots that were chosen and what the order keeps: what screens read. */
  readonly counter: Served;
  /** As it lies there now: what searches and plans start from. `shelf` has every lot, `stock` those that were chosen. */
  readonly shelf: Counted;
  readonly stock: Counted;
  readonly goods: ReadonlyMap<string, Good>;
  readonly house: House;
  readonly format: Format;
  /** The best that this counter holds for the brief; null while it is worked out. */
  readonly reach: Pick | null;
  readonly proposal: Proposal;
  /** The good in focus, of which the slate says why. */
  readonly focus: Main | null;
  readonly setFocus: (goodId: string | null) => void;
}

export const WorkbenchContext = createContext<Workbench | null>(null);

/** The open order with its plan, goods and house. @throws outside of an open order */
export function useWorkbench(): Workbench {
  const bench = useContext(WorkbenchContext);
  if (!bench) throw new Error('useWorkbench is for the stages of an open order');
  return bench;
}
