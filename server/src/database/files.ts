import { closeSync, fsyncSync, openSync, renameSync, rmSync, statfsSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { DataTrouble } from './trouble.js';

/** Files that are there whole or not at all, also after the power went. */

/** Everything of a file, or the entries of a folder, is on the disk afterwards. */
export function flush(path: string): void {
  const handle = openSync(path, 'r');
  try {
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
}

/** Give a finished file its name, in place of what bore it. */
export function moveInto(from: string, to: string): void {
  flush(from);
  renameSync(from, to);
  flush(dirname(to));
}

/** A small file, replaced whole. */
export function writeWhole(path: string, text: string): void {
  const aside = `${path}.new`;
  try {
    writeFileSync(aside, text);
    moveInto(aside, path);
  } catch (fault) {
    rmSync(aside, { force: true });
    throw fault;
  }
}

/** Room that stays free whatever is written, so that the shop itself can go on saving. */
const SPARE_BYTES = 16 * 1024 * 1024;

/** How many bytes a folder's disk can still take. Tests give their own. */
export type RoomIn = (folder: string) => number;
const roomIn: RoomIn = (folder) => {
  const { bavail, bsize } = statfsSync(folder);
  return bavail * bsize;
};

const megabytes = (bytes: number) => `${Math.ceil(bytes / 1024 / 1024).toLocaleString('en')} MB`;

/** @throws DataTrouble in words when the disk cannot take that many bytes and a little more; nothing was written */
export function needRoom(folder: string, bytes: number, room: RoomIn = roomIn): void {
  const free = room(folder);
  if (free >= bytes + SPARE_BYTES) return;
  throw new DataTrouble(
    `The disk that holds ${folder} is nearly full: ${megabytes(free)} are free, and ${megabytes(bytes + SPARE_BYTES)} are needed for a copy. Make room, then try again; nothing was changed.`,
  );
}
