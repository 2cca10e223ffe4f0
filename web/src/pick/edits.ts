import { briefFingerprint, type OrderBody } from '@rotula/core';

/** The moves of the Pick stage, each a new document. */

const withGoods = (
  order: OrderBody,
  goods: string[],
  more: Partial<OrderBody['selection']> = {},
): OrderBody => ({
  ...order,
  state: order.state === 'new' ? 'in work' : order.state,
  selection: { ...order.selection, goods, ...more },
});

/** Overrides of goods that left the selection go with them. */
const without = <V>(record: Readonly<Record<string, V>>, id: string): Record<string, V> =>
  Object.fromEntries(Object.entries(record).filter(([key]) => key !== id));

function drop(order: OrderBody, id: string): OrderBody {
  return {
    ...order,
    portions: without(order.portions, id),
    cuts: without(order.cuts, id),
    pairs: without(order.pairs, id),
    walk: order.walk?.filter((w) => w !== id) ?? null,
    selection: { ...order.selection, lots: without(order.selection.lots, id) },
  };
}

/** Take a good from one lot; null: whichever goes first by the rule of the counter. */
export const takeLot = (order: OrderBody, id: string, lot: string | null): OrderBody => ({
  ...order,
  selection: {
    ...order.selection,
    lots: lot === null ? without(order.selection.lots, id) : { ...order.selection.lots, [id]: lot },
  },
});

const goodsOf = (order: OrderBody) => order.selection.goods ?? [];

export const takeProposal = (order: OrderBody, goodIds: readonly string[]): OrderBody =>
  withGoods({ ...order, walk: null }, [...goodIds], { briefFingerprint: briefFingerprint(order.brief) });

export const toggleLock = (order: OrderBody, id: string): OrderBody => {
  const { locked } = order.selection;
  return withGoods(order, goodsOf(order), {
    locked: locked.includes(id) ? locked.filter((l) => l !== id) : [...locked, id],
  });
};

export const leaveOut = (order: OrderBody, id: string): OrderBody =>
  withGoods(
    drop(order, id),
    goodsOf(order).filter((g) => g !== id),
    {
      locked: order.selection.locked.filter((l) => l !== id),
      leftOut: [...order.selection.leftOut.filter((l) => l !== id), id],
    },
  );

export const bringBack = (order: OrderBody, id: string): OrderBody =>
  withGoods(order, goodsOf(order), { leftOut: order.selection.leftOut.filter((l) => l !== id) });

export const addByHand = (order: OrderBody, id: string): OrderBody =>
  withGoods(order, [...goodsOf(order).filter((g) => g !== id), id], {
    leftOut: order.selection.leftOut.filter((l) => l !== id),
  });

export const swap = (order: OrderBody, out: string, by: string): OrderBody =>
  withGoods(
    drop(order, out),
    goodsOf(order).map((g) => (g === out ? by : g)),
    {
      locked: order.selection.locked.filter((l) => l !== out),
      leftOut: order.selection.leftOut.filter((l) => l !== by),
    },
  );
