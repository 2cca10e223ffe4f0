import type { Good, House, Lot, OrderBody } from '@rotula/core';
import { index, integer, primaryKey, sqliteTable, text } from 'drizzle-orm/sqlite-core';

/** Documents with the columns that are asked by; core's schemas say what is inside. */

/** A good without its lots. */
export const goods = sqliteTable('goods', {
  id: text('id').primaryKey(),
  kind: text('kind').notNull(),
  name: text('name').notNull(),
  doc: text('doc', { mode: 'json' }).$type<Good>().notNull(),
});

export const lots = sqliteTable(
  'lots',
  {
    goodId: text('good_id')
      .notNull()
      .references(() => goods.id, { onDelete: 'cascade' }),
    id: text('id').notNull(),
    doc: text('doc', { mode: 'json' }).$type<Lot>().notNull(),
  },
  (table) => [primaryKey({ columns: [table.goodId, table.id] })],
);

export const orders = sqliteTable(
  'orders',
  {
    id: text('id').primaryKey(),
    version: integer('version').notNull(),
    servingAt: text('serving_at').notNull(),
    updatedAt: text('updated_at').notNull(),
    doc: text('doc', { mode: 'json' }).$type<OrderBody>().notNull(),
  },
  (table) => [index('orders_by_serving').on(table.servingAt)],
);

/** One row: the shop. */
export const house = sqliteTable('house', {
  id: integer('id').primaryKey(),
  doc: text('doc', { mode: 'json' }).$type<House>().notNull(),
});
