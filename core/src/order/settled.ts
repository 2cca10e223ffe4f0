import { keptHouse as houseToKeep, type House } from '../brief/index.js';
import { goodsById, type Counted } from '../counter/index.js';
import { unlikeOthers } from './moves.js';
import type { OrderBody } from './order.js';
import { plan } from './plan.js';
import { snapshotOf } from '../pick/index.js';
import type { SnapshotEntry } from '../pick/index.js';
import { chosenIn } from './uses.js';

/** Everything that a plan uses. */
const usedIn = (order: OrderBody, counter: Counted, house: House): string[] => {
  const { onTable } = plan(order, counter, house);
  return [...new Set([...chosenIn(order), ...onTable.map(({ id }) => id)])];
};

/**
 * The document with its snapshot in order: what is used and not yet kept is kept as the counter has it now, what is no
 * longer used goes, and an order that is finished keeps everything on its table, and its house. The same document when
 * nothing is to be done.
 */
export function settledOrder(order: OrderBody, counter: Counted, house: House): OrderBody {
  const finished = order.state === 'finished';
  const { goods: kept, house: keptHouse } = order.snapshot;
  if (finished && keptHouse) {
    const added = chosenIn(order).filter((id) => !kept[id]);
    if (added.length === 0) return order;
  }
  const used = finished ? usedIn(order, counter, house) : chosenIn(order);
  const now = goodsById(unlikeOthers(order, counter));
  const goods: Record<string, SnapshotEntry> = {};
  for (const id of used) {
    const lot = order.selection.lots[id] ?? null;
    const entry = kept[id] ?? (now.has(id) ? snapshotOf(now.get(id)!, lot, order.brief.servingAt) : null);
    if (entry) goods[id] = entry;
  }
  const same =
    Object.keys(goods).length === Object.keys(kept).length && Object.keys(goods).every((id) => kept[id]);
  const nextHouse = finished ? (keptHouse ?? houseToKeep(house)) : null;
  if (same && (nextHouse === null) === (keptHouse === null)) return order;
  return { ...order, snapshot: { ...order.snapshot, goods, house: nextHouse } };
}
