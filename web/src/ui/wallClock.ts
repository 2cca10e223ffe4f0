import { TZDate } from '@date-fns/tz';

/** The clock on the wall where it is served, from minutes from serving: a day over midnight and a change of clocks are right. */
export interface WallClock {
  /** The instant of a minute from serving. */
  readonly instant: (minutes: number) => Date;
  /** The same on that wall: YYYY-MM-DDTHH:MM. */
  readonly wall: (minutes: number) => string;
  /** Minutes from serving of a time on that wall. */
  readonly minutesTo: (wall: string) => number;
}

const two = (n: number) => String(n).padStart(2, '0');

/** @param servingAt a time on that wall, YYYY-MM-DDTHH:MM */
export function wallClock(servingAt: string, zone: string): WallClock {
  const at = (wall: string) => {
    const [year, month, day, hour, minute] = wall.split(/[-T:]/).map(Number) as [
      number,
      number,
      number,
      number,
      number,
    ];
    return new TZDate(year, month - 1, day, hour, minute, zone);
  };
  const served = at(servingAt).getTime();
  const instant = (minutes: number) => new Date(served + minutes * 60_000);
  return {
    instant,
    wall: (minutes) => {
      const there = new TZDate(served + minutes * 60_000, zone);
      return `${there.getFullYear()}-${two(there.getMonth() + 1)}-${two(there.getDate())}T${two(there.getHours())}:${two(there.getMinutes())}`;
    },
    minutesTo: (wall) => Math.round((at(wall).getTime() - served) / 60_000),
  };
}
