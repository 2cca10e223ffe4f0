import { getTableColumns, sql, type SQL } from 'drizzle-orm';
import type { SQLiteColumn, SQLiteTable } from 'drizzle-orm/sqlite-core';

/**
 * Text is read out of SQLite as its bytes and decoded here. SQLite keeps any bytes in a column of text, and the driver ends the
 * whole process over such as are no UTF-8; a row that holds some is one row that cannot be read, and no more.
 */

/** Stands before what was no text, with the bytes that are none replaced; no document begins with it. */
export const BROKEN = '\uFFFE';

const strict = new TextDecoder('utf-8', { fatal: true, ignoreBOM: true });
const lenient = new TextDecoder('utf-8', { ignoreBOM: true });

/** The text of these bytes; what is none is marked with BROKEN. */
function textFrom(bytes: ArrayBuffer | Uint8Array): string {
  try {
    return strict.decode(bytes);
  } catch {
    return BROKEN + lenient.decode(bytes);
  }
}

/** Text as a person may be shown it, whatever was stored. */
export const shownText = (text: string): string => text.replace(BROKEN, '');

type Selected<T extends SQLiteTable> = { [K in keyof T['_']['columns']]: SQL<T['$inferSelect'][K]> };

/** Every column of a table, for a select that cannot abort: `db.select(readable(goods)).from(goods)`. */
export const readable = <T extends SQLiteTable>(table: T): Selected<T> =>
  Object.fromEntries(
    Object.entries(getTableColumns(table)).map(([name, column]) => [name, selected(column as SQLiteColumn)]),
  ) as unknown as Selected<T>;

const selected = (column: SQLiteColumn) =>
  column.dataType === 'string'
    ? sql`CAST(${column} AS BLOB)`.mapWith(textFrom as (value: unknown) => string)
    : sql`${column}`.mapWith(column);
