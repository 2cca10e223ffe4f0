import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { writeWhole } from './files.js';

/** A small file beside the data that says that a shop lives here, so that a folder that held one is never taken for a new one. */
export interface ShopMark {
  /** Since when, ISO. */
  readonly since: string;
  /** The last good copy, ISO; null: none yet. */
  readonly lastCopy: string | null;
}

const MARK_FILE = 'rotula.shop.json';
const markIn = (directory: string) => join(directory, MARK_FILE);

/** null: nothing says that a shop lived here. A mark that cannot be read still says so. */
export function readShopMark(directory: string): ShopMark | null {
  if (!existsSync(markIn(directory))) return null;
  try {
    const { since, lastCopy } = JSON.parse(readFileSync(markIn(directory), 'utf8')) as Partial<ShopMark>;
    return { since: String(since ?? ''), lastCopy: lastCopy ? String(lastCopy) : null };
  } catch {
    return { since: '', lastCopy: null };
  }
}

/** Say that a shop lives here; what is known of it already stays. */
export function markShop(directory: string, part: Partial<ShopMark>, now: string): void {
  const { since, lastCopy } = readShopMark(directory) ?? { since: '', lastCopy: null };
  const mark: ShopMark = { since: since || now, lastCopy: part.lastCopy ?? lastCopy };
  writeWhole(markIn(directory), `${JSON.stringify({ ...mark, is: 'A Rotula shop lives here' }, null, 2)}\n`);
}
