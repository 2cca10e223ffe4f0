import { z } from 'zod';
import { Brief, House } from '../brief/index.js';
import { Counter, GoodId } from '../counter/index.js';
import { DEFAULT_NODE_LIMIT, Search, Locks } from '../pick/index.js';
import { SLOTS } from '../pair/index.js';

/** The order document (docs/formats.md): only what a person decided. Everything else is derived by plan(). */

export const ORDER_STATES = ['new', 'in work', 'finished'] as const;
const ById = <T extends z.ZodType>(value: T) => z.record(GoodId, value);

export const Selection = z.object({
  /** Cheeses and meats of the board, in the order in which they came; null: nothing has been picked yet. */
  goods: z
    .array(GoodId)
    .max(14)
    .refine((ids) => new Set(ids).size === ids.length, 'each good is named once')
    .nullable()
    .default(null),
  locked: z.array(GoodId).max(14).default([]),
  leftOut: z.array(GoodId).max(500).default([]),
  /** Which lot is cut, where a person chose one: the same cheese is sold at several ages. */
  lots: ById(z.string().max(64)).default({}),
  /** Fingerprint of the brief for which the selection was last proposed. */
  briefFingerprint: z.string().max(64).nullable().default(null),
});

export const OrderBody = z.object({
  title: z.string().trim().min(1, 'an order needs a name').max(160),
  customer: z.string().max(160).default(''),
  state: z.enum(ORDER_STATES).default('new'),
  note: z.string().max(4000).default(''),
  brief: Brief,
  selection: Selection.default({ goods: null, locked: [], leftOut: [], lots: {}, briefFingerprint: null }),
  /** Net grams set by hand. */
  portions: ById(z.number().min(0).max(1e6)).default({}),
  /** Cut style or fold set by hand. */
  cuts: ById(z.string().max(64)).default({}),
  /** Companion set by hand, by good and slot. */
  pairs: ById(z.partialRecord(z.enum(SLOTS), GoodId)).default({}),
  /** Companions added by hand, beside those that the pairing chose. */
  extras: z.array(GoodId).max(20).default([]),
  /** Order of tasting set by hand. */
  walk: z.array(GoodId).max(14).nullable().default(null),
  /** Advice that was waved through; it stays visible as waved. */
  waved: z.array(z.string().max(120)).max(200).default([]),
});
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

/** The file format of one order. */
export const OrderFile = z.object({
  format: z.literal('rotula.order', 'this is not an order file: its "format" is not "rotula.order"'),
  formatVersion: z.literal(1, 'this file was made by a later Rotula'),
  order: OrderBody,
});
export type OrderFile = z.infer<typeof OrderFile>;

export const CounterFile = z.object({
  format: z.literal('rotula.counter', 'this is not a counter file: its "format" is not "rotula.counter"'),
  formatVersion: z.literal(1, 'this file was made by a later Rotula'),
  goods: Counter,
});

export const orderFile = (order: OrderBody): OrderFile => ({
  format: 'rotula.order',
  formatVersion: 1,
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

/** Seats on the day: an order's title when none was given. */
export const defaultTitle = (heads: number): string =>
  heads === 1 ? 'A board for one' : `A board for ${heads}`;
