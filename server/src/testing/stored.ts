import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { createClient } from '@libsql/client';

const STORED = join('server/src/testing/stored');

type Row = Record<string, string | number | null>;

/** The rows of a table as they lay in SQLite at that version. */
export const storedRows = (version: string, table: string): Row[] =>
  readFileSync(join(STORED, version, `${table}.jsonl`), 'utf8')
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as Row);

/** Make a database as version 1 left it: its schema, its mark of migrations, its rows. */
export async function writeV1(file: string): Promise<void> {
  const client = createClient({ url: `file:${file}` });
  const schema = readFileSync('server/drizzle/0000_start.sql', 'utf8');
  for (const statement of schema.split('--> statement-breakpoint')) await client.execute(statement);
  await client.execute(
    'CREATE TABLE __drizzle_migrations (id SERIAL PRIMARY KEY, hash text NOT NULL, created_at numeric)',
  );
  const { entries } = JSON.parse(readFileSync('server/drizzle/meta/_journal.json', 'utf8'));
  await client.execute({
    sql: 'INSERT INTO __drizzle_migrations (hash, created_at) VALUES (?, ?)',
    args: ['start', entries[0].when],
  });
  for (const table of ['goods', 'lots', 'orders', 'house']) {
    const rows = storedRows('v1', table);
    const columns = Object.keys(rows[0]!);
    await client.batch(
      rows.map((row) => ({
        sql: `INSERT INTO ${table} (${columns.join(', ')}) VALUES (${columns.map(() => '?').join(', ')})`,
        args: columns.map((column) => row[column] ?? null),
      })),
    );
  }
  client.close();
}
