import { existsSync, mkdirSync, readdirSync, rmSync, statSync } from 'node:fs';
import { basename, join } from 'node:path';
import { createClient, type Client } from '@libsql/client';
import { moveInto, needRoom, type RoomIn } from './files.js';
import { keptCopies } from './keptCopies.js';
import { markShop } from './shopMark.js';
import { DataTrouble } from './trouble.js';

/** Copies of the data: made in the night, at the first start of a day, and before whatever changes much. */

export const DATA_FILE = 'rotula.sqlite';
export const copiesIn = (directory: string) => join(directory, 'copies');

const NAMED = /^rotula-(\d{4}-\d{2}-\d{2}T\d{2}-\d{2}-\d{2}-\d{3}Z)\.sqlite$/;
const nameFor = (now: string) => `rotula-${now.replace(/[:.]/g, '-')}.sqlite`;
const MAKING = '.making-';

/** A finished copy. */
export interface Copy {
  readonly file: string;
  readonly at: Date;
}

/** When a copy of that name was made; null for what is none of ours. */
function madeAt(name: string): Date | null {
  const found = NAMED.exec(name)?.[1];
  return found ? new Date(found.replace(/T(\d\d)-(\d\d)-(\d\d)-(\d\d\d)Z/, 'T$1:$2:$3.$4Z')) : null;
}

/** The copies of a data folder, the newest first. */
export function copiesOf(directory: string): Copy[] {
  const folder = copiesIn(directory);
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .flatMap((name) => {
      const at = madeAt(name);
      return at ? [{ file: join(folder, name), at }] : [];
    })
    .sort((a, b) => b.at.getTime() - a.at.getTime());
}

const saysOk = async (client: Client, check: string): Promise<boolean> => {
  const { rows } = await client.execute(`PRAGMA ${check}`);
  return rows.length === 1 && String(rows[0]![0]) === 'ok';
};

/** Whole? SQLite's own check over every page and index. */
export const isWhole = (client: Client): Promise<boolean> => saysOk(client, 'integrity_check');

/** The quicker check, at every start: every page, without comparing the indexes. */
export const isSound = (client: Client): Promise<boolean> => saysOk(client, 'quick_check');

const sizeOf = (file: string) => (existsSync(file) ? statSync(file).size : 0);

/** Bytes that the data of a folder take now. */
const dataBytes = (directory: string): number =>
  ['', '-wal'].reduce((sum, tail) => sum + sizeOf(join(directory, DATA_FILE + tail)), 0);

/**
 * Copy the data as they are: room looked at, written aside (VACUUM INTO), flushed, checked, given its name, the folder flushed;
 * then older copies that are not kept go. Killed or full at any step, the copies before it stand.
 * @param now an ISO time, for the name
 * @throws DataTrouble when there is no room, or the copy is not whole: then nothing is changed either
 */
export async function makeCopy(
  client: Client,
  directory: string,
  now: string,
  room?: RoomIn,
): Promise<string> {
  const folder = copiesIn(directory);
  mkdirSync(folder, { recursive: true });
  // What a copy that was cut off left behind.
  for (const name of readdirSync(folder))
    if (name.startsWith(MAKING)) rmSync(join(folder, name), { force: true });
  needRoom(folder, dataBytes(directory), room);
  const file = join(folder, nameFor(now));
  const aside = join(folder, MAKING + basename(file));
  try {
    await client.execute({ sql: 'VACUUM INTO ?', args: [aside] });
    const copy = createClient({ url: `file:${aside}` });
    const whole = await isWhole(copy).catch(() => false);
    copy.close();
    if (!whole)
      throw new DataTrouble(
        `The data in ${directory} could not be copied whole, so nothing was changed. They may be damaged: npm run restore brings the last good copy back.`,
      );
    moveInto(aside, file);
  } catch (fault) {
    for (const tail of ['', '-wal', '-shm', '-journal']) rmSync(aside + tail, { force: true });
    throw fault;
  }
  markShop(directory, { lastCopy: now }, now);
  dropOld(directory);
  return file;
}

function dropOld(directory: string): void {
  const copies = copiesOf(directory);
  const kept = keptCopies(copies.map(({ at }) => at));
  copies.forEach(({ file }, i) => kept[i] || rmSync(file, { force: true }));
}
