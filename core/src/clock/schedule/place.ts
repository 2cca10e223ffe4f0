import type { Job, Placed, Room, ScheduleCost } from './job.js';
import { Ovens } from './ovens.js';

/** What a piece of work takes a place of, and how many there are. */
const PLACES = [
  ['hands', 'hands'],
  ['bench', 'benches'],
  ['car', 'cars'],
] as const;

/**
 * A schedule grown backwards from serving, minute by minute: each job as late as what comes after it, hands and ovens allow.
 * Times here are minutes before serving, so that all grow as the day goes back.
 */
export class Backwards {
  private readonly taken: Record<(typeof PLACES)[number][0], number[]> = { hands: [], bench: [], car: [] };
  private readonly ovens: Ovens;
  /** When each job begins, minutes before serving. */
  readonly begins = new Map<string, number>();
  private readonly followers: ReadonlyMap<string, readonly string[]>;

  constructor(
    jobs: readonly Job[],
    private readonly room: Room,
  ) {
    this.ovens = new Ovens(room);
    const followers = new Map<string, string[]>();
    for (const { id, after } of jobs)
      for (const before of after) followers.set(before, [...(followers.get(before) ?? []), id]);
    this.followers = followers;
    for (const job of jobs) if (job.fixed !== null) this.take(job, -job.fixed);
  }

  /** All that comes after it stands? */
  ready = (job: Job): boolean => (this.followers.get(job.id) ?? []).every((id) => this.begins.has(id));

  /** Places it as late as can be, and says when it begins. */
  place(job: Job): number {
    const at = this.latest(job);
    this.take(job, at);
    return at;
  }

  remove(job: Job): void {
    const at = this.begins.get(job.id)!;
    this.begins.delete(job.id);
    this.use(job, at, -1);
  }

  private latest(job: Job): number {
    const after = (this.followers.get(job.id) ?? []).map((id) => this.begins.get(id)!);
    let end = Math.max(job.endsBefore, ...after);
    const never = PLACES.some(([what, of]) => job[what] > this.room[of]) || job.oven > this.room.ovens;
    if (never) return end + job.minutes;
    for (;;) {
      const clash = this.clash(job, end);
      if (clash < 0) return end + job.minutes;
      end = clash + 1;
    }
  }

  /** The last minute from `end` back in which there is no room for it; -1: there is. */
  private clash(job: Job, end: number): number {
    if (job.oven > 0) {
      const minute = this.ovens.clash(job, end);
      if (minute >= 0) return minute;
    }
    for (let minute = end + job.minutes - 1; minute >= end; minute--)
      for (const [what, of] of PLACES)
        if (job[what] > 0 && (this.taken[what][minute] ?? 0) + job[what] > this.room[of]) return minute;
    return -1;
  }

  private take(job: Job, begins: number): void {
    this.begins.set(job.id, begins);
    this.use(job, begins, 1);
  }

  private use(job: Job, begins: number, by: 1 | -1): void {
    if (job.oven > 0) this.ovens.use(job, begins, by);
    for (const [what] of PLACES) {
      if (job[what] === 0) continue;
      const taken = this.taken[what];
      // What happens after serving takes no part.
      for (let minute = Math.max(0, begins - job.minutes); minute < begins; minute++)
        taken[minute] = (taken[minute] ?? 0) + by * job[what];
    }
  }
}

/** What one job adds when it begins at a time before serving. */
export const earlyOf = ({ within }: Job, begins: number): number =>
  within === null ? 0 : Math.max(0, begins - within);
export const outOf = ({ due }: Job, begins: number): number => (due === null ? 0 : Math.max(0, begins - due));

/** @param mostBefore nobody may begin longer before serving; null: at any time */
export function scheduleCost(
  jobs: readonly Job[],
  begins: ReadonlyMap<string, number>,
  mostBefore: number | null,
): ScheduleCost {
  let [tooEarly, out, first] = [0, 0, 0];
  for (const job of jobs) {
    const at = begins.get(job.id)!;
    tooEarly += earlyOf(job, at);
    out += outOf(job, at);
    first = Math.max(first, at);
  }
  return { tooEarly: tooEarly + (mostBefore === null ? 0 : Math.max(0, first - mostBefore)), out, first };
}

export const placedOf = (jobs: readonly Job[], begins: ReadonlyMap<string, number>): Placed[] =>
  jobs.map(({ id, minutes }) => ({ id, start: -begins.get(id)!, end: minutes - begins.get(id)! }));
