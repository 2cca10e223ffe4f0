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

/** Shifts in as few rows as they need, so that no two in a row are at the same time. */
export function rowsOf(shifts: readonly Shift[]): Shift[][] {
  const rows: Shift[][] = [];
  for (const shift of [...shifts].sort((a, b) => a.start - b.start)) {
    const free = rows.find((row) => row.at(-1)!.end <= shift.start);
    if (free) free.push(shift);
    else rows.push([shift]);
  }
  return rows;
}

/** What begins at another time than before, by id. */
export function movedBetween(before: DaySchedule, after: DaySchedule): { id: string; by: number }[] {
  const was = new Map(before.placed.map(({ id, start }) => [id, start]));
  return after.placed
    .map(({ id, start }) => ({ id, by: start - (was.get(id) ?? start) }))
    .filter(({ by }) => by !== 0);
}
