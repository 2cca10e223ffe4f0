import { Order, ORDER_FORMAT, OrderBody, type Read, versionOf, withReadGoods } from '@rotula/core';
import { asc } from 'drizzle-orm';
import { documentOf } from '../database/documents.js';
import { orders } from '../database/schema.js';
import type { VersionedKind } from '../database/versioned.js';

export type OrderRow = typeof orders.$inferSelect;

export function orderRow(order: Order): typeof orders.$inferInsert {
  const { id, version, updatedAt, ...doc } = order;
  return {
    id,
    version,
    updatedAt,
    servingAt: doc.brief.servingAt,
    weighings: doc.cutting.entries.length,
    format: versionOf(ORDER_FORMAT),
    doc: JSON.stringify(doc),
  };
}

/** An order as it is stored, in today's form, or why it cannot be read. */
function orderOf(row: OrderRow): Read<Order> {
  const read = documentOf(ORDER_FORMAT, OrderBody, row);
  if ('says' in read) return read;
  const { id, version, updatedAt } = row;
  return { document: { ...withReadGoods(read.document), id, version, updatedAt } };
}

/** Orders, the earliest serving first. */
export const ORDERS: VersionedKind<Order, OrderRow> = {
  name: 'order',
  key: 'order',
  file: 'rotula.order',
  table: orders,
  order: () => [asc(orders.servingAt)],
  read: orderOf,
  write: orderRow,
  label: (row) => `order of ${row.servingAt.slice(0, 10)}`,
};
