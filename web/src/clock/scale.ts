/** Minutes over the width of the day: before serving every minute counts, so that the first part of the width is its. */
export interface DayScale {
  readonly from: number;
  readonly to: number;
  /** Share of the width, 0 to 1. */
  readonly at: (minute: number) => number;
  /** The minute at a share of the width. */
  readonly minute: (share: number) => number;
  /** Where lines are drawn: every few minutes, wider apart after serving. */
  readonly ticks: readonly number[];
}

/** Of the width before serving. */
const BEFORE = 0.58;
const STEPS = [5, 10, 15, 30, 60, 120, 240];
/** Lines on either side at the most. */
const MOST_LINES = 6;

function ticksBetween(from: number, to: number, round: (minute: number) => number): number[] {
  const step = STEPS.find((one) => (to - from) / one <= MOST_LINES) ?? STEPS.at(-1)!;
  const first = Math.ceil(round(from) / step) * step - round(0);
  const ticks: number[] = [];
  for (let minute = first; minute <= to; minute += step) if (minute >= from) ticks.push(minute);
  return ticks;
}

/** @param servedAt minutes of the day at which it is served, so that lines stand at round times */
export function dayScale(from: number, to: number, servedAt: number): DayScale {
  const at = (minute: number): number =>
    minute <= 0 ? BEFORE * ((minute - from) / -from) : BEFORE + (1 - BEFORE) * (minute / to);
  const round = (minute: number) => servedAt + minute;
  return {
    from,
    to,
    at: (minute) => Math.max(0, Math.min(1, at(minute))),
    minute: (share) =>
      share <= BEFORE ? from - (share / BEFORE) * from : (to * (share - BEFORE)) / (1 - BEFORE),
    ticks: [...ticksBetween(from, -1, round), ...ticksBetween(1, to, round)],
  };
}
