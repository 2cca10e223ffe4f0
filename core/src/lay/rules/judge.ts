import { millimetres, reason, type Reason } from '../../units/index.js';
import { gapOf } from '../geometry.js';
import type { Found } from './boardRule.js';
import { BOARD_RULES, type Third } from './boardRules.js';
import { rulesBetween, type PairRule } from './pairRules.js';
import { insideBy, over, type Ground, type Placed } from './placed.js';
import { PLACE_RULES } from './placeRules.js';

/** What a rule that is hard weighs against those that are not. */
const HARD = 8;

/** Gap from which none of these rules costs anything. mm */
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

/** A violation is stated from this cost. */
const WORTH_SAYING = 0.15;

export interface Violation {
  readonly reason: Reason;
  readonly hard: boolean;
}

const boardReason = (rule: (typeof BOARD_RULES)[number]['rule'], found: Found): Reason => {
  const say = { subject: found.subject, effect: -found.cost };
  switch (rule) {
    case 'nothing-tall-in-a-third':
      return reason(rule, { third: found.name as Third }, { ...say, subject: found.name });
    case 'heavy-on-one-side':
      return reason(rule, { hour: Math.round(found.gap / 30) % 12 || 12 }, say);
    default:
      return reason(rule, { good: found.name, gap: millimetres(Math.round(found.gap)) }, say);
  }
};

/** What the rules say of a thing where it lies. */
const placeViolations = (a: Placed, ground: Ground): Violation[] =>
  PLACE_RULES.flatMap(({ rule, hard, cost }): Violation[] => {
    const c = cost(a, ground);
    if (c < WORTH_SAYING) return [];
    const gap = millimetres(Math.round(insideBy(a, ground)));
    return [{ hard, reason: reason(rule, { good: a.thing.name, gap }, { subject: a.thing.id, effect: -c }) }];
  });

/** What the rules say of two things. */
function pairViolations(a: Placed, b: Placed, rules: readonly PairRule[]): Violation[] {
  const gap = gapOf(a.discs, b.discs);
  return rules.flatMap(({ rule, hard, cost }): Violation[] => {
    const c = cost(a, b, gap);
    if (c < WORTH_SAYING) return [];
    const figures = { one: a.thing.name, other: b.thing.name, gap: millimetres(Math.round(over(gap))) };
    return [{ hard, reason: reason(rule, figures, { subject: `${a.thing.id} ${b.thing.id}`, effect: -c }) }];
  });
}

const worst = (violations: Violation[]): Violation[] =>
  violations.sort((a, b) => Number(b.hard) - Number(a.hard) || a.reason.effect - b.reason.effect);

/** Every rule that costs something on a board, the hard and the dearest first. */
export function violationsOf(placed: readonly Placed[], ground: Ground): Violation[] {
  const violations = placed.flatMap((a, i) => [
    ...placeViolations(a, ground),
    ...placed.slice(i + 1).flatMap((b) => pairViolations(a, b, rulesBetween(a.thing, b.thing, ground))),
  ]);
  for (const { rule, hard, watch } of BOARD_RULES)
    for (const found of watch(placed, ground)())
      if (found.cost >= WORTH_SAYING) violations.push({ hard, reason: boardReason(rule, found) });
  return worst(violations);
}

/** What everything costs one thing, and what its rules say of it, asked as often as it moves. */
export function watchOne(placed: readonly Placed[], i: number, ground: Ground) {
  const one = placed[i]!;
  const others = placed.flatMap((other, j) =>
    j === i ? [] : [{ other, rules: rulesBetween(one.thing, other.thing, ground) }],
  );
  const whole = boardCosts(placed, ground);
  return {
    cost: (): number =>
      others.reduce(
        (sum, { other, rules }) => sum + pairCost(one, other, rules),
        placeCost(one, ground) + whole(),
      ),
    violations: (): Violation[] =>
      worst([
        ...placeViolations(one, ground),
        ...others.flatMap(({ other, rules }) => pairViolations(one, other, rules)),
      ]),
  };
}
