import { without, type Fields } from '../stage/index.js';

/**
 * Net grams of a good by hand; null: as computed again. Where the targets are frozen the person's word still stands above
 * them.
 */
export function setPortion<O extends Pick<Fields, 'portions' | 'cutting'>>(
  order: O,
  goodId: string,
  net: number | null,
): O {
  const one = new Set([goodId]);
  const { targets, madeUp } = order.cutting;
  const hand = net === null ? {} : { [goodId]: net };
  const frozen = targets[goodId] === undefined ? {} : hand;
  return {
    ...order,
    portions: { ...without(order.portions, one), ...hand },
    cutting: {
      ...order.cutting,
      targets: { ...without(targets, one), ...frozen },
      madeUp: without(madeUp, one),
    },
  };
}
