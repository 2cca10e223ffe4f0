import { scoreOf, type Drink, type Main, type OrderBody, type Weights } from '@rotula/core';

/** The order with these bottles and no others: beside each good the one that suits it best. */
export function setBottles(
  order: OrderBody,
  mains: readonly Main[],
  drinks: readonly Drink[],
  weights: Weights,
): OrderBody {
  const pairs = { ...order.pairs };
  for (const main of mains) {
    const [best] = [...drinks].sort((a, b) => scoreOf(main, b, weights) - scoreOf(main, a, weights));
    pairs[main.id] = { ...pairs[main.id], drink: best!.id };
  }
  return { ...order, pairs };
}
