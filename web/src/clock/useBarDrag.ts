import { useRef, useState, type PointerEvent } from 'react';
import type { Bar } from './lanes';
import type { ClockDesk } from './useClock';

/** A hand that trembles moves nothing, px. */
const LEAST = 5;

/** Takes a bar along the hours; where it is let go, the move is proposed and not yet kept. */
export function useBarDrag(desk: ClockDesk, minuteAt: (clientX: number, box: DOMRect) => number) {
  const held = useRef<{ x: number; from: number; box: DOMRect } | null>(null);
  const [moving, setMoving] = useState<{ id: string; by: number } | null>(null);
  const handlers = ({ shifts }: Bar) => ({
    onPointerDown: (event: PointerEvent<SVGGElement>) => {
      const box = event.currentTarget.ownerSVGElement!.getBoundingClientRect();
      held.current = { x: event.clientX, from: minuteAt(event.clientX, box), box };
      event.currentTarget.setPointerCapture(event.pointerId);
    },
    onPointerMove: (event: PointerEvent<SVGGElement>) => {
      const now = held.current;
      if (!now || Math.abs(event.clientX - now.x) < LEAST) return;
      setMoving({ id: shifts[0]!.task.id, by: Math.round(minuteAt(event.clientX, now.box) - now.from) });
    },
    onPointerUp: () => {
      held.current = null;
      if (moving && moving.by !== 0)
        desk.propose(Object.fromEntries(shifts.map(({ task, start }) => [task.id, start + moving.by])));
      setMoving(null);
    },
    onPointerCancel: () => {
      held.current = null;
      setMoving(null);
    },
  });
  return { handlers, by: (id: string) => (moving?.id === id ? moving.by : 0) };
}
