import type { Drink, Lot } from '../counter/index.js';
import { scoreOf, type Host, type Weights } from '../pair/index.js';
import { drinkSense } from '../sense/index.js';
import { addDays } from '../units/index.js';
import { NEUTRAL, POINTS_A_NOTE } from './evidence.js';
import type { SessionBody } from './session.js';
import { MOVES, type Move, type ProbeRole } from './words.js';

/** What was found of a drink with one good, over all sessions and tasters. */
export interface ProbeResult {
  readonly role: ProbeRole;
  readonly good: Host;
  readonly notes: number;
  /** Means of what was expected and found, -2 to 2, and what the model says. */
  readonly expected: number;
  readonly sits: number;
  readonly predicted: number;
  /** Mean of what moved, -1 less to 1 more; what nobody noted is not there. */
  readonly moved: Readonly<Partial<Record<Move, number>>>;
}

export interface DrinkProfile {
  readonly drink: Drink;
  readonly sessions: number;
  readonly notes: number;
  readonly probes: readonly ProbeResult[];
  /** Suits nearly all, or only some. */
  readonly versatile: 'versatile' | 'choosy' | 'in between';
  readonly best: ProbeResult | null;
  readonly worst: ProbeResult | null;
  /** Which known drink it came to resemble, and by what; null: none is known. */
  readonly like: { readonly drink: Drink; readonly by: 'notes' | 'scales' } | null;
  /** From when to when to drink it, and when to taste it again; days, or null where it is unknown or past. */
  readonly from: string | null;
  readonly until: string | null;
  readonly again: string | null;
}

const mean = (all: readonly number[]): number => all.reduce((sum, x) => sum + x, 0) / all.length;

function resultsOf(
  drink: string,
  sessions: readonly SessionBody[],
  weights: Weights | undefined,
): ProbeResult[] {
  const rows = new Map<
    string,
    { role: ProbeRole; good: Host; notes: SessionBody['notes'][number][]; drink: Drink }
  >();
  for (const session of sessions.filter((one) => one.drink === drink)) {
    const goods = new Map(session.goods.map((good) => [good.id, good]));
    const own = goods.get(drink);
    for (const { role, goodId } of session.probes) {
      const good = goods.get(goodId);
      if (!good || good.kind === 'drink' || own?.kind !== 'drink') continue;
      const row = rows.get(goodId) ?? { role, good, notes: [] as SessionBody['notes'][number][], drink: own };
      row.notes.push(...session.notes.filter(({ probe, sits }) => probe === goodId && sits !== null));
      rows.set(goodId, row);
    }
  }
  return [...rows.values()]
    .filter(({ notes }) => notes.length > 0)
    .map(({ role, good, notes, drink: own }) => ({
      role,
      good,
      notes: notes.length,
      expected: mean(notes.map(({ expected }) => expected)),
      sits: mean(notes.map(({ sits }) => sits!)),
      predicted: Math.max(-2, Math.min(2, (scoreOf(good, own, weights) - NEUTRAL) / POINTS_A_NOTE)),
      moved: Object.fromEntries(
        MOVES.flatMap((move) => {
          const notedMoves = notes.flatMap(({ moved }) => moved[move] ?? []);
          return notedMoves.length > 0 ? [[move, mean(notedMoves)]] : [];
        }),
      ),
    }));
}

/** A drink suits nearly all where nothing sits worse than this; it is choosy where this share is a clash. House's own figures. */
const NO_CLASH = -0.5;
const CHOOSY = 0.34;

function versatileOf(probes: readonly ProbeResult[]): DrinkProfile['versatile'] {
  const clashes = probes.filter(({ sits }) => sits < NO_CLASH).length;
  if (probes.length > 0 && clashes === 0 && mean(probes.map(({ sits }) => sits)) > 0) return 'versatile';
  return probes.length > 0 && clashes / probes.length >= CHOOSY ? 'choosy' : 'in between';
}

/** Two drinks are compared by what was found where at least this many roles were tasted with both. */
const SHARED_ROLES = 3;

