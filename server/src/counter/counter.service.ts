import {
  BadRequestException,
  ConflictException,
  Inject,
  Injectable,
  NotFoundException,
} from '@nestjs/common';
import {
  Good,
  GOOD_FORMAT,
  goodsById,
  Lot,
  LOT_FORMAT,
  MOST_GOODS,
  staleGoods,
  type CounterChange,
  type Read,
} from '@rotula/core';
import { asc, count, eq, inArray, sql } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database, Writer } from '../database/database.js';
import { documentOf, storedFile, type Unreadable } from '../database/documents.js';
import { goods, lots } from '../database/schema.js';
import { goodRow, lotRows } from './rows.js';

type GoodRow = typeof goods.$inferSelect;
type LotRow = typeof lots.$inferSelect;

/** Rows in one statement: SQLite takes 32,766 values in one, and a good has five. */
const CHUNK = 400;
const chunks = <T>(all: readonly T[]): T[][] =>
  Array.from({ length: Math.ceil(all.length / CHUNK) }, (_, i) => all.slice(i * CHUNK, (i + 1) * CHUNK));

@Injectable()
export class CounterService {
  /** What was read of each row, by its text: a row is checked once, not at every question. */
  private readonly known = new Map<string, { readonly text: string; readonly read: Read<Good> }>();

  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** Every good with its lots, by name; those that cannot be read apart, each with its reason. */
  async all(): Promise<{ goods: Good[]; unreadable: Unreadable[] }> {
    const [goodRows, allLots] = await this.db.read.batch([
      this.db.read.select().from(goods).orderBy(asc(goods.name), asc(goods.id)),
      this.db.read
        .select()
        .from(lots)
        .orderBy(sql`rowid`),
    ]);
    const byGood = lotsByGood(allLots);
    const read = goodRows.map((row) => ({ row, read: this.readOf(row, byGood.get(row.id) ?? []) }));
    return {
      goods: read.flatMap(({ read: r }) => ('document' in r ? [r.document] : [])),
      unreadable: read.flatMap(({ row, read: r }) =>
        'says' in r ? [{ id: row.id, name: row.name, says: r.says }] : [],
      ),
    };
  }

  /** A good as it is stored, as a file. */
  async stored(id: string): Promise<string> {
    const [row] = await this.db.read.select().from(goods).where(eq(goods.id, id));
    if (!row) throw new NotFoundException(`There is no good ${id} on the counter.`);
    return storedFile('rotula.good', 'good', row);
  }

  /** Carry a change out, whole or not at all; 409 names the goods that were changed elsewhere since it was made. */
  change(change: CounterChange): Promise<{ put: number; removed: number }> {
    return this.db.write((tx) => this.carryOut(change, tx));
  }

  private async carryOut(change: CounterChange, tx: Writer) {
    const touched = [...change.put.map(({ good }) => good.id), ...change.remove.map(({ id }) => id)];
    await this.refuseStale(change, touched, tx);
    const put = change.put.map(({ good }) => good);
    const gone = change.remove.map(({ id }) => id);
    for (const ids of chunks(touched)) await tx.delete(lots).where(inArray(lots.goodId, ids));
    for (const ids of chunks(gone)) await tx.delete(goods).where(inArray(goods.id, ids));
    for (const rows of chunks(put.map(goodRow)))
      await tx
        .insert(goods)
        .values(rows)
        .onConflictDoUpdate({
          target: goods.id,
          set: {
            kind: sql`excluded.kind`,
            name: sql`excluded.name`,
            format: sql`excluded.format`,
            doc: sql`excluded.doc`,
          },
        });
    for (const rows of chunks(put.flatMap(lotRows))) await tx.insert(lots).values(rows);
    const [all] = await tx.select({ n: count() }).from(goods);
    if ((all?.n ?? 0) > MOST_GOODS)
      throw new BadRequestException(
        `That would make ${all?.n} goods, and the counter holds at most ${MOST_GOODS}. Nothing was written; take some off first.`,
      );
    return { put: put.length, removed: gone.length };
  }

  private async refuseStale(change: CounterChange, touched: readonly string[], tx: Writer) {
    const now: Good[] = [];
    const broken: string[] = [];
    for (const ids of chunks(touched)) {
      const rows = await tx.select().from(goods).where(inArray(goods.id, ids));
      const own = lotsByGood(
        await tx
          .select()
          .from(lots)
          .where(inArray(lots.goodId, ids))
          .orderBy(sql`rowid`),
      );
      for (const row of rows) {
        const read = this.readOf(row, own.get(row.id) ?? []);
        if ('document' in read) now.push(read.document);
        else broken.push(row.id);
      }
    }
    // What is stored and cannot be read is never written over.
    const stale = [...staleGoods(change, goodsById(now)), ...broken.filter((id) => touched.includes(id))];
    if (stale.length === 0) return;
    const names = [...new Set(stale)];
    const list = names.slice(0, 5).join(', ') + (names.length > 5 ? ` and ${names.length - 5} more` : '');
    throw new ConflictException({
      message: `Changed elsewhere since: ${list}. Nothing was written; look at the counter again and repeat it.`,
      stale: names,
    });
  }

  private readOf(row: GoodRow, own: readonly LotRow[]): Read<Good> {
    const text = [row.format, row.doc, ...own.flatMap((lot) => [lot.format, lot.doc])].join('\n');
    const known = this.known.get(row.id);
    if (known?.text === text) return known.read;
    const read = assembled(row, own);
    this.known.set(row.id, { text, read });
    return read;
  }
}

/** A good out of its row and those of its lots. */
function assembled(row: GoodRow, own: readonly LotRow[]): Read<Good> {
  const good = documentOf(GOOD_FORMAT, Good, row);
  if ('says' in good) return good;
  const read = own.map((lot) => ({ id: lot.id, is: documentOf(LOT_FORMAT, Lot, lot) }));
  const wrong = read.find(({ is }) => 'says' in is);
  if (wrong && 'says' in wrong.is) return { says: `lot ${wrong.id}: ${wrong.is.says}` };
  return {
    document: { ...good.document, lots: read.flatMap(({ is }) => ('document' in is ? [is.document] : [])) },
  };
}

function lotsByGood(rows: readonly LotRow[]): Map<string, LotRow[]> {
  const out = new Map<string, LotRow[]>();
  for (const row of rows) {
    const known = out.get(row.goodId);
    if (known) known.push(row);
    else out.set(row.goodId, [row]);
  }
  return out;
}
