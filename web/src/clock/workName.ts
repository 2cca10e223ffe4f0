import { workWords } from '../words/clock';
import type { ClockDesk } from './useClock';

/** What a piece of work is called, by its id. */
export const workName =
  (desk: ClockDesk) =>
  (id: string): string => {
    const shift = desk.shifts.find(({ task }) => task.id === id);
    return shift ? workWords(shift.task, desk.goodsOf) : id;
  };
