import { chance } from '../../units/index.js';
import { leastBegins, leastFirst, leastLate } from './bound.js';
import { costOf, type Job, type ScheduleCost } from './job.js';
import { Backwards, earlyOf, outOf, placedOf, scheduleCost } from './place.js';
import { boundOf, built, byUrgency, type DayQuestion, type DaySchedule } from './quick.js';

/** Swaps tried on a long day, where the exact search does not end. */
const SWAPS = 400;

/**
 * The day's work backwards from serving: nothing too early for it, then least time out of the cold, then the latest first
 * start. Some order of the jobs, each placed as late as can be, gives the best schedule there is, for no measure gains by
 * beginning earlier (Sprecher, Kolisch and Drexl 1995, active schedules); orders are searched by branch and bound to `nodes`
 * nodes, and beyond that by seeded swaps. The same question has the same answer on every machine.
 */
export function scheduleDay(question: DayQuestion): DaySchedule {
  const { jobs, room, mostBefore } = question;
  const least = leastBegins(jobs);
  const order = byUrgency(jobs, least);
  const bound = boundOf(jobs, room, mostBefore);
  const swapped = bySwaps(question, order, costOf(bound));
  const searched = byBranches(question, order, swapped, costOf(bound));
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

function bySwaps(
  { jobs, room, mostBefore, seed }: DayQuestion,
  order: readonly Job[],
  bound: number,
): Begins {
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

function byBranches(question: DayQuestion, order: readonly Job[], start: Begins, bound: number) {
  const { jobs, room, mostBefore } = question;
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
    if (++nodes > question.nodes) {
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
