import { DEFAULT_HOUSE, type House } from '../brief/index.js';
import type { Timing } from '../clock/index.js';
import type { OrderBody } from '../order/order.js';
import { plan } from '../order/plan.js';
import { aBrief } from './briefs.js';
import { demoCounter } from './goods.js';
import { anOrder } from './orders.js';

/** An order whose day the tests ask about, in a house with two pairs of hands. */

export const counter = demoCounter();
// A bloomy wheel that stays whole, a blue, an ash pyramid, a hard cheese and a dry ham.
export const GOODS = ['halyard', 'slate-quay', 'kestrel-ash', 'tarpot', 'bosun-ham'];
export type Clock = Partial<OrderBody['clock']>;
export const order = (clock: Clock = {}, brief: object = {}, more: object = {}) => {
  const plain = anOrder({
    brief: aBrief({ guests: { adults: 12 }, hours: 2, ...brief }),
    selection: { goods: GOODS },
    ...more,
  });
  return { ...plain, clock: { ...plain.clock, ...clock } } as OrderBody;
};
export const HOUSE: House = { ...DEFAULT_HOUSE, country: 'IE', hands: 2 };
export const made = (clock: Clock = {}, brief: object = {}, house: Partial<House> = {}, more: object = {}) =>
  plan(order(clock, brief, more), counter, { ...HOUSE, ...house });
export const outing = (of: { timing: Timing }, id: string, wave = 1) =>
  of.timing.outings.find(({ key }) => key === `${id}#${wave}`)!;
export const placed = (of: { timing: Timing }, id: string) =>
  of.timing.day.placed.find((one) => one.id === id);
export const startOf = (of: { timing: Timing }, id: string) => placed(of, id)?.start;
