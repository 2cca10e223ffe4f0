import { millimetres, reason, type Reason } from '../../units/index.js';
import { gapOf } from '../geometry.js';
import { BOARD_RULES, type Found, type Third } from './boardRules.js';
import { rulesBetween, type PairRule } from './pairRules.js';
import { insideBy, over, type Ground, type Placed } from './placed.js';
import { PLACE_RULES } from './placeRules.js';

/** What a rule that is hard weighs against those that are not. */
const HARD = 8;

/** So far apart none of these rules says a word. mm */
export const silentFrom = (rules: readonly PairRule[]): number =>
  Math.max(0, ...rules.map((rule) => rule.silentFrom));

/** What two things cost each other, by the rules that concern them. */
export function pairCost(
  a: Placed,
  b: Placed,
  rules: readonly PairRule[],
  silent = silentFrom(rules),
): number {
  const gap = gapOf(a.discs, b.discs);
  let sum = 0;
  if (gap >= silent) return sum;
  for (const { hard, cost } of rules) {
    const c = cost(a, b, gap);
    if (c > 0) sum += hard ? HARD * c : c;
  }
  return sum;
}

/** What a thing costs where it lies. */
export function placeCost(a: Placed, ground: Ground): number {
  let sum = 0;
  for (const { hard, cost } of PLACE_RULES) {
    const c = cost(a, ground);
    if (c > 0) sum += hard ? HARD * c : c;
  }
  return sum;
}

/** What the board as a whole costs, asked as often as things move. */
export function boardCosts(placed: readonly Placed[], ground: Ground): () => number {
  const watched = BOARD_RULES.map(({ hard, watch }) => ({
    weight: hard ? HARD : 1,
    find: watch(placed, ground),
  }));
  return () => {
    let sum = 0;
    for (const { weight, find } of watched) for (const { cost } of find()) sum += weight * cost;
    return sum;
  };
}

/** All of it: what the things cost where they lie, each other, and as a whole. */
export function totalCost(placed: readonly Placed[], ground: Ground): number {
  let sum = boardCosts(placed, ground)();
  placed.forEach((a, i) => {
    sum += placeCost(a, ground);
    for (let j = i + 1; j < placed.length; j++)
      sum += pairCost(a, placed[j]!, rulesBetween(a.thing, placed[j]!.thing, ground));
  });
  return sum;
}

/** Told where it costs so much. */
const WORTH_SAYING = 0.15;

export interface Told {
  readonly reason: Reason;
  readonly hard: boolean;
}

const boardReason = (rule: (typeof BOARD_RULES)[number]['rule'], found: Found): Reason => {
  const say = { subject: found.subject, effect: -found.cost };
  return rule === 'nothing tall in a third'
    ? reason(rule, { third: found.name as Third }, { ...say, subject: found.name })
    : reason(rule, { good: found.name, gap: millimetres(Math.round(found.gap)) }, say);
};

/** Every rule that costs something on a board, the hard and the dearest first. */
export function toldOf(placed: readonly Placed[], ground: Ground): Told[] {
  const told: Told[] = [];
  placed.forEach((a, i) => {
    for (const { rule, hard, cost } of PLACE_RULES) {
      const c = cost(a, ground);
      if (c < WORTH_SAYING) continue;
      const gap = millimetres(Math.round(insideBy(a, ground)));
      told.push({
        hard,
        reason: reason(rule, { good: a.thing.name, gap }, { subject: a.thing.id, effect: -c }),
      });
    }
    placed.slice(i + 1).forEach((b) => {
      const gap = gapOf(a.discs, b.discs);
      for (const { rule, hard, cost } of rulesBetween(a.thing, b.thing, ground)) {
        const c = cost(a, b, gap);
        if (c < WORTH_SAYING) continue;
        const figures = { one: a.thing.name, other: b.thing.name, gap: millimetres(Math.round(over(gap))) };
        told.push({
          hard,
          reason: reason(rule, figures, { subject: `${a.thing.id} ${b.thing.id}`, effect: -c }),
        });
      }
    });
  });
  for (const { rule, hard, watch } of BOARD_RULES)
    for (const found of watch(placed, ground)())
      if (found.cost >= WORTH_SAYING) told.push({ hard, reason: boardReason(rule, found) });
  return told.sort((a, b) => Number(b.hard) - Number(a.hard) || a.reason.effect - b.reason.effect);
}
