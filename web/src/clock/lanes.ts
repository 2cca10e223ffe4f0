import type { DaySchedule, Shift, TaskKind } from '@rotula/core';

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
