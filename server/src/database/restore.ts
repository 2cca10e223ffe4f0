import { copyFileSync, existsSync, linkSync, readFileSync, renameSync, rmSync, statSync } from 'node:fs';
import { basename, join } from 'node:path';
import { createClient, type Client } from '@libsql/client';
import { GOOD_FORMAT, HOUSE_FORMAT, LOT_FORMAT, ORDER_FORMAT, SESSION_FORMAT, versionOf } from '@rotula/core';
import { copiesIn, DATA_FILE, isWhole } from './copies.js';
import { flush, moveInto, needRoom, type RoomIn } from './files.js';
import { markShop } from './shopMark.js';
import { DataTrouble } from './trouble.js';

/** Bringing a copy back: looked at first, then put in place by changing names. */

/** Tables that every shop has had since its first version, and the newest format that this Rotula reads of each. */
const TABLES = [
  { table: 'goods', format: versionOf(GOOD_FORMAT), always: true },
  { table: 'lots', format: versionOf(LOT_FORMAT), always: true },
  { table: 'orders', format: versionOf(ORDER_FORMAT), always: true },
  { table: 'house', format: versionOf(HOUSE_FORMAT), always: true },
  { table: 'tastings', format: versionOf(SESSION_FORMAT), always: false },
] as const;

const columnsOf = async (client: Client, table: string): Promise<string[]> =>
  (await client.execute(`PRAGMA table_info(${table})`)).rows.map((row) => String(row[1]));

/** @throws DataTrouble when a file is not a whole shop of a known format */
async function refuseWhatIsNoShop(copy: string, migrations: string): Promise<void> {
  const name = basename(copy);
  const refuse = (why: string) =>
    new DataTrouble(`${name} was not brought back: ${why} Nothing was changed.`);
  if (!existsSync(copy))
    throw new DataTrouble(`There is no copy ${copy}. npm run restore -- --list names them.`);
  const client = createClient({ url: `file:${copy}` });
  try {
    if (!(await isWhole(client).catch(() => false))) throw refuse('it is damaged too; try an older one.');
    for (const { table, format, always } of TABLES) {
      const columns = await columnsOf(client, table);
      if (columns.length === 0 && !always) continue;
      if (!columns.includes('doc')) throw refuse(`it is no shop of Rotula (it has no ${table}).`);
      if (!columns.includes('format')) continue;
      const { rows } = await client.execute(`SELECT max(format) FROM ${table}`);
      if (Number(rows[0]![0] ?? 0) > format)
        throw refuse('a later Rotula wrote it; use the newer program for it.');
    }
    const { entries } = JSON.parse(readFileSync(join(migrations, 'meta/_journal.json'), 'utf8')) as {
      entries: unknown[];
    };
    const { rows } = await client
      .execute('SELECT count(*) FROM __drizzle_migrations')
      .catch(() => ({ rows: [] }));
    if (rows.length === 0) throw refuse('it is no shop of Rotula (nobody set it up).');
    if (Number(rows[0]![0]) > entries.length)
      throw refuse('a later Rotula wrote it; use the newer program for it.');
  } finally {
    client.close();
  }
}

/** A second name for a file, or a copy of it where the disk knows no second names. */
function keepAs(file: string, aside: string): void {
  try {
    linkSync(file, aside);
  } catch {
    copyFileSync(file, aside);
  }
}

interface Restoring {
  readonly directory: string;
  readonly copy: string;
  readonly file: string;
  /** The copy, beside the data, before it has their name. */
  readonly incoming: string;
  /** What was there keeps this name. */
  readonly aside: string;
  readonly now: string;
}

/** What is done, in order. Whatever ends it after any of these, the data are whole: those before, or those brought back. */
const STEPS: readonly ((at: Restoring) => void | Promise<void>)[] = [
  ({ copy, incoming }) => {
    copyFileSync(copy, incoming);
    flush(incoming);
  },
  async ({ file }) => {
    // What stands in the log goes into the data, so that they are whole without it.
    if (!existsSync(file)) return;
    const client = createClient({ url: `file:${file}` });
    await client.execute('PRAGMA wal_checkpoint(TRUNCATE)').catch(() => undefined);
    client.close();
  },
  ({ file, aside }) => {
    if (existsSync(file)) keepAs(file, aside);
  },
  // A log would be read into the copy. It is empty by now, unless the data are damaged: then it goes with them.
  ({ file, aside }) => {
    for (const tail of ['-wal', '-shm']) if (existsSync(file + tail)) renameSync(file + tail, aside + tail);
  },
  ({ incoming, file }) => moveInto(incoming, file),
];

/**
 * Bring a copy back: it must be a whole shop of a known format. What was there is kept under a name of its own. Only while no
 * server runs.
 * @throws DataTrouble in words; then the data are as they were
 */
export async function restoreCopy(
  directory: string,
  copy: string,
  now: string,
  { migrations, room, steps = STEPS }: { migrations: string; room?: RoomIn; steps?: typeof STEPS },
): Promise<{ aside: string | null }> {
  await refuseWhatIsNoShop(copy, migrations);
  const file = join(directory, DATA_FILE);
  const stamp = now.replace(/[:.]/g, '-');
  const at: Restoring = {
    directory,
    copy,
    file,
    incoming: join(directory, `.incoming-${DATA_FILE}`),
    aside: `${file}.${stamp}`,
    now,
  };
  const had = existsSync(file);
  needRoom(directory, statSync(copy).size + (had ? statSync(file).size : 0), room);
  try {
    for (const step of steps) await step(at);
  } catch (fault) {
    rmSync(at.incoming, { force: true });
    throw fault;
  }
  markShop(directory, {}, now);
  return { aside: had ? at.aside : null };
}

export const RESTORE_STEPS = STEPS;

/** Where to look for what is missing, in one sentence. */
export const whereCopiesAre = (directory: string): string =>
  `Bring the last good copy back with npm run restore (they lie in ${copiesIn(directory)}).`;
