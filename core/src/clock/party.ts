import { COLD_AT_MOST, journeyAirOf, roomOf, type Brief } from '../brief/index.js';
import { hoursUntil, type Waves } from '../portion/index.js';
import type { Day } from './warming/curve.js';

/** Minutes count from serving; before it they are negative. */
export interface Party {
  readonly ends: number;
  /** null: nothing travels. */
  readonly journey: {
    readonly leaves: number;
    readonly arrives: number;
    /** In a cold box or van with a reading at 5 degrees or below: these minutes do not count. */
    readonly chilled: boolean;
  } | null;
  readonly day: Day;
  readonly room: number;
  /** When each wave stands on the table, and when it is taken off. */
  readonly waves: readonly WaveTimes[];
}

export interface WaveTimes {
  readonly number: number;
  readonly share: number;
  readonly on: number;
  readonly off: number;
}

/** At the place this long before serving. The house's own figure. */
export const ARRIVES_BEFORE = 45;

/** The waves over the party: the next one stands on the table when the one before is eaten at the usual pace. */
function waveTimes({ count, first }: Waves, ends: number): WaveTimes[] {
  const later = count > 1 ? (1 - first) / (count - 1) : 0;
  let [on, gone] = [0, 0];
  return Array.from({ length: count }, (_, i) => {
    const share = i === 0 ? first : later;
    gone += share;
    // A wave that would come when the party is over comes with time to be eaten; the last stays to the end.
    const off =
      i === count - 1
        ? ends
        : Math.min(Math.round(60 * hoursUntil(Math.min(1, gone))), Math.round((ends * (i + 1)) / count));
    const wave = { number: i + 1, share, on, off: Math.max(on + 1, off) };
    on = wave.off;
    return wave;
  });
}

export function partyOf(brief: Brief, waves: Waves, chilled: boolean): Party {
  const ends = Math.round(brief.hours * 60);
  const room = roomOf(brief);
  const arrives = -ARRIVES_BEFORE;
  const air = journeyAirOf(brief);
  const travels = brief.travelMinutes > 0;
  return {
    ends,
    room,
    journey: travels
      ? { arrives, leaves: arrives - brief.travelMinutes, chilled: chilled && air <= COLD_AT_MOST }
      : null,
    day: travels
      ? [
          { from: -1e6, celsius: room },
          { from: arrives - brief.travelMinutes, celsius: air },
          { from: arrives, celsius: room },
        ]
      : [{ from: -1e6, celsius: room }],
    waves: waveTimes(waves, ends),
  };
}

/** When the first of several runs sets off: each before the last is there, back and loaded again. */
export const setsOffAt = (
  { leaves, arrives }: NonNullable<Party['journey']>,
  runs: number,
  cars: number,
  load: number,
): number => leaves - (Math.ceil(runs / Math.max(1, cars)) - 1) * (2 * (arrives - leaves) + load);
