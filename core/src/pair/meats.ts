import type { Cheese, Meat } from '../counter/index.js';
import { isDelicate } from '../sense/index.js';

/** How a meat and a cheese sit on one board: signed rules over the sensory scales. Common practice, no source. */
const RULES: readonly ((meat: Meat, cheese: Cheese) => number)[] = [
  // Neither hides the other: a point and a half apart is company, more is a contest.
  (m, c) => -0.5 * Math.max(0, Math.abs(m.sense.intensity - c.sense.intensity) - 1.5),
  // Salt meat wants the sweet and the milky; salt on salt does not.
  (m, c) => 0.06 * Math.max(0, m.sense.salty - 3) * c.sense.sweet,
  (m, c) => -0.15 * Math.max(0, m.sense.salty - 5) * Math.max(0, c.sense.salty - 5),
  // Lean dry meat takes fat paste, fat meat a tangy one.
  (m, c) => 0.04 * Math.max(0, 6 - m.sense.fat) * Math.max(0, c.sense.fat - 4),
  (m, c) => 0.06 * Math.max(0, m.sense.fat - 4) * Math.max(0, c.sense.sour - 2),
  // Heat and smoke flatten what is delicate.
  (m, c) => (isDelicate(c.sense) ? -0.3 * m.sense.heat - 0.2 * m.sense.smoke : 0),
  (m, c) => 0.6 * m.flavours.filter((note) => c.flavours.includes(note)).length,
];

/** Points for a meat beside a cheese; from 0 on it suits. */
export const besideCheese = (meat: Meat, cheese: Cheese): number =>
  RULES.reduce((sum, rule) => sum + rule(meat, cheese), 0);

/** The cheese of a board that suits a meat best; null when none suits. */
export function cheeseFor(meat: Meat, cheeses: readonly Cheese[]): Cheese | null {
  const scored = cheeses.map((cheese) => ({ cheese, points: besideCheese(meat, cheese) }));
  scored.sort((a, b) => b.points - a.points || (a.cheese.id < b.cheese.id ? -1 : 1));
  const [best] = scored;
  return best && best.points >= 0 ? best.cheese : null;
}
