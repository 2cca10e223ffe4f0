import type { DaySchedule, Task, TaskKind, Timing } from '@rotula/core';

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

/** Neighbours of one kind in one lane, drawn as one bar. */
export interface Bar {
  readonly kind: TaskKind;
  readonly shifts: readonly Shift[];
  readonly start: number;
  readonly end: number;
}

/** Bars of a lane: what follows at once and is of one kind is one bar. */
export function barsOf(shifts: readonly Shift[]): Bar[] {
  const bars: Bar[] = [];
  for (const shift of shifts) {
    const last = bars.at(-1);
    if (
      last &&
      last.kind === shift.task.kind &&
      shift.start - last.end <= 1 &&
      shift.task.kind !== 'take away'
    )
      bars[bars.length - 1] = { ...last, shifts: [...last.shifts, shift], end: shift.end };
    else bars.push({ kind: shift.task.kind, shifts: [shift], start: shift.start, end: shift.end });
  }
  return bars;
}

/** What begins at another time than before, by id. */
export function movedBetween(before: DaySchedule, after: DaySchedule): { id: string; by: number }[] {
  const was = new Map(before.placed.map(({ id, start }) => [id, start]));
  return after.placed
    .map(({ id, start }) => ({ id, by: start - (was.get(id) ?? start) }))
    .filter(({ by }) => by !== 0);
}
