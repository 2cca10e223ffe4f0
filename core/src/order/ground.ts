import { onCounter, settled, type House } from '../brief/index.js';
import { goodsById, servedOn, withLots, type Good, type Counted } from '../counter/index.js';
import type { OrderBody } from './order.js';
import { heldCounter } from '../pick/index.js';
import type { Ground } from '../stage/index.js';

/** The shop as this order meets it on its day. A finished order keeps its house, and nothing new gets into it. */
export function groundOf(order: OrderBody, onShelf: Counted, ofHouse: House): Ground {
  const { selection, snapshot } = order;
  const finished = order.state === 'finished';
  const house = (finished && snapshot.house) || ofHouse;
  const ids = [...(selection.goods ?? []), ...Object.keys(snapshot.goods)];
  const { brief, counter: shelf } = onCounter(settled(order.brief, house), onShelf, ids);
  const held = heldCounter(snapshot, shelf, brief.servingAt, finished);
  const counter = servedOn(withLots(held, selection.lots), brief.servingAt);
  const stands = finished && snapshot.house ? ({ id }: Good) => snapshot.goods[id] !== undefined : null;
  return { order, house, shelf, held, counter, goods: goodsById(counter), stands };
}
