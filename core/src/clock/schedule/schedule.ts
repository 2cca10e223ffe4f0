import { chance } from '../../units/index.js';
import { leastBegins, leastFirst, leastLate } from './bound.js';
import { costOf, type Job, type Placed, type Room, type ScheduleCost } from './job.js';
import { Backwards, earlyOf, outOf, placedOf, scheduleCost } from './place.js';

export interface DayAsked {
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
function byUrgency(jobs: readonly Job[], least: ReadonlyMap<string, number>): Job[] {
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
function built(jobs: readonly Job[], room: Room, order: readonly Job[]): Backwards {
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
export function quickDay({ jobs, room, mostBefore }: DayAsked): DaySchedule {
  const least = leastBegins(jobs);
  const { begins } = built(jobs, room, byUrgency(jobs, least));
  const cost = scheduleCost(jobs, begins, mostBefore);
  const bound = boundOf(jobs, room, mostBefore);
  return { placed: placedOf(jobs, begins), cost, bound, exact: costOf(cost) === costOf(bound), nodes: 0 };
}

function boundOf(jobs: readonly Job[], room: Room, mostBefore: number | null): ScheduleCost {
  const least = leastBegins(jobs);
  const first = leastFirst(jobs, least, room);
  return {
    tooEarly:
      Math.floor(leastLate(jobs, least, room.hands, 'within')) +
      (mostBefore === null ? 0 : Math.max(0, first - mostBefore)),
    out: Math.ceil(leastLate(jobs, least, room.hands, 'due') - 1e-9),
    first,
  };
}

/** Swaps tried on a long day, where the exact search does not end. */
const SWAPS = 400;

/**
 * The day's work backwards from serving: nothing too early for it, then least time out of the cold, then the latest first
 * start. Some order of the jobs, each placed as late as can be, gives the best schedule there is, for no measure gains by
 * beginning earlier (Sprecher, Kolisch and Drexl 1995, active schedules); orders are searched by branch and bound to `nodes`
 * nodes, and beyond that by seeded swaps. The same question has the same answer on every machine.
 */
export function scheduleDay(asked: DayAsked): DaySchedule {
  const { jobs, room, mostBefore } = asked;
  const least = leastBegins(jobs);
  const order = byUrgency(jobs, least);
  const bound = boundOf(jobs, room, mostBefore);
  const swapped = bySwaps(asked, order, costOf(bound));
  const searched = byBranches(asked, order, swapped, costOf(bound));
  const begins = searched.begins;
  const cost = scheduleCost(jobs, begins, mostBefore);
  return {
    placed: placedOf(jobs, begins),
    cost,
    bound: searched.exact ? cost : bound,
    exact: searched.exact,
    nodes: searched.nodes,
  };
}

type Begins = ReadonlyMap<string, number>;

function bySwaps({ jobs, room, mostBefore, seed }: DayAsked, order: readonly Job[], bound: number): Begins {
  const next01 = chance(seed);
  const weigh = (begins: Begins) => costOf(scheduleCost(jobs, begins, mostBefore));
  let now = [...order];
  let best: Begins = built(jobs, room, now).begins;
  let cost = weigh(best);
  for (let i = 0; i < SWAPS && cost > bound && order.length > 1; i++) {
    const next = [...now];
    const [from, to] = [Math.floor(next01() * next.length), Math.floor(next01() * next.length)];
    next.splice(to, 0, ...next.splice(from, 1));
    const { begins } = built(jobs, room, next);
    const tried = weigh(begins);
    if (tried > cost) continue;
    [now, cost, best] = [next, tried, begins];
  }
  return best;
}

function byBranches(asked: DayAsked, order: readonly Job[], start: Begins, bound: number) {
  const { jobs, room, mostBefore } = asked;
  const least = leastBegins(jobs);
  const free = order.filter(({ fixed }) => fixed === null);
  const day = new Backwards(jobs, room);
  let best = start;
  let cost = costOf(scheduleCost(jobs, start, mostBefore));
  let nodes = 0;
  let cut = false;
  const standing = jobs.filter(({ fixed }) => fixed !== null);
  const base = {
    tooEarly: standing.reduce((sum, job) => sum + earlyOf(job, -job.fixed!), 0),
    out: standing.reduce((sum, job) => sum + outOf(job, -job.fixed!), 0),
    first: Math.max(0, ...standing.map((job) => -job.fixed!)),
  };
  const allFirst = leastFirst(jobs, least, room);
  /** What has been placed, and what the rest costs at the least. */
  const visit = (left: readonly Job[], so: ScheduleCost): void => {
    if (cost <= bound || cut) return;
    if (left.length === 0) {
      const total = costOf(scheduleCost(jobs, day.begins, mostBefore));
      if (total < cost) [cost, best] = [total, new Map(day.begins)];
      return;
    }
    if (++nodes > asked.nodes) {
      cut = true;
      return;
    }
    const first = Math.max(so.first, allFirst);
    const atLeast = costOf({
      tooEarly:
        so.tooEarly +
        leastLate(left, least, room.hands, 'within') +
        (mostBefore === null ? 0 : Math.max(0, first - mostBefore)),
      out: so.out + leastLate(left, least, room.hands, 'due'),
      first,
    });
    if (atLeast >= cost - 1e-6) return;
    const alike = new Set<string>();
    for (const job of left) {
      if (!day.ready(job)) continue;
      // Two that are alike in all are tried in one order only.
      const look = `${job.minutes} ${job.hands} ${job.oven} ${job.endsBefore} ${job.within} ${job.due} ${job.after.join()} ${followersOf(jobs, job.id)}`;
      if (alike.has(look)) continue;
      alike.add(look);
      const at = day.place(job);
      visit(
        left.filter((one) => one !== job),
        {
          tooEarly: so.tooEarly + earlyOf(job, at),
          out: so.out + outOf(job, at),
          first: Math.max(so.first, at),
        },
      );
      day.remove(job);
    }
  };
  visit(free, base);
  return { begins: best, exact: !cut, nodes };
}

const followersOf = (jobs: readonly Job[], id: string): string =>
  jobs
    .filter(({ after }) => after.includes(id))
    .map((job) => job.id)
    .join();
