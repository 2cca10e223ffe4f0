import { againstOf } from '../care/index.js';
import { boardGroupsOf, companyOf, type BoardGroup, type Brief } from '../brief/index.js';
import type { Good, Main } from '../counter/index.js';
import { isDivisive, isStrong } from '../sense/index.js';

/** What a child's share does not go on. Common practice, no source. */
const isForGrownUps = (good: Good): boolean =>
  isDivisive(good) || ((good.kind === 'cheese' || good.kind === 'meat') && isStrong(good as Main));

/** Does a group eat of it? Small ones only where nothing milder is there. */
function eatenBy({ limits, young }: BoardGroup, goods: readonly Good[], brief: Brief): boolean[] {
  const company = companyOf(brief);
  const may = goods.map((good) => againstOf(good, company, limits).length === 0);
  const mild = may.map((does, i) => does && !(young && isForGrownUps(goods[i]!)));
  return mild.some(Boolean) ? mild : may;
}

/** How some goods that stand for each other are split among those who eat of them. */
export interface Split {
  /** Grams of each good. */
  readonly grams: number[];
  /** Heads that eat of each good. */
  readonly eaters: number[];
  /** Heads for whom none of the goods is any good. */
  readonly without: number;
}

/**
 * Goods that stand for each other (the cheeses, the breads), split among the guests at the board: each group's grams go on
 * what it eats, by the weights; what nobody of a group eats is not laid out for it.
 * @param perAdult grams of all of them together
 */
export function splitAmong(
  brief: Brief,
  goods: readonly Good[],
  perAdult: number,
  weightOf: (i: number) => number,
): Split {
  const grams = goods.map(() => 0);
  const eaters = goods.map(() => 0);
  let without = 0;
  for (const group of boardGroupsOf(brief)) {
    const eats = eatenBy(group, goods, brief);
    const weight = goods.reduce((sum, _, i) => sum + (eats[i] ? weightOf(i) : 0), 0);
    if (weight <= 0) {
      if (goods.length > 0) without += group.heads;
      continue;
    }
    goods.forEach((_, i) => {
      if (!eats[i]) return;
      grams[i]! += (perAdult * group.eaters * weightOf(i)) / weight;
      eaters[i]! += group.heads;
    });
  }
  return { grams, eaters, without };
}
