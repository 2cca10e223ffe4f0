import { drinkSense, isDelicate, softnessOf, type DrinkSense } from '../sense/index.js';
import type { Companion, Drink, Main } from '../counter/index.js';

/**
 * The sensory model of pairing: signed rules over the scales, each with one sentence. Effects are in points; about 3
 * is a strong one. Weights are the house's judgement from common practice, tuned until the classics of pairs.csv held.
 */
export interface PairRule<B> {
  readonly id: string;
  readonly effect: (main: Main, beside: B) => number;
  readonly says: (main: Main, beside: B) => string;
}

const over = (x: number, threshold: number) => Math.max(0, x - threshold);
const sharedNotes = (a: { flavours: readonly string[] }, b: { flavours: readonly string[] }) =>
  a.flavours.filter((note) => b.flavours.includes(note));

export const COMPANION_RULES: readonly PairRule<Companion>[] = [
  {
    id: 'sweet meets salt',
    effect: (m, c) => 0.09 * c.sense.sweet * over(m.sense.salty, 3),
    says: () => 'sweet meets salt',
  },
  {
    id: 'sweet tames funk',
    effect: (m, c) => 0.06 * c.sense.sweet * over(m.sense.funk, 3),
    says: () => 'its sweetness tames the rind',
  },
  {
    id: 'tang meets sweet',
    effect: (m, c) => 0.09 * c.sense.sweet * over(m.sense.sour, 3),
    says: () => 'tang meets sweet',
  },
  {
    id: 'acid cuts fat',
    effect: (m, c) => 0.06 * c.sense.sour * over(m.sense.fat, 4),
    says: () => 'its acid cuts the fat',
  },
  {
    id: 'sharp against savoury',
    effect: (m, c) => 0.08 * over(c.sense.sour + c.sense.heat, c.sense.sweet) * over(m.sense.umami, 3.5),
    says: () => 'sharp against savoury',
  },
  {
    id: 'crunch against cream',
    effect: (m, c) => 0.035 * c.crunch * over(softnessOf(m), 4),
    says: () => 'crunch against cream',
  },
  {
    id: 'juice refreshes',
    effect: (m, c) => 0.025 * c.juice * (over(m.sense.fat, 4) + over(m.sense.salty, 4)),
    says: () => 'its juice clears the palate',
  },
  {
    id: 'salt wants sweet and sharp',
    effect: (m, c) => 0.045 * Math.min(c.sense.sweet, 2 * c.sense.sour) * over(m.sense.salty, 3),
    says: () => 'salt wants both sweet and sharp',
  },
  {
    id: 'crisp against firm',
    effect: (m, c) => 0.03 * c.crunch * over(6, softnessOf(m)),
    says: () => 'crisp beside firm paste',
  },
  {
    id: 'sour on bitter mould',
    effect: (m, c) => -0.25 * c.sense.sour * over(m.sense.bitter, 1),
    says: () => 'sourness makes the mould bitter',
  },
  {
    id: 'scent stands up to it',
    effect: (m, c) => 0.12 * c.scented * over(m.sense.funk, 4),
    says: () => 'its scent stands up to the strength',
  },
  {
    id: 'heat wakes fat',
    effect: (m, c) => (m.sense.heat < 1 ? 0.12 * c.sense.heat * over(m.sense.fat, 4) : 0),
    says: () => 'a little heat wakes soft fat',
  },
  {
    id: 'bitter skin, sweet paste',
    effect: (m, c) => 0.06 * c.sense.bitter * over(m.sense.sweet, 2),
    says: () => 'a bitter skin sets off sweet paste',
  },
  {
    id: 'shared note',
    effect: (m, c) => 0.9 * sharedNotes(m, c).length,
    says: (m, c) => `both are ${sharedNotes(m, c).join(' and ')}`,
  },
  {
    id: 'plain bread lets it speak',
    effect: (_, c) =>
      c.role === 'bread' || c.role === 'cracker' ? 0.12 * over(6, c.scented + c.sense.intensity) : 0,
    says: () => 'plain, so the cheese speaks',
  },
  {
    id: 'hides it',
    effect: (m, c) =>
      -0.5 * over(c.sense.intensity, m.sense.intensity + 2) -
      (m.kind === 'cheese' && isDelicate(m.sense)
        ? 0.45 * over(c.sense.intensity, m.sense.intensity) + 0.35 * c.scented + 0.3 * c.sense.heat
        : 0),
    says: (m) => `too loud beside ${m.name}`,
  },
  {
    id: 'lost beside it',
    effect: (m, c) => -0.25 * over(m.sense.intensity, c.sense.intensity + 4),
    says: () => 'lost beside something so strong',
  },
  {
    id: 'salt on salt',
    effect: (m, c) => -0.12 * over(c.sense.salty, 4) * over(m.sense.salty, 5),
    says: () => 'salt on salt',
  },
  {
    id: 'heat on heat',
    effect: (m, c) => -0.15 * c.sense.heat * m.sense.heat,
    says: () => 'heat on heat',
  },
];

