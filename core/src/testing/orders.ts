import { OrderBody } from '../order/order.js';
import { aBrief } from './briefs.js';

/** An order for tests. */
export const anOrder = (more: Record<string, unknown> = {}): OrderBody =>
  OrderBody.parse({ title: 'a test', brief: aBrief(), ...more });
