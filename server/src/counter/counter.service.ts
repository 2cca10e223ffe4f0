import { ConflictException, Inject, Injectable } from '@nestjs/common';
import { goodsById, staleGoods, type CounterChange, type Good } from '@rotula/core';
import { inArray, sql } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/database.js';
import { goods, lots } from '../database/schema.js';
import { goodRow, lotRows } from './rows.js';

/** Rows in one statement: SQLite takes 32,766 values in one, and a lot has three. */
const CHUNK = 400;
const chunks = <T>(all: readonly T[]): T[][] =>
  Array.from({ length: Math.ceil(all.length / CHUNK) }, (_, i) => all.slice(i * CHUNK, (i + 1) * CHUNK));

@Injectable()
export class CounterService {
  /** Changes wait for each other, so that what was looked at is still so when it is written. */
  private last: Promise<unknown> = Promise.resolve();

  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** Every good with its lots, by name. */
  async all(): Promise<Good[]> {
    const [goodRows, allLots] = await this.db.batch([
      this.db.select().from(goods).orderBy(goods.name, goods.id),
      this.db
        .select()
        .from(lots)
        .orderBy(sql`rowid`),
    ]);
    const byGood = lotsByGood(allLots);
    return goodRows.map((row) => ({ ...row.doc, lots: (byGood.get(row.id) ?? []).map((lot) => lot.doc) }));
  }

  /** Carry a change out, whole or not at all; 409 names the goods that were changed elsewhere since it was made. */
  change(change: CounterChange): Promise<{ put: number; removed: number }> {
    const next = this.last.then(() => this.carryOut(change));
    this.last = next.catch(() => undefined);
    return next;
  }

  private async carryOut(change: CounterChange) {
    const touched = [...change.put.map(({ good }) => good.id), ...change.remove.map(({ id }) => id)];
    const isTouched = new Set(touched);
    const now = (await this.all()).filter((good) => isTouched.has(good.id));
    const stale = staleGoods(change, goodsById(now));
    if (stale.length > 0) {
      const names = stale.slice(0, 5).join(', ') + (stale.length > 5 ? ` and ${stale.length - 5} more` : '');
      throw new ConflictException({
        message: `Changed elsewhere since: ${names}. Nothing was written; look at the counter again and repeat it.`,
        stale,
      });
    }
    const put = change.put.map(({ good }) => good);
    const gone = change.remove.map(({ id }) => id);
    const writes = [
      ...chunks(touched).map((ids) => this.db.delete(lots).where(inArray(lots.goodId, ids))),
      ...chunks(gone).map((ids) => this.db.delete(goods).where(inArray(goods.id, ids))),
      ...chunks(put.map(goodRow)).map((rows) =>
        this.db
          .insert(goods)
          .values(rows)
          .onConflictDoUpdate({
            target: goods.id,
            set: { kind: sql`excluded.kind`, name: sql`excluded.name`, doc: sql`excluded.doc` },
          }),
      ),
      ...chunks(put.flatMap(lotRows)).map((rows) => this.db.insert(lots).values(rows)),
    ];
    const [first, ...rest] = writes;
    if (first) await this.db.batch([first, ...rest] as never);
    return { put: put.length, removed: gone.length };
  }
}

function lotsByGood<T extends { goodId: string }>(rows: readonly T[]): Map<string, T[]> {
  const out = new Map<string, T[]>();
  for (const row of rows) {
    const known = out.get(row.goodId);
    if (known) known.push(row);
    else out.set(row.goodId, [row]);
  }
  return out;
}
