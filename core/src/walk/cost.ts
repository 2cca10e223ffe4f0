import { isStrong, softnessOf } from '../sense/index.js';
import type { Main } from '../counter/index.js';
import type { LateSchool } from '../brief/index.js';

/** Differences of cost below this are rounding. */
export const ROUNDING = 1e-9;

/** The names of two goods that follow each other. */
interface Step {
  readonly from: string;
  readonly to: string;
}

declare module '../units/reason.js' {
  interface Rules extends Record<StepRuleId, Step> {}
}

export type StepRuleId =
  | 'falls-back'
  | 'lingers'
  | 'leap'
  | 'heat-stays'
  | 'salt-before-sweet'
  | 'the-same-mouthfeel'
  | 'the-same-animal'
  | 'strong-was-before';

const over = (x: number): number => (x > 0 ? x : 0);
const animalOf = (main: Main): string =>
  main.kind === 'cheese' ? (main.milk[0]?.animal ?? '') : `meat ${main.animals[0]?.animal ?? ''}`;

/** What a point of strength that a step falls back costs. */
export const FALLS = 1.5;

/** One step from a good to the next, and what it costs the palate; each row is a rule. Common practice, no source. */
export const STEP_RULES: readonly {
  readonly rule: StepRuleId;
  readonly cost: (from: Main, to: Main) => number;
}[] = [
  { rule: 'falls-back', cost: (a, b) => FALLS * over(a.sense.intensity - b.sense.intensity) },
  { rule: 'lingers', cost: (a, b) => 0.8 * over(a.sense.persistence - b.sense.intensity) },
  { rule: 'leap', cost: (a, b) => 0.3 * over(b.sense.intensity - a.sense.intensity - 3) },
  { rule: 'heat-stays', cost: (a, b) => 0.4 * a.sense.heat * (b.kind === 'cheese' ? 1 : 0.5) },
  { rule: 'salt-before-sweet', cost: (a, b) => 0.1 * over(a.sense.salty - 6) * over(b.sense.sweet - 2) },
  {
    rule: 'the-same-mouthfeel',
    cost: (a, b) => (a.kind === b.kind && Math.abs(softnessOf(a) - softnessOf(b)) < 0.5 ? 0.2 : 0),
  },
  { rule: 'the-same-animal', cost: (a, b) => (animalOf(a) === animalOf(b) ? 0.15 : 0) },
];

/** What the strongest good so far still does to a later one, beyond the good just before: the set before counts, not only the last. */
export const MEMORY = 0.15;
/** How strong something may have been before a step without being tasted in it. */
export const bears = (from: Main, to: Main): number => Math.max(from.sense.intensity, to.sense.intensity + 1);
export const memoryCost = (strongest: number, from: Main, to: Main): number =>
  MEMORY * over(strongest - bears(from, to));

/** A walk starts mild: half a point for each point of intensity of the first good. */
export const START = 0.5;

export const stepCost = (from: Main, to: Main): number =>
  STEP_RULES.reduce((sum, row) => sum + row.cost(from, to), 0);

const isBlue = (main: Main): boolean => main.kind === 'cheese' && main.texture === 'blue';
/** From this heat on a meat hides what follows. */
const HOT_FROM = 5;

/**
 * What comes late is a rule, not a price: first everything else, then hot meats, then the blues, after which nothing but another blue follows.
 * The other school goes by strength alone. Common practice, no source.
 */
export const lateness = (main: Main, school: LateSchool): 0 | 1 | 2 => {
  if (school === 'by strength') return 0;
  if (isBlue(main)) return 2;
  return main.kind === 'meat' && main.sense.heat >= HOT_FROM ? 1 : 0;
};

/** The cost of an order, by the same terms that the best order is found by. */
export function walkCost(order: readonly Main[]): number {
  const [first] = order;
  if (!first) return 0;
  let cost = START * first.sense.intensity;
  let strongest = first.sense.intensity;
  for (let i = 1; i < order.length; i++) {
    const [from, to] = [order[i - 1]!, order[i]!];
    cost += stepCost(from, to) + memoryCost(strongest, from, to);
    strongest = Math.max(strongest, to.sense.intensity);
  }
  return cost;
}

/** Does an order keep what comes late late? */
export const keepsLate = (order: readonly Main[], school: LateSchool): boolean =>
  order.every((main, i) => i === 0 || lateness(order[i - 1]!, school) <= lateness(main, school));

/** Strong follows strong: relief belongs between. */
export const needsRelief = (from: Main, to: Main): boolean => isStrong(from) && isStrong(to);
