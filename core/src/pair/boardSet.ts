import { allergenOf, GLUTEN_CEREALS, type Main } from '../counter/index.js';
import { scoresBeside } from './rank.js';
import type { Beside, Slot } from './slots.js';

export const isGlutenFree = (beside: Beside): boolean =>
  GLUTEN_CEREALS.every((cereal) => allergenOf(beside, cereal) === 'free');

/**
 * A few companions that together serve every good best: the set that raises the sum, over the goods, of the best
 * match inside it, grown one by one. Greedy is within 63 % of the best set for such sums, and near it in practice
 * (Nemhauser, Wolsey, Fisher 1978). Bread always has a gluten-free one where the counter does (common practice).
 */
export function boardSet(
  slot: Slot,
  mains: readonly Main[],
  candidates: readonly Beside[],
  size: number,
): Beside[] {
  const scores = mains.map((main) => scoresBeside(main, candidates));
  const best = mains.map(() => -Infinity);
  const chosen: number[] = [];
  const gain = (c: number) => {
    let sum = 0;
    for (let m = 0; m < scores.length; m++) sum += Math.max(0, scores[m]![c]! - Math.max(best[m]!, -10));
    return sum;
  };
  const take = (pool: readonly number[]) => {
    let winner = -1;
    let most = -Infinity;
    for (const c of pool) {
      const g = gain(c);
      if (g > most + 1e-12) {
        most = g;
        winner = c;
      }
    }
    if (winner < 0) return;
    chosen.push(winner);
    scores.forEach((of, m) => (best[m] = Math.max(best[m]!, of[winner]!)));
  };
  const all = [...candidates.keys()];
  if (slot === 'bread') take(all.filter((c) => isGlutenFree(candidates[c]!)));
  while (chosen.length < Math.min(size, candidates.length)) take(all.filter((c) => !chosen.includes(c)));
  return chosen.map((c) => candidates[c]!);
}
