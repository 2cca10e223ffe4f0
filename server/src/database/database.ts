import { accessSync, constants, existsSync, mkdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { createClient, type Client } from '@libsql/client';
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql';
import { migrate } from 'drizzle-orm/libsql/migrator';
import { copiesOf, DATA_FILE, isSound, makeCopy } from './copies.js';
import { lockFolder } from './lock.js';
import { whereCopiesAre } from './restore.js';
import * as schema from './schema.js';
import { markShop, readShopMark, type ShopMark } from './shopMark.js';
import { DataTrouble, isBrokenRule, isBusy, isDatabaseFault, troubleOf } from './trouble.js';
import { Unavailable } from './unavailable.js';

export type Reader = LibSQLDatabase<typeof schema>;
export type Writer = Parameters<Parameters<Reader['transaction']>[0]>[0];

/** Read the data of a folder from another thread, while the server writes them. */
export const openReader = (directory: string): Reader =>
  drizzle(createClient({ url: `file:${join(directory, DATA_FILE)}` }), { schema });

/** The opened data: anybody reads at any time; writes wait for each other. */
export interface Database {
  readonly read: Reader;
  /** Carry out a change in one transaction: all of it, or an error and nothing. Resolves when it is on the disk. */
  readonly write: <T>(change: (tx: Writer) => Promise<T>) => Promise<T>;
  /** The data are older than marks: a shop from before the demo had one. */
  readonly isOld: boolean;
  /** Everything written is in the file itself afterwards, and another server may open it. */
  readonly close: () => Promise<void>;
}

/** How long a write waits for another process to let go of the lock, and how often it looks. */
const LOCK_PATIENCE_MS = 10_000;
const LOOK_AGAIN_MS = 40;

/**
 * Open the data of a folder, alone, and bring them to the newest schema; before a change of schema a checked copy is made.
 * @throws DataTrouble in one sentence when the data cannot be used
 */
export async function openDatabase(directory: string, migrations: string): Promise<Database> {
  const file = join(directory, DATA_FILE);
  let unlock = () => {};
  try {
    mkdirSync(directory, { recursive: true });
    accessSync(directory, constants.W_OK);
    refuseWhatIsGone(directory, file);
    unlock = await lockFolder(directory);
    const client = createClient({ url: `file:${file}`, concurrency: 4 });
    try {
      const isOld = await prepare(client, directory, migrations);
      return databaseOver(client, file, isOld, unlock);
    } catch (fault) {
      client.close();
      throw fault;
    }
  } catch (fault) {
    unlock();
    throw troubleOf(fault, file);
  }
}

/** A folder that held a shop never becomes a new one: what is missing is said, and where the copies are. */
function refuseWhatIsGone(directory: string, file: string) {
  if (existsSync(file) && statSync(file).size > 0) return;
  const mark = readShopMark(directory);
  if (existsSync(file))
    throw new DataTrouble(
      `${file} is empty: what was in it is gone. ${whereCopiesAre(directory)} For a new shop set ROTULA_DATA to another folder.`,
    );
  if (mark || copiesOf(directory).length > 0) throw goneFrom(directory, mark);
}

const goneFrom = (directory: string, mark: ShopMark | null) =>
  new DataTrouble(
    `A shop has lived in ${directory}${mark?.since ? ` since ${mark.since.slice(0, 10)}` : ''}, and its data (${DATA_FILE}) are gone. ${whereCopiesAre(directory)} For a new shop set ROTULA_DATA to another folder.`,
  );

async function prepare(client: Client, directory: string, migrations: string): Promise<boolean> {
  const { rows } = await client.execute(
    "SELECT name FROM sqlite_master WHERE type = 'table' AND name IN ('__drizzle_migrations', 'marks')",
  );
  const tables = rows.map((row) => String(row[0]));
  const mark = readShopMark(directory);
  if (mark && !tables.includes('__drizzle_migrations')) throw goneFrom(directory, mark);
  if (!(await isSound(client))) throw troubleOf({ code: 'SQLITE_CORRUPT' }, join(directory, DATA_FILE));
  await client.execute('PRAGMA journal_mode = WAL');
  if (tables.includes('__drizzle_migrations') && (await hasPending(client, migrations)))
    await makeCopy(client, directory, new Date().toISOString());
  await migrate(drizzle(client, { schema }), { migrationsFolder: migrations });
  // Written at every start, so that data that cannot be written are reported now and not at the first save.
  await client.execute({
    sql: "INSERT INTO marks (name, at) VALUES ('opened', ?) ON CONFLICT (name) DO UPDATE SET at = excluded.at",
    args: [new Date().toISOString()],
  });
  markShop(directory, {}, new Date().toISOString());
  return tables.includes('__drizzle_migrations') && !tables.includes('marks');
}

async function hasPending(client: Client, migrations: string): Promise<boolean> {
  const { entries } = JSON.parse(readFileSync(join(migrations, 'meta/_journal.json'), 'utf8'));
  const { rows } = await client.execute('SELECT count(*) FROM __drizzle_migrations');
  return Number(rows[0]![0]) < entries.length;
}

function databaseOver(client: Client, file: string, isOld: boolean, unlock: () => void): Database {
  const read = drizzle(client, { schema });
  let last: Promise<unknown> = Promise.resolve();
  const attempt = async <T>(change: (tx: Writer) => Promise<T>): Promise<T> => {
    const until = Date.now() + LOCK_PATIENCE_MS;
    for (;;) {
      try {
        return await read.transaction(change);
      } catch (fault) {
        if (!isDatabaseFault(fault)) throw fault;
        if (isBrokenRule(fault)) {
          await client.reconnect?.();
          throw fault;
        }
        // A statement that failed half way keeps its transaction open on that connection, and whatever is written there
        // later is never committed: after a fault of the database every connection is opened anew.
        await client.reconnect?.();
        if (!isBusy(fault) || Date.now() > until) throw new Unavailable(troubleOf(fault, file).message);
        await pause(LOOK_AGAIN_MS);
      }
    }
  };
  return {
    read,
    isOld,
    write: (change) => {
      const next = last.then(() => attempt(change));
      last = next.catch(() => undefined);
      return next;
    },
    close: async () => {
      await last;
      await client.execute('PRAGMA wal_checkpoint(TRUNCATE)').catch(() => undefined);
      client.close();
      unlock();
    },
  };
}
