import { timingOf, type OrderBody, type Timing } from '@rotula/core';
import { useMemo, useState } from 'react';
import { useWorkbench } from '../frame/context';
import { useTiming } from '../optimiser/useTiming';
import { wallClock, type WallClock } from '../ui/wallClock';
import { say } from '../language/say';
import { movedBetween, shiftsOf, type Shift } from './lanes';

/** A move that is shown before it is kept. */
export interface Proposed {
  readonly id: string;
  readonly to: number;
  readonly timing: Timing;
  readonly moves: readonly { readonly id: string; readonly by: number }[];
}

/** The day of an order, and what can be done with it; every act is one change of the order. */
export interface ClockDesk {
  readonly timing: Timing;
  readonly working: boolean;
  readonly fault: string | null;
  readonly shifts: readonly Shift[];
  readonly wall: WallClock;
  readonly time: (minutes: number) => string;
  readonly goodsOf: (ids: readonly string[]) => string;
  /** The work and the good that are looked at. */
  readonly chosen: string | null;
  readonly choose: (taskId: string | null) => void;
  readonly focus: string | null;
  readonly look: (outingKey: string) => void;
  readonly proposed: Proposed | null;
  readonly propose: (id: string, to: number) => void;
  readonly keep: () => void;
  readonly leave: () => void;
  readonly change: (what: string, part: Partial<OrderBody['clock']>) => void;
}

export function useClock(): ClockDesk {
  const { document, plan, house, format, goods } = useWorkbench();
  const { asked } = plan.timing;
  const { timing, working, fault } = useTiming(plan.timing);
  const [chosen, choose] = useState<string | null>(null);
  const [focus, look] = useState<string | null>(null);
  const [proposed, setProposed] = useState<Proposed | null>(null);
  const { brief, clock } = document.order;
  const wall = useMemo(
    () => wallClock(brief.servingAt, brief.timeZone ?? house.timeZone),
    [brief.servingAt, brief.timeZone, house.timeZone],
  );
  const shifts = useMemo(() => shiftsOf(timing, asked.room.hands), [timing, asked.room.hands]);
  const change = (what: string, part: Partial<OrderBody['clock']>) =>
    document.change(what, (order) => ({ ...order, clock: { ...order.clock, ...part } }));
  return {
    timing,
    working,
    fault,
    shifts,
    wall,
    time: (minutes) => format.time(wall.wall(minutes)),
    goodsOf: (ids) => format.list(ids.map((id) => goods.get(id)?.name ?? id)),
    chosen,
    choose,
    focus: focus ?? timing.tight?.key ?? null,
    look,
    proposed,
    propose: (id, to) => {
      const then = timingOf({ ...asked, moved: { ...asked.moved, [id]: to } }, timing.exact);
      setProposed({ id, to, timing: then, moves: movedBetween(timing.day, then.day) });
      choose(id);
    },
    keep: () => {
      if (!proposed) return;
      change(say`move a piece of work`, { moved: { ...clock.moved, [proposed.id]: proposed.to } });
      setProposed(null);
    },
    leave: () => setProposed(null),
    change,
  };
}
