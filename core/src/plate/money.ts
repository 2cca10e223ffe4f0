import { purchase } from '../amount/index.js';
import type { Practice } from '../brief/index.js';
import { goodsById, type Good } from '../counter/index.js';
import { grams, money, type Grams, type Money } from '../units/index.js';
import type { OwnPlate } from './plate.js';

/** What the own plates take of one good beyond what the board takes of it: bought and paid together. */
export interface PlatePurchase {
  readonly good: Good;
  readonly bought: Grams;
  readonly price: Money;
}

/**
 * Own plates are bought with the board: a good of both is cut, packed and charged once, and the plates bear what they add.
 * @param onBoard net grams that the board takes, by good id
 */
export function platePurchases(
  plates: readonly OwnPlate[],
  onBoard: ReadonlyMap<string, number>,
  practice?: Practice,
): PlatePurchase[] {
  const lines = plates.flatMap((plate) => plate.lines);
  return [...goodsById(lines.map(({ good }) => good)).values()].map((good) => {
    const onPlates = lines.filter((line) => line.good.id === good.id).reduce((sum, { net }) => sum + net, 0);
    const board = onBoard.get(good.id) ?? 0;
    const all = purchase(good, grams(board + onPlates), practice);
    const without = purchase(good, grams(board), practice);
    return {
      good,
      bought: grams(Math.max(0, all.bought - without.bought)),
      price: money(Math.max(0, all.price - without.price)),
    };
  });
}
