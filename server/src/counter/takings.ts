import { Cutting, type Taking } from '@rotula/core';
import { and, gt, isNull, sql } from 'drizzle-orm';
import type { Reader } from '../database/database.js';
import { orders } from '../database/schema.js';

/**
 * Every weighing of the orders that stand: what was cut off the lots of the counter. Read out of the orders and stored
 * nowhere else. An order that is deleted gives back what it took, and takes it again when it is taken back.
 */
export async function takingsOf(db: Reader): Promise<Taking[]> {
  const rows = await db
    .select({ order: orders.id, cutting: sql<string>`json_extract(${orders.doc}, '$.cutting')` })
    .from(orders)
    .where(and(gt(orders.weighings, 0), isNull(orders.deletedAt)));
  return rows.flatMap(({ order, cutting }) => {
    const read = Cutting.safeParse(JSON.parse(cutting));
    return (read.success ? read.data.entries : []).flatMap(({ id, goodId, lot, grams, at }): Taking[] =>
      lot === null ? [] : [{ id, order, goodId, lot, grams, at }],
    );
  });
}
