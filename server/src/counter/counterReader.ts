import { Good, GOOD_FORMAT, Lot, LOT_FORMAT, withReading, type Read } from '@rotula/core';
import { asc, sql } from 'drizzle-orm';
import type { Reader } from '../database/database.js';
import { documentOf, type Unreadable } from '../database/documents.js';
import { goods, lots } from '../database/schema.js';
import { readable, shownText } from '../database/storedText.js';

type GoodRow = typeof goods.$inferSelect;
type LotRow = typeof lots.$inferSelect;

export interface CounterRead {
  readonly goods: Good[];
  readonly unreadable: Unreadable[];
}

/** Reads the counter out of the data; every row is checked once, and again only when its text has changed. */
export class CounterReader {
  private readonly known = new Map<string, { readonly text: string; readonly read: Read<Good> }>();

  constructor(private readonly db: Reader) {}

  /** Every good with its lots, by name; those that cannot be read apart, each with its reason. */
  async all(): Promise<CounterRead> {
    const [goodRows, allLots] = await this.db.batch([
      this.db.select(readable(goods)).from(goods).orderBy(asc(goods.name), asc(goods.id)),
      this.db
        .select(readable(lots))
        .from(lots)
        .orderBy(sql`rowid`),
    ]);
    const byGood = lotsByGood(allLots);
    const read = goodRows.map((row) => ({ row, read: this.readOf(row, byGood.get(row.id) ?? []) }));
    // Of goods that have gone nothing is kept.
    const there = new Set(goodRows.map(({ id }) => id));
    for (const id of this.known.keys()) if (!there.has(id)) this.known.delete(id);
    return {
      goods: read.flatMap(({ read: r }) => ('document' in r ? [r.document] : [])),
      unreadable: read.flatMap(({ row, read: r }) =>
        'says' in r ? [{ id: row.id, name: shownText(row.name), says: r.says }] : [],
      ),
    };
  }

  /** A good out of its row and those of its lots. */
  readOf(row: GoodRow, own: readonly LotRow[]): Read<Good> {
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
  const lots = read.flatMap(({ is }) => ('document' in is ? [is.document] : []));
  // Read once for each text of a good: what its words say comes with it to every page and thread.
  return { document: withReading({ ...good.document, lots }) };
}

/** Rows of lots by their good. */
export function lotsByGood(rows: readonly LotRow[]): Map<string, LotRow[]> {
  const out = new Map<string, LotRow[]>();
  for (const row of rows) {
    const known = out.get(row.goodId);
    if (known) known.push(row);
    else out.set(row.goodId, [row]);
  }
  return out;
}
