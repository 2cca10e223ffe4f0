import { safeTimeOf, type Safety } from '../care/index.js';
import type { Main } from '../counter/index.js';
import type { Thing } from '../lay/index.js';
import { celsius, type Celsius } from '../units/index.js';
import type { Party, WaveTimes } from './party.js';
import { carriedOpen, goneBy, keyOf, safetyOn, type Standing, STRAIGHT } from './standing.js';
import {
  courseOf,
  warm,
  type Reading,
  type SolveWarming,
  type WarmingRequest,
  type Warming,
} from './warming/warm.js';
import { targetOf, type ServingRange } from './warming/targets.js';
import type { WarmingWay } from './words.js';

/** From the cold of a walk-in or the counter's case (docs/trade.md `clock/outings COLD_START`). */
const COLD_START = 4;
/** Whole pieces stay in their paper until this long before they are served: faces dry. The house's own figure. */
const UNWRAPPED_BEFORE = 20;

/** What lies on a guest's own plate: it has a clock of its own, by the strict side. */
export interface OnPlate {
  /** Number of the plate, from 0. */
  readonly plate: number;
  readonly main: Main;
  readonly thing: Thing;
}

/** One cheese or meat of one wave: out of the cold, on the table, ready, and gone. */
export interface Outing extends Standing {
  readonly good: Main;
  readonly thing: Thing;
  readonly request: WarmingRequest;
  readonly warming: Warming;
  readonly band: ServingRange | null;
  /** Minutes out of the cold that its heart needs. */
  readonly needs: number;
  /** Its heart is in its band; null: never while it stands there. */
  readonly readyAt: number | null;
  /** Fat on its surface; null: never. */
  readonly fatAt: number | null;
  readonly atTable: { readonly heart: Celsius; readonly face: Celsius };
  /** Minutes by which warming and standing together are longer than it may be out; 0: both have room. */
  readonly short: number;
  readonly says: 'right' | 'too cold' | 'too warm';
}

export interface OutingsInput {
  readonly mains: readonly Main[];
  readonly plates: readonly OnPlate[];
  /** What is served hot goes from the cold into the oven. */
  readonly hotIds: readonly string[];
  /** As it lies in each wave, by good. */
  readonly thingOf: (main: Main, wave: WaveTimes) => Thing;
  readonly party: Party;
  readonly way: WarmingWay;
  /** When the first board sets off; null: nothing travels. */
  readonly setsOff: number | null;
  readonly safety: Safety;
  readonly film: number | null;
  readonly coldBelow: boolean;
  readonly inPaper: boolean;
  /** A lower target, by good id: the least at its heart. */
  readonly targets: Readonly<Record<string, number>>;
  /** Of a probe, by good id. */
  readonly readings: Readonly<Record<string, readonly Reading[]>>;
  /** Nobody works longer before serving; null: at any time. */
  readonly mostBefore: number | null;
}

/** A band with another low end, never above its high one. */
const bandOf = (main: Main, low: number | undefined): ServingRange | null => {
  const band = targetOf(main);
  return band && low !== undefined ? { low: Math.min(low, band.high), high: band.high } : band;
};

/** What of a whole piece goes out goes out at first; of a pile each wave has its share. */
const comesIn = (thing: Thing, { number, share }: WaveTimes): boolean =>
  number === 1 || (thing.lies !== 'whole' && share > 0);

function warmingRequest(input: OutingsInput, main: Main, wave: WaveTimes, thing: Thing): WarmingRequest {
  const { party, coldBelow, inPaper, film } = input;
  return {
    main,
    thing,
    lying: { film, start: COLD_START, room: party.room, coldBelow },
    unwrapBefore: inPaper && thing.lies === 'whole' && input.way === 'one by one' ? UNWRAPPED_BEFORE : null,
    band: bandOf(main, input.targets[main.id]),
    day: party.day,
    at: wave.on,
    until: Math.max(wave.off, wave.on + 60),
    readings: input.readings[main.id] ?? [],
  };
}

/** When it leaves the cold, where this is when warming wants it to. Minutes from serving. */
function leavesAt(
  { party, way, mostBefore, setsOff }: OutingsInput,
  wave: WaveTimes,
  wanted: number,
): number {
  // Safe comes before warm: it leaves the cold no sooner than it may, and is laid before it stands there.
  const safe = Math.min(wave.on - STRAIGHT, wanted);
  // Nobody is there to take it out before the work may begin.
  const there = Math.min(wave.on - STRAIGHT, Math.max(safe, earliest(party, way), -(mostBefore ?? Infinity)));
  return wave.number === 1 && carriedOpen(party, way) ? Math.min(there, setsOff!) : there;
}

