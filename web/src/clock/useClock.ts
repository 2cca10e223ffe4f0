import { EXACTLY, timingOf, type OrderBody, type Timing } from '@rotula/core';
import { useState } from 'react';
import { useWorkbench } from '../frame/context';
import { useDay, type Day } from '../frame/useDay';
import { say } from '../language/say';
import { movedBetween } from './lanes';

/** A move that is shown before it is kept. */
export interface Proposed {
  readonly id: string;
  readonly to: number;
  readonly timing: Timing;
  readonly moves: readonly { readonly id: string; readonly by: number }[];
}

/** The day of an order, and what can be done with it; every act is one change of the order. */
export interface ClockDesk extends Day {
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
  const { document, plan } = useWorkbench();
  const day = useDay();
  const { asked } = plan.timing;
  const [chosen, choose] = useState<string | null>(null);
  const [focus, look] = useState<string | null>(null);
  const [proposed, setProposed] = useState<Proposed | null>(null);
  const { clock } = document.order;
  const change = (what: string, part: Partial<OrderBody['clock']>) =>
    document.change(what, (order) => ({ ...order, clock: { ...order.clock, ...part } }));
  return {
    ...day,
    chosen,
    choose,
    focus: focus ?? day.timing.tight?.key ?? null,
    look,
    proposed,
    propose: (id, to) => {
      const then = timingOf({ ...asked, moved: { ...asked.moved, [id]: to } }, EXACTLY);
      setProposed({ id, to, timing: then, moves: movedBetween(day.timing.day, then.day) });
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
