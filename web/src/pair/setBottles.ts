import { scoreOf, type Drink, type Main, type OrderBody } from '@rotula/core';

/** The order with these bottles and no others: beside each good the one that suits it best. */
export function setBottles(order: OrderBody, mains: readonly Main[], drinks: readonly Drink[]): OrderBody {
  const pairs = { ...order.pairs };
  for (const main of mains) {
    const [best] = [...drinks].sort((a, b) => scoreOf(main, b) - scoreOf(main, a));
    pairs[main.id] = { ...pairs[main.id], drink: best!.id };
  }
  return { ...order, pairs };
}
