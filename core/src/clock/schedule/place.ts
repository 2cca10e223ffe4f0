import type { Job, Placed, Room, ScheduleCost } from './job.js';
import { Ovens } from './ovens.js';

/**
 * A schedule grown backwards from serving, minute by minute: each job as late as what comes after it, hands and ovens allow.
 * Times here are minutes before serving, so that all grow as the day goes back.
 */
export class Backwards {
  private readonly hands: number[] = [];
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
    if (job.hands > this.room.hands || job.oven > this.room.ovens) return end + job.minutes;
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
    if (job.hands > 0)
      for (let minute = end + job.minutes - 1; minute >= end; minute--)
        if ((this.hands[minute] ?? 0) + job.hands > this.room.hands) return minute;
    return -1;
  }

  private take(job: Job, begins: number): void {
    this.begins.set(job.id, begins);
    this.use(job, begins, 1);
  }

  private use(job: Job, begins: number, by: 1 | -1): void {
    if (job.oven > 0) this.ovens.use(job, begins, by);
    if (job.hands === 0) return;
    // What happens after serving takes no part.
    for (let minute = Math.max(0, begins - job.minutes); minute < begins; minute++)
      this.hands[minute] = (this.hands[minute] ?? 0) + by * job.hands;
  }
}

/** What one job adds when it begins so long before serving. */
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
