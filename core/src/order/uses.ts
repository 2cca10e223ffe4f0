import { baseId } from '../counter/index.js';
import type { OrderBody } from './order.js';

/** Which goods an order uses, from the order alone. */

/** Every good that a person chose for this order: picked, added, or set beside by hand. */
export const chosenIn = (order: OrderBody): string[] => [
  ...new Set([
    ...(order.selection.goods ?? []),
    ...order.extras,
    ...order.lay.garnish.map(({ id }) => id),
    ...Object.values(order.pairs).flatMap((slots) => Object.values(slots)),
  ]),
];

/** Does an order use a good: chosen by hand, or kept with a finished order? */
export const usesGood = (order: OrderBody, id: string): boolean =>
  [...chosenIn(order), ...Object.keys(order.snapshot.goods)].some((used) => baseId(used) === id);
