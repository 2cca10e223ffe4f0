import { index, integer, primaryKey, sqliteTable, text } from 'drizzle-orm/sqlite-core';

/**
 * Documents as text, with the columns that are asked by and the version of the format they were written in. Core's schemas
 * say what is inside; a row is brought to today's format as it is read (documents.ts), and never trusted to be whole.
 */

/** A good without its lots. */
export const goods = sqliteTable('goods', {
  id: text('id').primaryKey(),
  kind: text('kind').notNull(),
  name: text('name').notNull(),
  format: integer('format').notNull().default(1),
  doc: text('doc').notNull(),
});

export const lots = sqliteTable(
  'lots',
  {
    goodId: text('good_id')
      .notNull()
      .references(() => goods.id, { onDelete: 'cascade' }),
    id: text('id').notNull(),
    format: integer('format').notNull().default(1),
    doc: text('doc').notNull(),
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
    /** How many weighings it holds: what they took off the lots is asked with every look at the counter. */
    weighings: integer('weighings').notNull().default(0),
    /** When it was deleted; it can be taken back until it is swept away. */
    deletedAt: text('deleted_at'),
    format: integer('format').notNull().default(1),
    doc: text('doc').notNull(),
  },
  (table) => [
    index('orders_by_serving').on(table.servingAt),
    index('orders_by_weighings').on(table.weighings),
  ],
);

/** Tasting sessions. */
export const tastings = sqliteTable(
  'tastings',
  {
    id: text('id').primaryKey(),
    version: integer('version').notNull(),
    startedAt: text('started_at').notNull(),
    updatedAt: text('updated_at').notNull(),
    /** When it was deleted; it can be taken back until it is swept away. */
    deletedAt: text('deleted_at'),
    format: integer('format').notNull().default(1),
    doc: text('doc').notNull(),
  },
  (table) => [index('tastings_by_start').on(table.startedAt)],
);

/** One row: the shop. */
export const house = sqliteTable('house', {
  id: integer('id').primaryKey(),
  /** Rises by one with every save. */
  version: integer('version').notNull().default(1),
  format: integer('format').notNull().default(1),
  doc: text('doc').notNull(),
});

/** What has been done once and is not done again, by name. */
export const marks = sqliteTable('marks', {
  name: text('name').primaryKey(),
  at: text('at').notNull(),
});
