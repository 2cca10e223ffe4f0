import { drinkSense, isDelicate, softnessOf, type DrinkSense } from '../sense/index.js';
import type { Companion, Drink, Main } from '../counter/index.js';
import type { Rules } from '../units/index.js';

/**
 * The sensory model of pairing: signed rules over the scales. Effects are in points; about 3
 * is a strong one. Weights are the house's judgement from common practice, tuned until the classics of pairs.csv held.
 */
export interface PairRule<B> {
  readonly id: PairRuleId;
  readonly effect: (main: Main, beside: B) => number;
  /** What its sentence needs; none for most. */
  readonly figures?: (main: Main, beside: B) => Rules[PairRuleId];
}
export type PairRuleId = PlainRuleId | 'shared note' | 'hides it';

declare module '../units/reason.js' {
  interface Rules extends Record<PlainRuleId, NoFigures> {
    'shared note': { notes: readonly string[] };
    'hides it': { good: string };
    'plain company': NoFigures;
  }
}

type PlainRuleId =
  | 'sweet meets salt'
  | 'sweet tames funk'
  | 'tang meets sweet'
  | 'acid cuts fat'
  | 'sharp against savoury'
  | 'crunch against cream'
  | 'juice refreshes'
  | 'salt wants sweet and sharp'
  | 'crisp against firm'
  | 'sour on bitter mould'
  | 'scent stands up to it'
  | 'heat wakes fat'
  | 'bitter skin, sweet paste'
  | 'plain bread lets it speak'
  | 'lost beside it'
  | 'salt on salt'
  | 'heat on heat'
  | 'bubbles lift fat'
  | 'tannin takes fat'
  | 'tannin on cream'
  | 'tannin on salt'
  | 'spice on cream'
  | 'heat and alcohol'
  | 'crisp on tang'
  | 'equal strength'
  | 'sweet without salt'
  | 'high alcohol';

const over = (x: number, threshold: number) => Math.max(0, x - threshold);
const sharedNotes = (a: { flavours: readonly string[] }, b: { flavours: readonly string[] }) =>
  a.flavours.filter((note) => b.flavours.includes(note));

export const COMPANION_RULES: readonly PairRule<Companion>[] = [
  {
    id: 'sweet meets salt',
    effect: (m, c) => 0.09 * c.sense.sweet * over(m.sense.salty, 3),
  },
  {
    id: 'sweet tames funk',
    effect: (m, c) => 0.06 * c.sense.sweet * over(m.sense.funk, 3),
  },
  {
    id: 'tang meets sweet',
    effect: (m, c) => 0.09 * c.sense.sweet * over(m.sense.sour, 3),
  },
  {
    id: 'acid cuts fat',
    effect: (m, c) => 0.06 * c.sense.sour * over(m.sense.fat, 4),
  },
  {
    id: 'sharp against savoury',
    effect: (m, c) => 0.08 * over(c.sense.sour + c.sense.heat, c.sense.sweet) * over(m.sense.umami, 3.5),
  },
  {
    id: 'crunch against cream',
    effect: (m, c) => 0.035 * c.crunch * over(softnessOf(m), 4),
  },
  {
    id: 'juice refreshes',
    effect: (m, c) => 0.025 * c.juice * (over(m.sense.fat, 4) + over(m.sense.salty, 4)),
  },
  {
    id: 'salt wants sweet and sharp',
    effect: (m, c) => 0.045 * Math.min(c.sense.sweet, 2 * c.sense.sour) * over(m.sense.salty, 3),
  },
  {
    id: 'crisp against firm',
    effect: (m, c) => 0.03 * c.crunch * over(6, softnessOf(m)),
  },
  {
    id: 'sour on bitter mould',
    effect: (m, c) => -0.25 * c.sense.sour * over(m.sense.bitter, 1),
  },
  {
    id: 'scent stands up to it',
    effect: (m, c) => 0.12 * c.scented * over(m.sense.funk, 4),
  },
  {
    id: 'heat wakes fat',
    effect: (m, c) => (m.sense.heat < 1 ? 0.12 * c.sense.heat * over(m.sense.fat, 4) : 0),
  },
  {
    id: 'bitter skin, sweet paste',
    effect: (m, c) => 0.06 * c.sense.bitter * over(m.sense.sweet, 2),
  },
  {
    id: 'shared note',
    effect: (m, c) => 0.9 * sharedNotes(m, c).length,
    figures: (m, c) => ({ notes: sharedNotes(m, c) }),
  },
  {
    id: 'plain bread lets it speak',
    effect: (_, c) =>
      c.role === 'bread' || c.role === 'cracker' ? 0.12 * over(6, c.scented + c.sense.intensity) : 0,
  },
  {
    id: 'hides it',
    effect: (m, c) =>
      -0.5 * over(c.sense.intensity, m.sense.intensity + 2) -
      (m.kind === 'cheese' && isDelicate(m.sense)
        ? 0.45 * over(c.sense.intensity, m.sense.intensity) + 0.35 * c.scented + 0.3 * c.sense.heat
        : 0),
    figures: (m) => ({ good: m.name }),
  },
  {
    id: 'lost beside it',
    effect: (m, c) => -0.25 * over(m.sense.intensity, c.sense.intensity + 4),
  },
  {
    id: 'salt on salt',
    effect: (m, c) => -0.12 * over(c.sense.salty, 4) * over(m.sense.salty, 5),
  },
  {
    id: 'heat on heat',
    effect: (m, c) => -0.15 * c.sense.heat * m.sense.heat,
  },
];

