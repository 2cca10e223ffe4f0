import type { Danger } from '../care/index.js';
import { onCounter } from '../brief/index.js';
import { goodsById, type Counted, type Good } from '../counter/index.js';
import { briefFingerprint } from '../brief/index.js';
import type { OrderBody } from './order.js';
import { ROW_LIST } from './rows.js';
import { reasonKey } from '../units/index.js';
import { NO_SNAPSHOT } from '../pick/index.js';

/** The moves of an order, each a new document. Goods that leave take with them what was set for them by hand; `settledOrder` then takes the snapshot. */

const goodsOf = (order: OrderBody) => order.selection.goods ?? [];

const without = <V>(record: Readonly<Record<string, V>>, ids: ReadonlySet<string>): Record<string, V> =>
  Object.fromEntries(Object.entries(record).filter(([key]) => !ids.has(key)));

/**
 * The selection with other goods: what a person set by hand for those that left goes with them, so that it does not come
 * back when they do.
 */
function withGoods(
  order: OrderBody,
  goods: readonly string[],
  more: Partial<OrderBody['selection']> = {},
): OrderBody {
  const left = new Set(goodsOf(order).filter((id) => !goods.includes(id)));
  const tidied = ROW_LIST.reduce((now, row) => row.tidy?.(now, left) ?? now, order);
  return {
    ...tidied,
    state: order.state === 'new' ? 'in work' : order.state,
    selection: { ...tidied.selection, goods: [...goods], ...more },
  };
}

/** Take a proposal of the optimiser; a walk by hand was for other goods. */
export const takeProposal = (order: OrderBody, goodIds: readonly string[]): OrderBody => ({
  ...withGoods(order, goodIds, { briefFingerprint: briefFingerprint(order.brief) }),
  walk: null,
});

/** Take a good from one lot; null: whichever goes first by the rule of the counter. */
export const takeLot = (order: OrderBody, id: string, lot: string | null): OrderBody => ({
  ...order,
  snapshot: { ...order.snapshot, goods: without(order.snapshot.goods, new Set([id])) },
  selection: {
    ...order.selection,
    lots: { ...without(order.selection.lots, new Set([id])), ...(lot === null ? {} : { [id]: lot }) },
  },
});

export function toggleLock(order: OrderBody, id: string): OrderBody {
  const { locked } = order.selection;
  return withGoods(order, goodsOf(order), {
    locked: locked.includes(id) ? locked.filter((l) => l !== id) : [...locked, id],
  });
}

export const leaveOut = (order: OrderBody, id: string): OrderBody =>
  withGoods(
    order,
    goodsOf(order).filter((g) => g !== id),
    { leftOut: [...order.selection.leftOut.filter((l) => l !== id), id] },
  );

export const bringBack = (order: OrderBody, id: string): OrderBody =>
  withGoods(order, goodsOf(order), { leftOut: order.selection.leftOut.filter((l) => l !== id) });

/** @param held it stays there whatever the guests' limits say: what is against one is a danger */
export const addByHand = (order: OrderBody, id: string, held = false): OrderBody =>
  withGoods(order, [...goodsOf(order).filter((g) => g !== id), id], {
    leftOut: order.selection.leftOut.filter((l) => l !== id),
    ...(held ? { locked: [...order.selection.locked.filter((l) => l !== id), id] } : {}),
  });

export const swap = (order: OrderBody, out: string, by: string): OrderBody =>
  withGoods(
    order,
    goodsOf(order).map((g) => (g === out ? by : g)),
    { leftOut: order.selection.leftOut.filter((l) => l !== by) },
  );

export const addExtra = (order: OrderBody, id: string): OrderBody => ({
  ...order,
  extras: [...order.extras.filter((e) => e !== id), id],
});

export const dropExtra = (order: OrderBody, id: string): OrderBody => ({
  ...order,
  extras: order.extras.filter((e) => e !== id),
});

/** The counter with the ages of a cheese as goods of their own where this order distinguishes them. */
export const unlikeOthers = (order: OrderBody, counter: Counted): Counted =>
  onCounter(order.brief, counter, [...goodsOf(order), ...Object.keys(order.snapshot.goods)]).counter;

/** Take the counter of today: prices, contents and verdicts as they are now; goods that left stay as they were kept. */
export function refreshed(order: OrderBody, counter: Counted): OrderBody {
  const now = goodsById(unlikeOthers(order, counter));
  const gone = Object.fromEntries(Object.entries(order.snapshot.goods).filter(([id]) => !now.has(id)));
  return { ...order, snapshot: { ...NO_SNAPSHOT, goods: gone } };
}

/** Take a companion or drink off the board; what a person set beside a good by hand goes with it. */
export const takeOff = (order: OrderBody, id: string): OrderBody => ({
  ...order,
  extras: order.extras.filter((extra) => extra !== id),
  pairs: Object.fromEntries(
    Object.entries(order.pairs).map(([good, slots]) => [
      good,
      Object.fromEntries(Object.entries(slots).filter(([, beside]) => beside !== id)),
    ]),
  ),
  takenOff: [...order.takenOff.filter((off) => off !== id), id],
});

/** It may stand on the board again. */
export const putBack = (order: OrderBody, id: string): OrderBody => ({
  ...order,
  takenOff: order.takenOff.filter((off) => off !== id),
});

/** Somebody takes a danger on, by name and day; what is only mended stays as it is. */
export const takeOn = (
  order: OrderBody,
  { rule, subject, mustMend }: Danger,
  by: string,
  on: string,
): OrderBody =>
  mustMend
    ? order
    : {
        ...order,
        takenOn: [
          ...order.takenOn.filter((one) => reasonKey(one) !== reasonKey({ rule, subject })),
          { rule, subject, by: by.trim(), on },
        ],
      };

/** Nobody takes it on any more. */
export const putDown = (
  order: OrderBody,
  { rule, subject }: Pick<Danger, 'rule' | 'subject'>,
): OrderBody => ({
  ...order,
  takenOn: order.takenOn.filter((one) => reasonKey(one) !== reasonKey({ rule, subject })),
});

/** A good that lies on the board by hand leaves it, wherever a hand put it. */
export const takeAway = (order: OrderBody, id: string): OrderBody => ({
  ...(goodsOf(order).includes(id)
    ? withGoods(
        order,
        goodsOf(order).filter((one) => one !== id),
        { locked: order.selection.locked.filter((one) => one !== id) },
      )
    : order),
  extras: order.extras.filter((one) => one !== id),
  desserts: order.desserts.filter((one) => one !== id),
  pairs: Object.fromEntries(
    Object.entries(order.pairs).map(([main, slots]) => [
      main,
      Object.fromEntries(Object.entries(slots).filter(([, beside]) => beside !== id)),
    ]),
  ),
});

/** The order takes what a label said of a good that it keeps; all else of it stays as it was kept. */
export function labelRead(order: OrderBody, id: string, allergens: Good['allergens']): OrderBody {
  const kept = order.snapshot.goods[id];
  if (!kept) return order;
  const entry = { ...kept, good: { ...kept.good, allergens } };
  return { ...order, snapshot: { ...order.snapshot, goods: { ...order.snapshot.goods, [id]: entry } } };
}
