import type { StandsFor } from './body.js';
import type { Main } from '../../counter/index.js';
import type { Thing } from '../../lay/index.js';
import { rememberedBy } from '../../units/index.js';
import { airAt, firstMinute, MOST_LEAD, warmthAt, type Day, type Warmth } from './curve.js';
import { dewPoint, USUAL_HUMIDITY } from './dew.js';
import { FILM_RANGE } from './film.js';
import { warmerOf, type LiesAs, type Lying, type Warmer } from './lies.js';
import { quickResponse } from './quick.js';
import type { Response } from './series.js';
import { FAT_SHOWS, type Band } from './targets.js';

/** One reading of a probe in the heart. */
export interface Reading {
  /** Minutes after leaving the cold. */
  readonly after: number;
  readonly celsius: number;
}

/** One good as it lies, on its way from the cold to the plate. Minutes count from serving. */
export interface WarmAsk {
  readonly main: Main;
  readonly thing: Thing;
  readonly lying: Omit<Lying, 'wrappedFor'>;
  /** It stays in its paper until so many minutes before it stands on the table; null: it is bare. */
  readonly unwrapBefore: number | null;
  /** null: straight from the cold. */
  readonly band: Band | null;
  readonly day: Day;
  /** When it stands on the table, and until when it is looked at. */
  readonly at: number;
  readonly until: number;
  readonly readings: readonly Reading[];
}

/** How a good warms. Minutes; degrees Celsius. */
export interface Warming {
  readonly lies: LiesAs;
  readonly standsFor: StandsFor | null;
  readonly film: number;
  readonly size: number;
  readonly estimated: boolean;
  /** Least minutes out of the cold for its heart to reach its band on the table; null: in this air it never does. */
  readonly lead: number | null;
  /** The same with a film a quarter stronger or weaker. */
  readonly range: readonly [number | null, number | null];
  /** Film that two readings of a probe tell. */
  readonly fitted: number | null;
  readonly start: number;
  readonly exact: boolean;
}

export type Warmed = { readonly warmer: Warmer; readonly response: Response };
/** How a body is solved: by the first few terms (`roughly`), or by series and sections (exactly.ts). */
export type Reckon = (ask: WarmAsk, lying: Lying) => Warmed;

/** What was reckoned of each good a moment ago: most edits leave most goods as they lie. */
const MOST_KNOWN = 40;
const known = rememberedBy((_: Main) => new Map<string, Warmed>());
const textOf = rememberedBy(
  ({ lies, grams, pieces, area, height }: Thing) => `${lies} ${grams} ${pieces} ${area} ${height}`,
);
export const roughly: Reckon = ({ main, thing }, lying) => {
  const of = known(main);
  const { film, start, room, coldBelow, wrappedFor } = lying;
  const key = `${textOf(thing)} ${film} ${start} ${room} ${coldBelow} ${wrappedFor}`;
  const before = of.get(key);
  if (before) return before;
  const warmer = warmerOf(main, thing, lying);
  const found = { warmer, response: quickResponse(warmer.body, warmer.paste) };
  if (of.size >= MOST_KNOWN) of.clear();
  of.set(key, found);
  return found;
};

/** It is bare for so long before it stands on the table; before that in its paper. */
function bareAt(ask: WarmAsk, lead: number, by: number, reckon: Reckon): Warmed {
  const wrappedFor = ask.unwrapBefore === null ? null : Math.max(0, Math.round(lead - ask.unwrapBefore));
  const lying = { ...ask.lying, wrappedFor };
  if (by === 1) return reckon(ask, lying);
  const { film } = roughly(ask, lying).warmer;
  return reckon(ask, { ...lying, film: film * by });
}

const ROUNDS = 4;

/** Least minutes out of the cold; what is in its paper for a part of them needs more, which moves that part. */
function leadOf(ask: WarmAsk, by: number, reckon: Reckon): number | null {
  if (ask.band === null) return 0;
  const { low } = ask.band;
  let lead: number | null = ask.unwrapBefore;
  for (let round = 0; round < ROUNDS; round++) {
    const { response } = bareAt(ask, lead ?? 0, by, reckon);
    const next = firstMinute(
      0,
      MOST_LEAD,
      (minutes) => warmthAt(response, ask.lying.start, ask.day, ask.at - minutes, ask.at).heart >= low - 1e-9,
    );
    if (next === null || ask.unwrapBefore === null) return next;
    if (lead !== null && Math.abs(next - lead) <= 1) return Math.max(next, lead);
    lead = next;
  }
  return lead;
}