/** Every good of every wave: when it leaves the cold, and when it must be gone. */
export function outingsFor(input: OutingsInput, reckon: SolveWarming): Outing[] {
  const { mains, party, way } = input;
  const one = (main: Main, wave: WaveTimes, thing: Thing, plate: number | null) => {
    if (thing.grams <= 0) return [];
    const request = warmingRequest(input, main, wave, thing);
    return [
      {
        key: keyOf(main.id, wave, plate),
        good: main,
        wave,
        plate,
        servedCold: false,
        thing,
        request,
        warming: warm(request, reckon),
      },
    ];
  };
  const [first] = party.waves;
  const all = [
    ...party.waves.flatMap((wave) =>
      mains
        .filter(({ id }) => !input.hotIds.includes(id))
        .flatMap((main) => {
          const thing = input.thingOf(main, wave);
          return comesIn(thing, wave) ? one(main, wave, thing, null) : [];
        }),
    ),
    ...input.plates.flatMap(({ main, thing, plate }) => one(main, first!, thing, plate)),
  ];
  const limited = all.map((found) => ({
    ...found,
    ...safeTimeOf(found.good, safetyOn(found.plate, input.safety)),
  }));
  // Of a board that goes out as one the most tender good decides for all.
  const whole = way === 'whole board' ? wholeOut(limited) : null;
  return limited.map((found): Outing => {
    const { wave, most } = found;
    const needs = leadOrStandIn(found.warming);
    const wanted = whole !== null && wave.number === 1 ? whole : Math.max(wave.on - needs, wave.off - most);
    const out = leavesAt(input, wave, wanted);
    return outAt(
      {
        ...found,
        band: found.request.band,
        needs,
        off: wave.off,
        short: Math.max(0, needs + (wave.off - wave.on) - most),
      },
      out,
      reckon,
    );
  });
}

type Bare = Omit<Outing, 'out' | 'readyAt' | 'fatAt' | 'atTable' | 'offBy' | 'safeUntil' | 'early' | 'says'>;

/** What follows from the minute at which it leaves the cold. */
function outAt(one: Bare, out: number, reckon: SolveWarming): Outing {
  const { band, wave } = one;
  const course = courseOf(one.request, out, reckon);
  const warmth = course.at(wave.on);
  return {
    ...one,
    out,
    readyAt: out === wave.on - one.needs && one.warming.lead !== null ? wave.on : course.readyAt(),
    fatAt: course.fatAt(),
    atTable: { heart: celsius(warmth.heart), face: celsius(warmth.face) },
    ...goneBy({ ...one, out }),
    says: !band || within(warmth.heart, band) ? 'right' : warmth.heart < band.low ? 'too cold' : 'too warm',
  };
}

/** The same where work lays some of it sooner than it would have to leave the cold, by good. */
export const laidSooner = (
  outings: readonly Outing[],
  laidAt: ReadonlyMap<string, number>,
  reckon: SolveWarming,
): readonly Outing[] =>
  outings.map((one) => {
    const laid = one.wave.number === 1 && one.plate === null ? laidAt.get(one.good.id) : undefined;
    return laid !== undefined && laid < one.out ? outAt(one, laid, reckon) : one;
  });

/** By half a degree: no tongue notices less. */
const HALF_A_DEGREE = 0.5;
const within = (heart: number, { low, high }: ServingRange): boolean =>
  heart >= low - HALF_A_DEGREE && heart <= high + HALF_A_DEGREE;

/** An air in which it never gets there: out as long as the longest school says. */
const HOPELESS = 60;
const leadOrStandIn = ({ lead, standsFor }: Warming): number =>
  lead === null ? HOPELESS : standsFor === null && lead === 0 ? STRAIGHT : lead;

/** What is finished where it is served, or carried in the cold, leaves the cold there. */
const earliest = ({ journey }: Party, way: WarmingWay): number =>
  journey && (way === 'where it is served' || journey.chilled) ? journey.arrives : -Infinity;

/** A good of the first wave before it is known when it leaves the cold. */
type Limited = Pick<Outing, 'wave' | 'warming' | 'request' | 'most'>;

/** One time for the whole board: the one at which most goods are in their bands, the latest of several, and safe for all. */
function wholeOut(all: readonly Limited[]): number {
  const first = all.filter(({ wave }) => wave.number === 1);
  const leads = [...new Set(first.map(({ warming }) => leadOrStandIn(warming)))].sort((a, b) => a - b);
  let best = { out: -(leads[0] ?? STRAIGHT), right: -1 };
  for (const lead of leads) {
    const right = first.filter(({ request }) =>
      request.band ? within(courseOf(request, -lead).at(0).heart, request.band) : lead <= STRAIGHT,
    ).length;
    if (right > best.right) best = { out: -lead, right };
  }
  return Math.max(best.out, ...first.map(({ wave, most }) => wave.off - most));
}

/** The tightest: where warming and standing exceed what is safe by most, else what is off the table first after serving. */
export const tightOf = (outings: readonly Outing[]): Outing | null =>
  outings.reduce<Outing | null>(
    (tight, one) => (tight === null || slack(one) < slack(tight) ? one : tight),
    null,
  );
const slack = ({ most, needs, off, wave, safeUntil }: Outing): number =>
  Math.min(most - needs - (off - wave.on), safeUntil - off);

/** Cheese and meat warm; what is served cold beside them only stands. */
export const isOuting = (one: Standing): one is Outing => 'warming' in one;
