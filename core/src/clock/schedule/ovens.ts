import type { Job, Room } from './job.js';

/** What one temperature asks of the ovens, by minutes before serving: trays in the heat, and trays waiting for it. */
interface Heat {
  readonly bakes: number[];
  readonly warmsUp: number[];
}

/**
 * Ovens over the day: trays of one temperature share one, another temperature needs another, or the same once it has changed.
 * While it heats up for a tray it holds that temperature for all.
 */
export class Ovens {
  private readonly heats = new Map<number, Heat>();

  constructor(private readonly room: Room) {}

  /** Marks a tray as in the oven; `by` -1 takes it out again. */
  use({ minutes, oven, heat }: Job, begins: number, by: 1 | -1): void {
    const at = this.heats.get(heat) ?? { bakes: [], warmsUp: [] };
    this.heats.set(heat, at);
    for (let minute = Math.max(0, begins - minutes); minute < begins; minute++)
      at.bakes[minute] = (at.bakes[minute] ?? 0) + by * oven;
    for (let minute = Math.max(0, begins); minute < begins + this.room.heats; minute++)
      at.warmsUp[minute] = (at.warmsUp[minute] ?? 0) + by;
  }

  /** The last minute back from `end` in which no oven can take it or heat up for it; -1: there is none. */
  clash({ minutes, oven, heat }: Job, end: number): number {
    for (let minute = end + minutes + this.room.heats - 1; minute >= end; minute--) {
      const more = minute < end + minutes ? oven : 0;
      if (this.taken(minute, heat, more) > this.room.ovens) return minute;
    }
    return -1;
  }

  /** Ovens in use in one minute, with some trays more of one temperature. */
  private taken(minute: number, heat: number, more: number): number {
    let ovens = this.heats.has(heat) ? 0 : this.ovensFor(more, 1);
    for (const [celsius, { bakes, warmsUp }] of this.heats) {
      const own = celsius === heat;
      ovens += this.ovensFor((bakes[minute] ?? 0) + (own ? more : 0), (warmsUp[minute] ?? 0) + (own ? 1 : 0));
    }
    return ovens;
  }

  private ovensFor(trays: number, waiting: number): number {
    return Math.max(Math.ceil(trays / this.room.trays), waiting > 0 ? 1 : 0);
  }
}
