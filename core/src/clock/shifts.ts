import type { Task } from './tasks/index.js';
import type { Timing } from './timing.js';

/** One piece of work as it stands on the day. */
export interface Shift {
  readonly task: Task;
  readonly start: number;
  readonly end: number;
  /** Which pair of hands does it, from 0; null: none, or after serving. */
  readonly hands: number | null;
}

/** Work with its times, by which hands: whoever is free first takes it. */
export function shiftsOf({ tasks, day }: Pick<Timing, 'tasks' | 'day'>, hands: number): Shift[] {
  const at = new Map(day.placed.map((placed) => [placed.id, placed]));
  const free = Array.from({ length: hands }, () => -Infinity);
  return tasks
    .map((task) => ({ task, ...at.get(task.id)! }))
    .sort((a, b) => a.start - b.start || a.end - b.end || (a.task.id < b.task.id ? -1 : 1))
    .map(({ task, start, end }) => {
      if (task.job.hands === 0) return { task, start, end, hands: null };
      const one = free.findIndex((until) => until <= start);
      const taken = one < 0 ? free.indexOf(Math.min(...free)) : one;
      free[taken] = end;
      return { task, start, end, hands: taken };
    });
}
