import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { createClient } from '@libsql/client';
import { drizzle } from 'drizzle-orm/libsql';
import { migrate } from 'drizzle-orm/libsql/migrator';
import * as schema from './schema.js';

export type Database = Awaited<ReturnType<typeof openDatabase>>;

/**
 * Open the SQLite file and bring it to the newest schema.
 * One connection, so that its pragmas hold for every statement; writes of more than one row go through `batch`,
 * which is one transaction.
 */
export async function openDatabase(dataDirectory: string, migrations: string) {
  mkdirSync(dataDirectory, { recursive: true });
  const client = createClient({ url: `file:${join(dataDirectory, 'rotula.sqlite')}`, concurrency: 1 });
  await client.execute('PRAGMA journal_mode = WAL');
  const db = drizzle(client, { schema });
  await migrate(db, { migrationsFolder: migrations });
  await client.execute('PRAGMA foreign_keys = ON');
  return Object.assign(db, { close: () => client.close() });
}
