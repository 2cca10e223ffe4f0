import { z } from 'zod';
import { Brief, House } from '../brief/index.js';
import { Counter } from '../counter/index.js';
import { DEFAULT_NODE_LIMIT, Search, Locks } from '../pick/index.js';
import { fileHead, liftedFile, upgraded, versionOf } from '../units/index.js';
import { orderFields } from './fields.js';
import { ORDER_FORMAT } from './format.js';

/** The order document (docs/formats.md): only what a person decided. Everything else is derived by plan(). */

export const OrderBody = z.object(orderFields);
export type OrderBody = z.infer<typeof OrderBody>;

export const OrderId = z
  .string()
  .regex(/^[a-z0-9][a-z0-9-]{0,63}$/, 'an order id has lower-case letters, digits and dashes');

export const Order = OrderBody.extend({
  id: OrderId,
  /** Rises by one with every save. */
  version: z.number().int().min(1),
  updatedAt: z.string().max(40),
});
export type Order = z.infer<typeof Order>;

/** What a person gives for a new order: a head count and a time; the rest has defaults. */
export const NewOrder = OrderBody.partial({ title: true });
export type NewOrder = z.infer<typeof NewOrder>;

/** The file format of one order; a file of an earlier format is upgraded as it is read. */
export const OrderFile = fileHead(
  'rotula.order',
  'this is not an order file: its "format" is not "rotula.order"',
)
  .transform(
    liftedFile(ORDER_FORMAT, (file) => upgraded(ORDER_FORMAT, file.order, file.formatVersion), 'order'),
  )
  .pipe(z.object({ format: z.literal('rotula.order'), formatVersion: z.number(), order: OrderBody }));
export type OrderFile = z.infer<typeof OrderFile>;

export const orderFile = (order: OrderBody): OrderFile => ({
  format: 'rotula.order',
  formatVersion: versionOf(ORDER_FORMAT),
  order: OrderBody.parse(order),
});

export const PlanRequest = z.object({
  order: OrderBody,
  counter: Counter.optional(),
  house: House.optional(),
});
export const PickRequest = z.object({
  brief: Brief,
  counter: Counter.optional(),
  house: House.optional(),
  locks: Locks.default({ locked: [], leftOut: [] }),
  search: Search.default({ seed: 1, nodeLimit: DEFAULT_NODE_LIMIT }),
});
