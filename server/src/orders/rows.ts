import { Order, ORDER_FORMAT, OrderBody, type Read } from '@rotula/core';
import { documentOf } from '../database/documents.js';
import type { orders } from '../database/schema.js';

export function orderRow(order: Order): typeof orders.$inferInsert {
  const { id, version, updatedAt, ...doc } = order;
  return {
    id,
    version,
    updatedAt,
    servingAt: doc.brief.servingAt,
    weighings: doc.cutting.entries.length,
    format: ORDER_FORMAT.version,
    doc: JSON.stringify(doc),
  };
}

/** An order as it is stored, in today's form, or why it cannot be read. */
export function orderOf(row: typeof orders.$inferSelect): Read<Order> {
  const read = documentOf(ORDER_FORMAT, OrderBody, row);
  if ('says' in read) return read;
  return { document: { ...read.document, id: row.id, version: row.version, updatedAt: row.updatedAt } };
}