/** With another film as much sooner or later as the quick answer says. */
function rangeOf(ask: WarmAsk, lead: number | null): Warming['range'] {
  const usual = leadOf(ask, 1, roughly);
  const by = (times: number): number | null => {
    const other = leadOf(ask, times, roughly);
    return lead === null || other === null || !usual ? other : Math.round((lead * other) / usual);
  };
  return [by(1 + FILM_RANGE), by(1 - FILM_RANGE)];
}

/** How a good warms: by series and sections, or by the first few terms at once. */
export function warm(asked: WarmAsk, reckon: Reckon = roughly): Warming {
  const { ask, fitted } = byReadings(asked);
  const exact = reckon !== roughly;
  const lead = leadOf(ask, 1, reckon);
  const { warmer } = bareAt(ask, lead ?? 0, 1, roughly);
  return {
    lies: warmer.lies,
    standsFor: warmer.body.standsFor,
    film: warmer.film,
    size: warmer.size,
    estimated: warmer.paste.estimated,
    lead,
    range: exact ? rangeOf(ask, lead) : [lead, lead],
    fitted,
    start: ask.lying.start,
    exact,
  };
}

/** What a good is like over its time out of the cold. */
export interface Course {
  readonly at: (minute: number) => Warmth;
  /** The first minute at which its heart is in its band, and at which fat shows; null: not while it is looked at. */
  readonly readyAt: () => number | null;
  readonly fatAt: () => number | null;
  /** The first minute at which its face is above the dew point of the air: until then a bare face takes dew. */
  readonly dryAt: () => number | null;
}

/** The course of a good that leaves the cold at `out`. @param by its film so many times as strong */
export function courseOf(asked: WarmAsk, out: number, reckon: Reckon = roughly, by = 1): Course {
  const { ask } = byReadings(asked);
  const { response } = bareAt(ask, ask.at - out, by, reckon);
  const at = (minute: number) => warmthAt(response, ask.lying.start, ask.day, out, minute);
  const { band } = ask;
  return {
    at,
    readyAt: () =>
      band ? firstMinute(out, ask.until, (minute) => at(minute).heart >= band.low - 1e-9) : out,
    // Nothing gets warmer than the air about it.
    dryAt: () =>
      firstMinute(
        out,
        ask.until,
        (minute) => at(minute).face >= dewPoint(airAt(ask.day, minute), USUAL_HUMIDITY),
      ),
    fatAt: () =>
      ask.day.every(({ celsius }) => celsius <= FAT_SHOWS)
        ? null
        : firstMinute(out, ask.until, (minute) => at(minute).face >= FAT_SHOWS),
  };
}

/** A film that a probe can tell, W/(m2 K). */
const FILMS = [2, 40] as const;
const STARTS = [-5, 20] as const;

/**
 * One reading tells how cold it was at the start, two or more tell its film too (least squares). Readings move the forecast
 * of this good alone, and no limit of time.
 */
function byReadings(ask: WarmAsk): { readonly ask: WarmAsk; readonly fitted: number | null } {
  const { readings } = ask;
  if (readings.length === 0) return { ask, fitted: null };
  const off = (lying: WarmAsk['lying']) => {
    const { response } = roughly(ask, { ...lying, wrappedFor: null });
    return readings.reduce((sum, { after, celsius }) => {
      const said = warmthAt(response, lying.start, ask.day, ask.at - after, ask.at).heart;
      return sum + (said - celsius) ** 2;
    }, 0);
  };
  if (readings.length === 1) {
    const start = leastOf((s) => off({ ...ask.lying, start: s }), STARTS);
    return { ask: { ...ask, lying: { ...ask.lying, start } }, fitted: null };
  }
  const film = leastOf((h) => off({ ...ask.lying, film: h }), FILMS);
  return { ask: { ...ask, lying: { ...ask.lying, film } }, fitted: film };
}

/** Where a function of one valley is least (golden section, Kiefer 1953). */
function leastOf(f: (x: number) => number, [from, to]: readonly [number, number]): number {
  const golden = (Math.sqrt(5) - 1) / 2;
  let [low, high] = [from, to];
  for (let i = 0; i < 40; i++) {
    const [a, b] = [high - golden * (high - low), low + golden * (high - low)];
    if (f(a) < f(b)) high = b;
    else low = a;
  }
  return (low + high) / 2;
}
