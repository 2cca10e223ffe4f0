import type { Job, Room } from './job.js';
import { earlyOf, outOf } from './place.js';

/** How long before serving each job begins at the least, by all that must come after it. */
export function leastBegins(jobs: readonly Job[]): ReadonlyMap<string, number> {
  const followers = new Map<string, Job[]>();
  for (const job of jobs) for (const id of job.after) followers.set(id, [...(followers.get(id) ?? []), job]);
  const known = new Map<string, number>();
  const of = (job: Job): number => {
    const before = known.get(job.id);
    if (before !== undefined) return before;
    const at =
      job.fixed !== null
        ? -job.fixed
        : Math.max(job.endsBefore, ...(followers.get(job.id) ?? []).map(of)) + job.minutes;
    known.set(job.id, at);
    return at;
  };
  jobs.forEach(of);
  return known;
}

/**
 * What a set of jobs costs at the least by one of its measures, done by a number of hands: each by itself from the earliest that
 * its followers allow; or the hands pooled, the k-th to be done done no sooner than the k shortest (Chu 1992, for tardiness).
 * The larger of the two.
 */
export function leastLate(
  jobs: readonly Job[],
  least: ReadonlyMap<string, number>,
  hands: number,
  measure: 'within' | 'due',
): number {
  const bounded = jobs.filter((job) => job[measure] !== null);
  const late = measure === 'due' ? outOf : earlyOf;
  const alone = bounded.reduce((sum, job) => sum + late(job, least.get(job.id)!), 0);
  const byHand = bounded.filter((job) => job.hands > 0 && job.fixed === null);
  const shortest = byHand.map(({ minutes }) => minutes).sort((a, b) => a - b);
  const dues = byHand.map((job) => job[measure]!).sort((a, b) => a - b);
  let [done, pooled] = [0, 0];
  shortest.forEach((minutes, k) => {
    done += minutes / Math.max(1, hands);
    pooled += Math.max(0, done - dues[k]!);
  });
  return Math.max(alone, pooled);
}

/** The first start at the least: all work over the hands, and the longest chain. */
export const leastFirst = (jobs: readonly Job[], least: ReadonlyMap<string, number>, room: Room): number =>
  Math.max(
    0,
    ...jobs.map(({ id }) => least.get(id)!),
    ...(
      [
        ['hands', room.hands],
        ['bench', room.benches],
        ['car', room.cars],
        ['oven', room.ovens * room.trays],
      ] as const
    ).map(([what, places]) => {
      const work = jobs.reduce(
        (sum, job) => sum + (job[what] > 0 ? Math.min(job.minutes, Math.max(0, least.get(job.id)!)) : 0),
        0,
      );
      return Math.ceil(work / Math.max(1, places));
    }),
  );
