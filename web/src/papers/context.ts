import type { Good, House, OrderBody, PaperId, PAPERS, Plan } from '@rotula/core';
import { createContext, useContext, type ReactNode } from 'react';
import type { Format } from '../ui/format';
import { wallClock } from '../ui/wallClock';

/** What every paper is drawn with, beside its own data: on the screen, and where nobody has one. */
export interface PaperBench {
  /** Who reads the paper: what guests must not have, with their names, is for the shop's own hands. */
  readonly reader: (typeof PAPERS)[PaperId]['for'];
  readonly orderId: string;
  readonly order: OrderBody;
  readonly plan: Plan;
  readonly house: House;
  readonly format: Format;
  /** A minute from serving, as the clock on the wall where it is served shows it. */
  readonly time: (minutes: number) => string;
  readonly namesOf: (ids: readonly string[]) => string;
  /** What is set on the screen beside a paper for guests, and never printed. */
  readonly tools?: ReactNode;
}

export const PaperContext = createContext<PaperBench | null>(null);

/** What a sheet is drawn with: the order, the units and money of the house, its clock. */
export function usePaper(): PaperBench {
  const bench = useContext(PaperContext);
  if (!bench) throw new Error('usePaper is for what is drawn on a paper');
  return bench;
}

/**
 * A plate’s guest as this paper may name them: with their name on the shop's own, and on the plate's card where the house lets it.
 * @param ownCard it is the card of that plate
 */
export function usePlateName(
  ownCard = false,
): <P extends { readonly who: string; readonly seat: string }>(plate: P) => P {
  const { reader, house } = usePaper();
  const named = ownCard
    ? house.guestNames === 'shop and plates'
    : reader === 'shop' && house.guestNames !== 'nowhere';
  return (plate) =>
    named ? plate : { ...plate, who: '', seat: ownCard || reader === 'shop' ? plate.seat : '' };
}

/** The bench of an order's papers. */
export function paperBench(
  given: Omit<PaperBench, 'time' | 'namesOf'>,
  goods: ReadonlyMap<string, Good>,
): PaperBench {
  const { house, format } = given;
  const { servingAt, timeZone } = given.order.brief;
  const { wall } = wallClock(servingAt, timeZone ?? house.timeZone);
  return {
    ...given,
    time: (minutes) => format.time(wall(minutes)),
    namesOf: (ids) => format.list(ids.map((id) => goods.get(id)?.name ?? id)),
  };
}
