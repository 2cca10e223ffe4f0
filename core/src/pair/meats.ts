import type { Cheese, Meat } from '../counter/index.js';
import { scoreOf } from './rank.js';

/** Points for a meat beside a cheese; from 0 on it suits. */
export const besideCheese = (meat: Meat, cheese: Cheese): number => scoreOf(cheese, meat);

/** The cheese of a board that suits a meat best; null when none suits. */
export function cheeseFor(meat: Meat, cheeses: readonly Cheese[]): Cheese | null {
  const scored = cheeses.map((cheese) => ({ cheese, points: besideCheese(meat, cheese) }));
  scored.sort((a, b) => b.points - a.points || (a.cheese.id < b.cheese.id ? -1 : 1));
  const [best] = scored;
  return best && best.points >= 0 ? best.cheese : null;
}