/** A drink with what it does in the mouth, worked out once for all rules. */
export interface DrinkFacts {
  readonly drink: Drink;
  readonly sense: DrinkSense;
}
export const drinkFacts = (drink: Drink): DrinkFacts => ({ drink, sense: drinkSense(drink) });

const drinkRule = (
  id: string,
  effect: (m: Main, d: DrinkSense) => number,
  says: string,
): PairRule<DrinkFacts> => ({ id, effect: (m, { sense }) => effect(m, sense), says: () => says });

export const DRINK_RULES: readonly PairRule<DrinkFacts>[] = [
  drinkRule('acid cuts fat', (m, d) => 0.06 * d.acid * over(m.sense.fat, 3.5), 'its acid cuts the fat'),
  drinkRule('bubbles lift fat', (m, d) => 0.06 * d.bubbles * over(m.sense.fat, 4), 'bubbles lift the fat'),
  drinkRule('sweet meets salt', (m, d) => 0.14 * d.sweet * over(m.sense.salty, 4.5), 'sweet meets salt'),
  drinkRule('sweet tames funk', (m, d) => 0.06 * d.sweet * over(m.sense.funk, 4), 'sweetness tames the rind'),
  drinkRule(
    'tannin takes fat',
    (m, d) => (softnessOf(m) < 5 ? 0.06 * d.tannin * over(m.sense.fat, 3) : 0),
    'tannin grips firm, fat paste and softens',
  ),
  drinkRule(
    'tannin on cream',
    (m, d) => -0.09 * d.tannin * over(softnessOf(m), 5),
    'tannin turns metallic on cream',
  ),
  drinkRule(
    'tannin on salt',
    (m, d) => -0.05 * d.tannin * over(m.sense.salty, 6),
    'salt makes the tannin bitter',
  ),
  drinkRule(
    'spice on cream',
    (m, d) => -0.12 * d.spice * over(softnessOf(m), 5),
    'its spice stands out against cream',
  ),
  drinkRule('heat and alcohol', (m, d) => -0.16 * m.sense.heat * d.burn, 'heat lifts the alcohol'),
  drinkRule(
    'crisp on tang',
    (m, d) => (d.tannin < 2 ? 0.07 * over(m.sense.sour, 3) * d.acid : 0),
    'crisp beside tangy',
  ),
  drinkRule(
    'equal strength',
    (m, d) => -0.4 * over(Math.abs(d.intensity - m.sense.intensity), 1.5),
    'not its equal in strength',
  ),
  drinkRule(
    'sweet without salt',
    (m, d) => -0.1 * d.sweet * over(5, m.sense.salty),
    'too sweet where there is little salt',
  ),
  drinkRule(
    'alcohol',
    (_, d) => -0.2 * over(d.burn - d.sweet / 2, 2),
    'high alcohol that no sweetness covers',
  ),
  {
    id: 'shared note',
    effect: (m, { drink }) => 0.9 * sharedNotes(m, drink).length,
    says: (m, { drink }) => `both are ${sharedNotes(m, drink).join(' and ')}`,
  },
];
