import { leastBegins, leastFirst, leastLate } from './bound.js';
import { costOf, type Job, type Placed, type Room, type ScheduleCost } from './job.js';
import { Backwards, placedOf, scheduleCost } from './place.js';

export interface DayQuestion {
  readonly jobs: readonly Job[];
  readonly room: Room;
  /** Nobody may begin longer before serving; null: at any time. */
  readonly mostBefore: number | null;
  /** Nodes of the exact search. */
  readonly nodes: number;
  readonly seed: number;
}

export interface DaySchedule {
  readonly placed: readonly Placed[];
  readonly cost: ScheduleCost;
  /** No schedule costs less than this. */
  readonly bound: ScheduleCost;
  /** Every schedule was looked at, or could not be better. */
  readonly exact: boolean;
  readonly nodes: number;
}

/** Jobs in an order in which each may be placed backwards: what suffers first, then what is out of the cold, then the longest chains. */
export function byUrgency(jobs: readonly Job[], least: ReadonlyMap<string, number>): Job[] {
  const rank = (job: Job) => Math.min(job.within ?? 1e6, job.due ?? 1e6);
  return [...jobs].sort(
    (a, b) =>
      rank(a) - rank(b) ||
      least.get(a.id)! - least.get(b.id)! ||
      b.minutes - a.minutes ||
      (a.id < b.id ? -1 : 1),
  );
}

/** Jobs placed one after the other, each time the first of the order that may be. */
export function built(jobs: readonly Job[], room: Room, order: readonly Job[]): Backwards {
  const day = new Backwards(jobs, room);
  let left = order.filter(({ fixed }) => fixed === null);
  while (left.length > 0) {
    // Two that wait for each other cannot be; the first is taken as it comes.
    const next = left.find(day.ready) ?? left[0]!;
    day.place(next);
    left = left.filter((job) => job !== next);
  }
  return day;
}

/** The quick answer: one pass by urgency. */
export function quickDay({ jobs, room, mostBefore }: DayQuestion): DaySchedule {
  const least = leastBegins(jobs);
  const { begins } = built(jobs, room, byUrgency(jobs, least));
  const cost = scheduleCost(jobs, begins, mostBefore);
  const bound = boundOf(jobs, room, mostBefore, least);
  return { placed: placedOf(jobs, begins), cost, bound, exact: costOf(cost) === costOf(bound), nodes: 0 };
}

export function boundOf(
  jobs: readonly Job[],
  room: Room,
  mostBefore: number | null,
  least = leastBegins(jobs),
): ScheduleCost {
  const first = leastFirst(jobs, least, room);
  return {
    tooEarly:
      Math.floor(leastLate(jobs, least, room.hands, 'within')) +
      (mostBefore === null ? 0 : Math.max(0, first - mostBefore)),
    out: Math.max(0, Math.ceil(leastLate(jobs, least, room.hands, 'due') - 1e-9)),
    first,
  };
}
