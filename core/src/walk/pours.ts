import type { Drink, Main } from '../counter/index.js';
import { pouredAt, scoreOf, type Weights } from '../pair/index.js';

/** One drink of the flight: what it is poured with, in the order of tasting. */
export interface Pour {
  readonly drink: Drink;
  /** Steps of the walk, from 1. */
  readonly from: number;
  readonly to: number;
  readonly points: number;
}

/** Another glass is worth this many points less than staying with the one that is poured. House's own figure. */
const CHANGE = 0.5;

/**
 * The drinks of a board in step with its walk: each step has one, and they only ever go from light and dry to strong and sweet, as the food rises. Exact, by
 * dynamic programming over steps and drinks: the most points less half a point for every change of glass. Ties go to the lighter drink.
 */
export function flightOf(order: readonly Main[], drinks: readonly Drink[], weights?: Weights): Pour[] {
  if (order.length === 0 || drinks.length === 0) return [];
  const poured = [...drinks].sort((a, b) => pouredAt(a) - pouredAt(b) || (a.id < b.id ? -1 : 1));
  const n = order.length;
  const k = poured.length;
  // best[i][d]: the most points from step i on, with drink d at step i.
  const best = Array.from({ length: n }, () => new Float64Array(k));
  const next = Array.from({ length: n }, () => new Int32Array(k));
  for (let i = n - 1; i >= 0; i--)
    for (let d = 0; d < k; d++) {
      let most = i === n - 1 ? 0 : -Infinity;
      for (let e = d; i < n - 1 && e < k; e++) {
        const points = best[i + 1]![e]! - (e === d ? 0 : CHANGE);
        if (points > most + 1e-12) {
          most = points;
          next[i]![d] = e;
        }
      }
      best[i]![d] = scoreOf(order[i]!, poured[d]!, weights) + most;
    }
  let d = 0;
  for (let e = 1; e < k; e++) if (best[0]![e]! > best[0]![d]! + 1e-12) d = e;
  const flight: { drink: Drink; from: number; to: number; points: number }[] = [];
  for (let i = 0; i < n; i++) {
    const drink = poured[d]!;
    const points = scoreOf(order[i]!, drink, weights);
    const last = flight.at(-1);
    if (last?.drink === drink) {
      last.to = i + 1;
      last.points += points;
    } else flight.push({ drink, from: i + 1, to: i + 1, points });
    d = next[i]![d]!;
  }
  return flight;
}
