import type { Brief, Targets } from '../brief/index.js';
import type { Good, Main } from '../counter/index.js';
import { grams, shareOut, type Grams } from '../units/index.js';
import { shareOf } from './share.js';
import { splitAmong } from './split.js';

/** Net grams that a person set, by good id. */
export type PortionChoices = Readonly<Record<string, number>>;

/** Grams to be eaten of every good of a kind, and for how many heads. */
export interface GoodShare {
  readonly net: Grams;
  readonly eaters: number;
}

/** Goods that stand for each other, in whole grams; what a person set stands, and the others share what is left. */
export function sharesOf(
  brief: Brief,
  goods: readonly Good[],
  perAdult: number,
  weightOf: (good: Good) => number,
  choices: PortionChoices,
): { shares: Map<string, GoodShare>; without: number } {
  const { grams: wanted, eaters, without } = splitAmong(brief, goods, perAdult, (i) => weightOf(goods[i]!));
  const total = wanted.reduce((sum, g) => sum + g, 0);
  const set = goods.map((good) => choices[good.id]);
  const taken = set.reduce<number>((sum, g) => sum + (g ?? 0), 0);
  const weights = wanted.map((g, i) => (set[i] === undefined ? g : 0));
  const left = weights.some((g) => g > 0) ? Math.max(0, Math.round(total - taken)) : 0;
  const free = shareOut(left, weights);
  // Of what divides a table not everybody takes a piece.
  const shares = goods.map((good, i): [string, GoodShare] => [
    good.id,
    { net: grams(set[i] ?? free[i]!), eaters: eaters[i]! * Math.min(1, weightOf(good)) },
  ]);
  return { shares: new Map(shares), without };
}

/**
 * Grams to be eaten of every cheese and meat, and for how many heads, by id. Each kind's total is what the guests at the
 * board eat of it, split by shares; what the person set stands, and the rest is split over the others (never below nothing).
 */
export function mainsNet(
  mains: readonly Main[],
  brief: Brief,
  targets: Targets,
  choices: PortionChoices,
): Map<string, GoodShare> {
  const weightOf = (good: Good) => shareOf(good as Main, brief.shares).share;
  return new Map(
    (['cheese', 'meat'] as const).flatMap((kind) => {
      const { perHead } = kind === 'cheese' ? targets.cheeses : targets.meats;
      const all = mains.filter((main) => main.kind === kind);
      return [...sharesOf(brief, all, perHead, weightOf, choices).shares];
    }),
  );
}
