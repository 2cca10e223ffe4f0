import { shiftsOf, type Shift, type Timing } from '@rotula/core';
import { useMemo } from 'react';
import { useTiming } from '../optimiser/useTiming';
import { wallClock, type WallClock } from '../ui/wallClock';
import { useWorkbench } from './context';

/** The day of an order by the clock on the wall where it is served: what the stage Clock shows and the papers print. */
export interface Day {
  readonly timing: Timing;
  readonly working: boolean;
  readonly fault: string | null;
  readonly shifts: readonly Shift[];
  readonly wall: WallClock;
  /** A minute from serving, as it is written there. */
  readonly time: (minutes: number) => string;
  readonly goodsOf: (ids: readonly string[]) => string;
}

/** The searched day of the open order, or why there is none yet. */
export function useDay(): Day {
  const { document, plan, house, format, goods } = useWorkbench();
  const { timing, working, fault } = useTiming(plan.timing);
  const { servingAt, timeZone } = document.order.brief;
  const zone = timeZone ?? house.timeZone;
  const wall = useMemo(() => wallClock(servingAt, zone), [servingAt, zone]);
  const { hands } = plan.timing.question.room;
  const shifts = useMemo(() => shiftsOf(timing, hands), [timing, hands]);
  return {
    timing,
    working,
    fault,
    shifts,
    wall,
    time: (minutes) => format.time(wall.wall(minutes)),
    goodsOf: (ids) => format.list(ids.map((id) => goods.get(id)?.name ?? id)),
  };
}
