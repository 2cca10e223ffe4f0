import {
  BadRequestException,
  ConflictException,
  Inject,
  Injectable,
  NotFoundException,
} from '@nestjs/common';
import {
  doubledIn,
  doubledWords,
  goodsById,
  MOST_GOODS,
  staleGoods,
  withReading,
  type ChangeAnswer,
  type CounterChange,
  type Good,
  type Taking,
} from '@rotula/core';
import { count, eq, inArray, sql } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database, Writer } from '../database/database.js';
import { storedFile } from '../database/documents.js';
import { goods, lots } from '../database/schema.js';
import { readable } from '../database/storedText.js';
import { CounterReader, lotsByGood, type CounterRead } from './counterReader.js';
import { goodRow, lotRows } from './rows.js';
import { TakingsReader } from './takings.js';

/** Ids or goods in one statement: SQLite takes 32,766 parameters in one. */
const CHUNK = 2000;
/** Of a change of so many goods what their words say is answered at once. */
const MOST_READ = 200;
const chunks = <T>(all: readonly T[]): T[][] =>
  Array.from({ length: Math.ceil(all.length / CHUNK) }, (_, i) => all.slice(i * CHUNK, (i + 1) * CHUNK));

@Injectable()
export class CounterService {
  private readonly reader: CounterReader;
  private readonly taken: TakingsReader;
  private changes = 0;
  private lastRead: { readonly revision: number; readonly read: CounterRead } | null = null;

  /** Rises with every change of the counter; nobody else writes while this server holds the folder. */
  get revision(): number {
    return this.changes;
  }

  constructor(@Inject(DATABASE) private readonly db: Database) {
    this.reader = new CounterReader(db.read);
    this.taken = new TakingsReader(db.read);
  }

  /**
   * Every good with its lots, by name; those that cannot be read apart, each with its reason. Read once for each revision.
   */
  async all(): Promise<CounterRead> {
    const revision = this.changes;
    if (this.lastRead?.revision === revision) return this.lastRead.read;
    const read = await this.reader.all();
    // What was changed while it was read is read again by whoever asks next.
    this.lastRead = { revision, read };
    return read;
  }

  /** What orders cut off the lots. */
  takings(): Promise<Taking[]> {
    return this.taken.all();
  }

  /** A good as it is stored, as a file. */
  async stored(id: string): Promise<string> {
    const [row] = await this.db.read.select(readable(goods)).from(goods).where(eq(goods.id, id));
    if (!row) throw new NotFoundException(`There is no good ${id} on the counter.`);
    return storedFile('rotula.good', 'good', row);
  }

  /** Carry a change out, whole or not at all; 409 names the goods that were changed elsewhere since it was made. */
  async change(change: CounterChange): Promise<ChangeAnswer> {
    const done = await this.db.write((tx) => this.carryOut(change, tx));
    this.changes++;
    return done;
  }

  private async carryOut(change: CounterChange, tx: Writer) {
    const [twice] = doubledIn(change);
    if (twice !== undefined) throw new BadRequestException(`${doubledWords(twice)}.`);
    const touched = [...change.put.map(({ good }) => good.id), ...change.remove.map(({ id }) => id)];
    await this.refuseStale(change, touched, tx);
    const put = change.put.map(({ good }) => good);
    const gone = change.remove.map(({ id }) => id);
    for (const ids of chunks(touched)) await tx.delete(lots).where(inArray(lots.goodId, ids));
    for (const ids of chunks(gone)) await tx.delete(goods).where(inArray(goods.id, ids));
    await putRows(tx, put);
    const [all] = await tx.select({ n: count() }).from(goods);
    if ((all?.n ?? 0) > MOST_GOODS)
      throw new BadRequestException(
        `That would make ${all?.n} goods, and the counter holds at most ${MOST_GOODS}. Nothing was written; take some off first.`,
      );
    const read =
      put.length <= MOST_READ
        ? Object.fromEntries(put.map((good) => [good.id, { ...withReading(good).read }] as const))
        : null;
    return { put: put.length, removed: gone.length, read };
  }

  private async refuseStale(change: CounterChange, touched: readonly string[], tx: Writer) {
    const now: Good[] = [];
    const broken: string[] = [];
    for (const ids of chunks(touched)) {
      const rows = await tx.select(readable(goods)).from(goods).where(inArray(goods.id, ids));
      const own = lotsByGood(
        await tx
          .select(readable(lots))
          .from(lots)
          .where(inArray(lots.goodId, ids))
          .orderBy(sql`rowid`),
      );
      for (const row of rows) {
        const read = this.reader.readOf(row, own.get(row.id) ?? []);
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
}

/**
 * Write the rows of goods and their lots. They go to SQLite as one JSON text, which it takes apart itself (json_each): of
 * thousands of goods that is a third of the time that statements with a parameter for every cell take.
 */
async function putRows(tx: Writer, put: readonly Good[]): Promise<void> {
  for (const some of chunks(put)) {
    await tx.run(sql`
      INSERT INTO goods (id, kind, name, format, doc)
      SELECT value ->> 'id', value ->> 'kind', value ->> 'name', value ->> 'format', value ->> 'doc'
      FROM json_each(${JSON.stringify(some.map(goodRow))}) WHERE true
      ON CONFLICT (id) DO UPDATE SET
        kind = excluded.kind, name = excluded.name, format = excluded.format, doc = excluded.doc`);
    const rows = some.flatMap(lotRows);
    if (rows.length > 0)
      await tx.run(sql`
        INSERT INTO lots (good_id, id, format, doc)
        SELECT value ->> 'goodId', value ->> 'id', value ->> 'format', value ->> 'doc'
        FROM json_each(${JSON.stringify(rows)})`);
  }
}
