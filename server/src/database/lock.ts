import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { createClient } from '@libsql/client';
import { DataTrouble, isBusy } from './trouble.js';

/**
 * One server for one data folder. The lock is a write transaction on a file of its own that is held as long as the process
 * lives: the operating system lets go of it however the process ends, so there is never a stale lock.
 * @throws DataTrouble when another server holds it
 */
export async function lockFolder(directory: string): Promise<() => void> {
  const note = join(directory, 'rotula.lock.json');
  const client = createClient({ url: `file:${join(directory, 'rotula.lock')}`, concurrency: 1 });
  try {
    const held = await client.transaction('write');
    writeFileSync(note, JSON.stringify({ pid: process.pid, since: new Date().toISOString() }));
    return () => {
      held.close();
      client.close();
    };
  } catch (fault) {
    client.close();
    if (!isBusy(fault)) throw fault;
    throw new DataTrouble(
      `Another Rotula${holderWords(note)} already uses the data in ${directory}. Use that one, stop it, or set ROTULA_DATA to another folder.`,
    );
  }
}

function holderWords(note: string): string {
  try {
    const { pid, since } = JSON.parse(readFileSync(note, 'utf8'));
    return ` (process ${pid}, since ${String(since).slice(0, 16).replace('T', ' ')} UTC)`;
  } catch {
    return '';
  }
}
