import type { Order } from '@rotula/core';
import type { orders } from '../database/schema.js';

export function orderRow(order: Order): typeof orders.$inferInsert {
  const { id, version, updatedAt, ...doc } = order;
  return { id, version, updatedAt, servingAt: doc.brief.servingAt, doc };
}

export const orderOf = (row: typeof orders.$inferSelect): Order => ({
  ...row.doc,
  id: row.id,
  version: row.version,
  updatedAt: row.updatedAt,
});
