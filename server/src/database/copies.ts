import { copyFileSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { basename, join } from 'node:path';
import { createClient, type Client } from '@libsql/client';
import { DataTrouble } from './trouble.js';

/** Copies of the data, made before a new version changes it, and the way back to one. */

export const DATA_FILE = 'rotula.sqlite';
const COPIES_KEPT = 5;
const copiesIn = (directory: string) => join(directory, 'copies');

/** The copies of a data folder, the newest first. */
export function copiesOf(directory: string): string[] {
  const folder = copiesIn(directory);
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .filter((name) => /^rotula-.*\.sqlite$/.test(name))
    .sort()
    .reverse()
    .map((name) => join(folder, name));
}

const saysOk = async (client: Client, check: string): Promise<boolean> => {
  const { rows } = await client.execute(`PRAGMA ${check}`);
  return rows.length === 1 && String(rows[0]![0]) === 'ok';
};

/** Whole? SQLite's own check over every page and index. */
const isWhole = (client: Client): Promise<boolean> => saysOk(client, 'integrity_check');

/** The quicker check, at every start: every page, without comparing the indexes. */
export const isSound = (client: Client): Promise<boolean> => saysOk(client, 'quick_check');

/**
 * Copy the data as they are (VACUUM INTO), check the copy, and keep the last few.
 * @param now an ISO time, for the name
 * @throws DataTrouble when the copy is not whole: then nothing is changed either
 */
export async function makeCopy(client: Client, directory: string, now: string): Promise<string> {
  mkdirSync(copiesIn(directory), { recursive: true });
  const file = join(copiesIn(directory), `rotula-${now.replace(/[:.]/g, '-')}.sqlite`);
  await client.execute({ sql: 'VACUUM INTO ?', args: [file] });
  const copy = createClient({ url: `file:${file}` });
  const whole = await isWhole(copy);
  copy.close();
  if (!whole) {
    rmSync(file, { force: true });
    throw new DataTrouble(
      `The data in ${directory} could not be copied whole before the change, so nothing was changed. They may be damaged: npm run restore brings the last good copy back.`,
    );
  }
  for (const old of copiesOf(directory).slice(COPIES_KEPT)) rmSync(old, { force: true });
  return file;
}

/**
 * Bring a copy back. What was there is put aside under its own name, never thrown away. Only while no server runs.
 * @throws DataTrouble when there is no such copy, or it is damaged
 */
export async function restoreCopy(
  directory: string,
  copy: string,
  now: string,
): Promise<{ aside: string | null }> {
  if (!existsSync(copy))
    throw new DataTrouble(`There is no copy ${copy}. npm run restore -- --list names them.`);
  const client = createClient({ url: `file:${copy}` });
  const whole = await isWhole(client).catch(() => false);
  client.close();
  if (!whole) throw new DataTrouble(`The copy ${basename(copy)} is damaged too; try an older one.`);
  const file = join(directory, DATA_FILE);
  const aside = `${file}.${now.replace(/[:.]/g, '-')}`;
  // A log without its data would be read into the copy.
  const there = ['', '-wal', '-shm'].filter((tail) => existsSync(file + tail));
  for (const tail of there) renameSync(file + tail, aside + tail);
  copyFileSync(copy, file);
  return { aside: there.includes('') ? aside : null };
}