function likeOf(
  drink: Drink,
  own: readonly ProbeResult[],
  others: readonly Drink[],
  sessions: readonly SessionBody[],
): DrinkProfile['like'] {
  const by = (far: (other: Drink) => number | null) =>
    others
      .flatMap((other) => {
        const distance = far(other);
        return distance === null ? [] : [{ other, distance }];
      })
      .sort((a, b) => a.distance - b.distance || (a.other.id < b.other.id ? -1 : 1))[0]?.other ?? null;
  const noted = by((other) => {
    const theirs = new Map(resultsOf(other.id, sessions, undefined).map((probe) => [probe.role, probe.sits]));
    const gaps = own.flatMap(({ role, sits }) => (theirs.has(role) ? [(sits - theirs.get(role)!) ** 2] : []));
    return gaps.length >= SHARED_ROLES ? Math.sqrt(mean(gaps)) : null;
  });
  if (noted) return { drink: noted, by: 'notes' };
  const mine = drinkSense(drink);
  const scales = by((other) => {
    const theirs = drinkSense(other);
    return Math.hypot(...(Object.keys(mine) as (keyof typeof mine)[]).map((key) => mine[key] - theirs[key]));
  });
  return scales ? { drink: scales, by: 'scales' } : null;
}

/** Days from when it came in that a drink wants to rest, and that it keeps. House's own figures (common practice, no source). */
const KEEPS: Record<Drink['type'], (drink: Drink) => readonly [rest: number, keeps: number]> = {
  sparkling: () => [0, 730],
  white: ({ body }) => [0, 365 + 90 * body],
  rosé: () => [0, 365],
  red: ({ tannin }) => [45 * tannin, 730 + 365 * tannin],
  sweet: () => [0, 3650],
  fortified: () => [0, 7300],
  beer: ({ abv }) => [0, abv >= 8 ? 1095 : 180],
  cider: () => [0, 540],
  'no-alcohol': () => [0, 365],
  tea: () => [0, 730],
};
/** At the latest it is tasted again after this many days. */
const AGAIN = 365;

const cameIn = ({ receivedOn, madeOn }: Lot): string | null => receivedOn ?? madeOn;

function windowOf(drink: Drink): { from: string | null; until: string | null } {
  const [dated] = drink.lots.filter(({ bestUntil }) => bestUntil);
  if (dated) return { from: dated.bestFrom, until: dated.bestUntil };
  const [came] = drink.lots.flatMap((lot) => cameIn(lot) ?? []).sort();
  if (!came) return { from: null, until: null };
  const [rest, keeps] = KEEPS[drink.type](drink);
  return { from: addDays(came, Math.round(rest)), until: addDays(came, Math.round(keeps)) };
}

/** Halfway from the last tasting to the end, within a year; not before it is ready, and not after it is past. */
function againOn(
  from: string | null,
  until: string | null,
  last: string | null,
  today: string,
): string | null {
  if (until !== null && today > until) return null;
  if (from !== null && today < from) return from;
  const since = last ?? today;
  const left = until === null ? 2 * AGAIN : Math.round((Date.parse(until) - Date.parse(since)) / 86_400_000);
  const next = addDays(since, Math.min(AGAIN, Math.max(1, Math.round(left / 2))));
  return next < today ? today : next;
}

/**
 * What the shop has found out about a drink: with what it sits and with what not, which drink it is like, and when to drink and taste it again.
 * @param counter all drinks that are known
 * @param today the day, yyyy-mm-dd
 */
export function profileOf(
  drink: Drink,
  sessions: readonly SessionBody[],
  counter: readonly Drink[],
  today: string,
  weights?: Weights,
): DrinkProfile {
  const own = sessions.filter((session) => session.drink === drink.id);
  const probes = resultsOf(drink.id, own, weights).sort(
    (a, b) => b.sits - a.sits || (a.good.id < b.good.id ? -1 : 1),
  );
  const others = counter.filter((other) => other.id !== drink.id);
  const last =
    own
      .map(({ startedAt }) => startedAt.slice(0, 10))
      .sort()
      .at(-1) ?? null;
  const { from, until } = windowOf(drink);
  return {
    drink,
    sessions: own.length,
    notes: probes.reduce((sum, { notes }) => sum + notes, 0),
    probes,
    versatile: versatileOf(probes),
    best: probes[0] ?? null,
    worst: probes.at(-1) ?? null,
    like: likeOf(drink, probes, others, sessions),
    from,
    until,
    again: againOn(from, until, last, today),
  };
}
