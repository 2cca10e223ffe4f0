import type { StandsFor } from './body.js';
import type { Main } from '../../counter/index.js';
import type { Thing } from '../../lay/index.js';
import { memoisedBy } from '../../units/index.js';
import { airAt, firstMinute, MOST_LEAD, warmthAt, type Day, type Warmth } from './curve.js';
import { dewPoint, USUAL_HUMIDITY } from './dew.js';
import { FILM_RANGE } from './film.js';
import { warmerOf, type LiesAs, type Lying, type Warmer } from './lies.js';
import { quickResponse } from './quick.js';
import type { Response } from './series.js';
import { FAT_SHOWS, type ServingRange } from './targets.js';

/** One reading of a probe in the heart. */
export interface Reading {
  /** Minutes after leaving the cold. */
  readonly after: number;
  readonly celsius: number;
}

/** One good as it lies, on its way from the cold to the plate. Minutes count from serving. */
export interface WarmingRequest {
  readonly main: Main;
  readonly thing: Thing;
  readonly lying: Omit<Lying, 'wrappedFor'>;
  /** It stays in its paper until this many minutes before it stands on the table; null: it is bare. */
  readonly unwrapBefore: number | null;
  /** null: straight from the cold. */
  readonly band: ServingRange | null;
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
  /** Film fitted to two readings of a probe. */
  readonly fitted: number | null;
  readonly start: number;
  readonly exact: boolean;
}

export type Warmed = { readonly warmer: Warmer; readonly response: Response };
/** How a body is solved: by the first few terms (`roughly`), or by series and sections (exactly.ts). */
export type SolveWarming = (request: WarmingRequest, lying: Lying) => Warmed;

/** What was reckoned of each good a moment ago: most edits leave most goods as they lie. */
const MOST_KNOWN = 40;
const known = memoisedBy((_: Main) => new Map<string, Warmed>());
const textOf = memoisedBy(
  ({ lies, grams, pieces, area, height }: Thing) => `${lies} ${grams} ${pieces} ${area} ${height}`,
);
export const roughly: SolveWarming = ({ main, thing }, lying) => {
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

/** It is bare for `lead` minutes before it stands on the table; before that in its paper. */
function bareAt(request: WarmingRequest, lead: number, by: number, reckon: SolveWarming): Warmed {
  const wrappedFor =
    request.unwrapBefore === null ? null : Math.max(0, Math.round(lead - request.unwrapBefore));
  const lying = { ...request.lying, wrappedFor };
  if (by === 1) return reckon(request, lying);
  const { film } = roughly(request, lying).warmer;
  return reckon(request, { ...lying, film: film * by });
}

const ROUNDS = 4;

/** Least minutes out of the cold; what is in its paper for a part of them needs more, which moves that part. */
function leadOf(request: WarmingRequest, by: number, reckon: SolveWarming): number | null {
  if (request.band === null) return 0;
  const { low } = request.band;
  let lead: number | null = request.unwrapBefore;
  for (let round = 0; round < ROUNDS; round++) {
    const { response } = bareAt(request, lead ?? 0, by, reckon);
    const next = firstMinute(
      0,
      MOST_LEAD,
      (minutes) =>
        warmthAt(response, request.lying.start, request.day, request.at - minutes, request.at).heart >=
        low - 1e-9,
    );
    if (next === null || request.unwrapBefore === null) return next;
    if (lead !== null && Math.abs(next - lead) <= 1) return Math.max(next, lead);
    lead = next;
  }
  return lead;
}

/** With another film as much sooner or later as the quick answer says. */
function rangeOf(request: WarmingRequest, lead: number | null): Warming['range'] {
  const usual = leadOf(request, 1, roughly);
  const by = (times: number): number | null => {
    const other = leadOf(request, times, roughly);
    return lead === null || other === null || !usual ? other : Math.round((lead * other) / usual);
  };
  return [by(1 + FILM_RANGE), by(1 - FILM_RANGE)];
}

/** How a good warms: by series and sections, or by the first few terms at once. */
export function warm(given: WarmingRequest, reckon: SolveWarming = roughly): Warming {
  const { ask: request, fitted } = byReadings(given);
  const exact = reckon !== roughly;
  const lead = leadOf(request, 1, reckon);
  const { warmer } = bareAt(request, lead ?? 0, 1, roughly);
  return {
    lies: warmer.lies,
    standsFor: warmer.body.standsFor,
    film: warmer.film,
    size: warmer.size,
    estimated: warmer.paste.estimated,
    lead,
    range: exact ? rangeOf(request, lead) : [lead, lead],
    fitted,
    start: request.lying.start,
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

/** The course of a good that leaves the cold at `out`. @param by the factor of its film */
export function courseOf(given: WarmingRequest, out: number, reckon: SolveWarming = roughly, by = 1): Course {
  const { ask } = byReadings(given);
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

/** Films that a probe can show, W/(m2 K). */
const FILMS = [2, 40] as const;
const STARTS = [-5, 20] as const;

/**
 * One reading gives its temperature at the start, two or more its film too (least squares). Readings move the forecast
 * of this good alone, and no limit of time.
 */
function byReadings(request: WarmingRequest): {
  readonly ask: WarmingRequest;
  readonly fitted: number | null;
} {
  const { readings } = request;
  if (readings.length === 0) return { ask: request, fitted: null };
  const off = (lying: WarmingRequest['lying']) => {
    const { response } = roughly(request, { ...lying, wrappedFor: null });
    return readings.reduce((sum, { after, celsius }) => {
      const said = warmthAt(response, lying.start, request.day, request.at - after, request.at).heart;
      return sum + (said - celsius) ** 2;
    }, 0);
  };
  if (readings.length === 1) {
    const start = leastOf((s) => off({ ...request.lying, start: s }), STARTS);
    return { ask: { ...request, lying: { ...request.lying, start } }, fitted: null };
  }
  const film = leastOf((h) => off({ ...request.lying, film: h }), FILMS);
  return { ask: { ...request, lying: { ...request.lying, film } }, fitted: film };
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
