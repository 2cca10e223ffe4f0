import { EXACTLY, timingOf, type OrderBody, type Timing, type TimingQuestion } from '@rotula/core';
import { useState } from 'react';
import { useWorkbench } from '../frame/context';
import { useDay, type Day } from '../frame/useDay';
import { say } from '../language/say';
import { movedBetween } from './lanes';

/** A move that is shown before it is kept. */
export interface Proposed {
  /** When each begins that a hand moved, by id. */
  readonly to: Readonly<Record<string, number>>;
  /** The day that it was asked of: of another it says nothing. */
  readonly question: TimingQuestion;
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
  readonly propose: (to: Readonly<Record<string, number>>) => void;
  readonly keep: () => void;
  readonly leave: () => void;
  readonly change: (what: string, part: Partial<OrderBody['clock']>) => void;
}

/** The clock of the open order: the searched day, who works when, what is chosen, and the moves of a bar. */
export function useClock(): ClockDesk {
  const { document, plan } = useWorkbench();
  const day = useDay();
  const { question } = plan.timing;
  const [chosen, choose] = useState<string | null>(null);
  const [focus, look] = useState<string | null>(null);
  const [lastProposed, setProposed] = useState<Proposed | null>(null);
  const proposed = lastProposed?.question === question ? lastProposed : null;
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
    propose: (to) => {
      const then = timingOf({ ...question, moved: { ...question.moved, ...to } }, EXACTLY);
      setProposed({ to, question, timing: then, moves: movedBetween(day.timing.day, then.day) });
      choose(Object.keys(to)[0] ?? null);
    },
    keep: () => {
      if (!proposed) return;
      change(say`move a piece of work`, { moved: { ...clock.moved, ...proposed.to } });
      setProposed(null);
    },
    leave: () => setProposed(null),
    change,
  };
}
