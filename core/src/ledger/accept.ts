import type { Learnt } from '../brief/index.js';
import type { Drink, Main } from '../counter/index.js';
import { matchOf, scoresBeside, type DrinkRuleId, type Weights } from '../pair/index.js';
import { canonicalText, hashOf } from '../units/index.js';
import type { Evidence } from './evidence.js';
import type { WeightFit } from './learn.js';

/** Changes when anything changes that the sessions teach by: which count, and what was noted. */
export const evidenceFingerprint = (evidence: readonly Evidence[]): string =>
  hashOf(
    canonicalText(
      evidence.map(({ session, taster, probe, sits, amounts }) => [session, taster, probe, sits, ...amounts]),
    ),
  );

/** Smaller than this a weight has not moved. */
const NOT_MOVED = 1e-9;

/** What a house takes over from its sessions, as it keeps it. */
export const learntOf = (fit: WeightFit, evidence: readonly Evidence[], on: string): Learnt => ({
  on,
  fingerprint: evidenceFingerprint(evidence),
  sessions: [...new Set(evidence.map(({ session }) => session))],
  notes: fit.notes,
  weights: Object.fromEntries(
    fit.changes
      .filter(({ from, to }) => Math.abs(to - from) > NOT_MOVED)
      .map(({ rule, to }) => [rule, Math.round(to * 1e6) / 1e6]),
  ),
});

/** A pair that another ranking sees otherwise. */
export interface PairMove {
  readonly main: Main;
  readonly drink: Drink;
  /** Places among the drinks, from 1. */
  readonly from: number;
  readonly to: number;
  /** Points that it gained or lost, and the rule that did most of it. */
  readonly points: number;
  readonly because: DrinkRuleId | null;
}

/** Of a counter of thousands this many goods and drinks, evenly spread, stand for all. */
const AMONG = 80;
const evenly = <T>(all: readonly T[]): readonly T[] =>
  all.length <= AMONG
    ? all
    : Array.from({ length: AMONG }, (_, i) => all[Math.floor((i * all.length) / AMONG)]!);

/** Place of each of a list of scores, the best first; ties by place in the list. */
function placesOf(scores: Float64Array): number[] {
  const places: number[] = [];
  [...scores.keys()]
    .sort((a, b) => scores[b]! - scores[a]! || a - b)
    .forEach((c, place) => (places[c] = place + 1));
  return places;
}

/** What did most of the difference. */
function becauseOf(main: Main, drink: Drink, before: Weights, after: Weights): DrinkRuleId | null {
  const was = new Map(matchOf(main, drink, before).reasons.map(({ rule, effect }) => [rule, effect]));
  let rule: DrinkRuleId | null = null;
  let most = 0;
  for (const { rule: name, effect } of matchOf(main, drink, after).reasons) {
    const moved = Math.abs(effect - (was.get(name) ?? 0));
    if (moved > most) [rule, most] = [name as DrinkRuleId, moved];
  }
  return rule;
}

/** The pairs that rose and fell most in rank between two sets of weights, the furthest first, each drink once a list. */
export function movesBetween(
  before: Weights,
  after: Weights,
  mains: readonly Main[],
  drinks: readonly Drink[],
  many = 4,
): { readonly rose: readonly PairMove[]; readonly fell: readonly PairMove[] } {
  const some = evenly(drinks);
  const moves = evenly(mains).flatMap((main) => {
    const [was, is] = [scoresBeside(main, some, before), scoresBeside(main, some, after)];
    const [from, to] = [placesOf(was), placesOf(is)];
    return some.map((drink, c) => ({ main, drink, from: from[c]!, to: to[c]!, points: is[c]! - was[c]! }));
  });
  const first = (list: typeof moves, sign: 1 | -1): PairMove[] => {
    const seen = new Set<string>();
    return list
      .filter(({ from, to }) => sign * (from - to) > 0)
      .sort(
        (a, b) =>
          sign * (b.from - b.to - (a.from - a.to)) ||
          sign * (b.points - a.points) ||
          (a.main.id + a.drink.id < b.main.id + b.drink.id ? -1 : 1),
      )
      .filter(({ drink }) => !seen.has(drink.id) && seen.add(drink.id))
      .slice(0, many)
      .map((move) => ({ ...move, because: becauseOf(move.main, move.drink, before, after) }));
  };
  return { rose: first(moves, 1), fell: first(moves, -1) };
}
