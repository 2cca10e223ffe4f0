import type { Response } from './series.js';

/** How warm it is about a thing, from a minute on; minutes count from serving, before it negative. */
export interface Air {
  readonly from: number;
  readonly celsius: number;
}
/** The air of a day, in order; the first holds for all that comes before. */
export type Day = readonly Air[];

export function airAt(day: Day, minute: number): number {
  let now = day[0]!.celsius;
  for (const { from, celsius } of day) if (from <= minute) now = celsius;
  return now;
}

export interface Warmth {
  readonly heart: number;
  readonly face: number;
}

/**
 * How warm a thing is that left the cold at `out`: each change of the air is a step of its own, and they add up (Duhamel;
 * Carslaw and Jaeger 1959, 1.14).
 */
export function warmthAt(response: Response, start: number, day: Day, out: number, minute: number): Warmth {
  const first = airAt(day, out);
  const own = response(minute - out);
  let heart = first + (start - first) * own.heart;
  let face = first + (start - first) * own.face;
  if (day.length === 1) return { heart, face };
  const steps = day.filter(({ from }) => from > out && from < minute);
  let before = first;
  for (const { from, celsius } of steps) {
    const since = response(minute - from);
    heart += (celsius - before) * (1 - since.heart);
    face += (celsius - before) * (1 - since.face);
    before = celsius;
  }
  return { heart, face };
}

/** Nothing is left out longer to warm. */
export const MOST_LEAD = 480;

/** The first whole minute from `from` to `to` at which it holds, if it goes on holding; null: never. */
export function firstMinute(from: number, to: number, holds: (minute: number) => boolean): number | null {
  if (!holds(to)) return null;
  let [low, high] = [Math.floor(from), Math.ceil(to)];
  if (holds(low)) return low;
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (holds(middle)) high = middle;
    else low = middle;
  }
  return high;
}