/** A drink with what it does in the mouth, worked out once for all rules. */
export interface DrinkFacts {
  readonly drink: Drink;
  readonly sense: DrinkSense;
}
export const drinkFacts = (drink: Drink): DrinkFacts => ({ drink, sense: drinkSense(drink) });

const drinkRule = (id: PairRuleId, effect: (m: Main, d: DrinkSense) => number): PairRule<DrinkFacts> => ({
  id,
  effect: (m, { sense }) => effect(m, sense),
});

export const DRINK_RULES: readonly PairRule<DrinkFacts>[] = [
  drinkRule('acid cuts fat', (m, d) => 0.06 * d.acid * over(m.sense.fat, 3.5)),
  drinkRule('bubbles lift fat', (m, d) => 0.06 * d.bubbles * over(m.sense.fat, 4)),
  drinkRule('sweet meets salt', (m, d) => 0.14 * d.sweet * over(m.sense.salty, 4.5)),
  drinkRule('sweet tames funk', (m, d) => 0.06 * d.sweet * over(m.sense.funk, 4)),
  drinkRule('tannin takes fat', (m, d) => (softnessOf(m) < 5 ? 0.06 * d.tannin * over(m.sense.fat, 3) : 0)),
  drinkRule('tannin on cream', (m, d) => -0.09 * d.tannin * over(softnessOf(m), 5)),
  drinkRule('tannin on salt', (m, d) => -0.05 * d.tannin * over(m.sense.salty, 6)),
  drinkRule('spice on cream', (m, d) => -0.12 * d.spice * over(softnessOf(m), 5)),
  drinkRule('heat and alcohol', (m, d) => -0.16 * m.sense.heat * d.burn),
  drinkRule('crisp on tang', (m, d) => (d.tannin < 2 ? 0.07 * over(m.sense.sour, 3) * d.acid : 0)),
  drinkRule('equal strength', (m, d) => -0.4 * over(Math.abs(d.intensity - m.sense.intensity), 1.5)),
  drinkRule('sweet without salt', (m, d) => -0.1 * d.sweet * over(5, m.sense.salty)),
  drinkRule('high alcohol', (_, d) => -0.2 * over(d.burn - d.sweet / 2, 2)),
  {
    id: 'shared note',
    effect: (m, { drink }) => 0.9 * sharedNotes(m, drink).length,
    figures: (m, { drink }) => ({ notes: sharedNotes(m, drink) }),
  },
];
