import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  briefFingerprint,
  CounterFile,
  House,
  HOUSE_FORMAT,
  OrderFile,
  readDocument,
  SessionFile,
  settledOrder,
  versionOf,
} from '@rotula/core';
import { count, eq } from 'drizzle-orm';
import { goodRow, lotRows } from '../counter/rows.js';
import { orderRow } from '../orders/rows.js';
import { tastingRow } from '../tastings/rows.js';
import type { Database } from '../database/database.js';
import { goods, house, lots, marks, orders, tastings } from '../database/schema.js';
import { readable } from '../database/storedText.js';

/** The day of the demo's story. */
const STORY_DAY = '2026-11-24';
const WEEK_MS = 7 * 86_400_000;
/** Set once the question of the demo is settled for a shop, whether it was loaded or not. */
const DEMO_MARK = 'demo';

/** Every date in a text moved by whole weeks, so that the demo is always of this week and weekdays stay. */
export function movedDates(text: string, now: string): string {
  const weeks = Math.floor((Date.parse(now.slice(0, 10)) - Date.parse(STORY_DAY)) / WEEK_MS);
  if (weeks <= 0) return text;
  return text.replace(/\b\d{4}-\d{2}-\d{2}(?=["T])/g, (day) =>
    new Date(Date.parse(day) + weeks * WEEK_MS).toISOString().slice(0, 10),
  );
}

const readJson = (path: string, now: string): unknown =>
  JSON.parse(movedDates(readFileSync(path, 'utf8'), now));

const filesIn = (folder: string): string[] =>
  existsSync(folder) ? readdirSync(folder).filter((name) => name.endsWith('.json')) : [];

function houseOf(file: unknown): House {
  const { formatVersion = 1, ...doc } = file as { formatVersion?: number };
  const read = readDocument(HOUSE_FORMAT, House, doc, formatVersion);
  if ('says' in read) throw new Error(`demo/house.json: ${read.says}`);
  return read.document;
}

/**
 * Fill a new shop with the demo, from files in the formats that users import; all or nothing, and only once: a mark says
 * that it was, so a shop that has emptied its counter is left alone.
 * @param directory null: this shop wants no demo
 * @returns whether anything was loaded
 */
export async function loadDemo(db: Database, directory: string | null, now: string): Promise<boolean> {
  return db.write(async (tx) => {
    const [mark] = await tx.select(readable(marks)).from(marks).where(eq(marks.name, DEMO_MARK));
    if (mark) return false;
    await tx.insert(marks).values({ name: DEMO_MARK, at: now });
    const [has] = await tx.select({ n: count() }).from(goods);
    // A shop from before there were marks had its demo, or went without.
    if (db.isOld || (has?.n ?? 0) > 0 || directory === null) return false;
    const counter = CounterFile.parse(readJson(join(directory, 'counter.json'), now)).goods;
    const shop = houseOf(readJson(join(directory, 'house.json'), now));
    const sessions = filesIn(join(directory, 'tastings')).map((name) => ({
      ...SessionFile.parse(readJson(join(directory, 'tastings', name), now)).session,
      id: name.replace('.json', ''),
      version: 1,
      updatedAt: now,
    }));
    const files = filesIn(join(directory, 'orders'));
    const demoOrders = files.map((name) => {
      const { order } = OrderFile.parse(readJson(join(directory, 'orders', name), now));
      const selection = order.selection.goods
        ? { ...order.selection, briefFingerprint: briefFingerprint(order.brief) }
        : order.selection;
      const settled = settledOrder({ ...order, selection }, counter, shop);
      return orderRow({ ...settled, id: name.replace('.json', ''), version: 1, updatedAt: now });
    });
    await tx
      .insert(house)
      .values({ id: 1, version: 1, format: versionOf(HOUSE_FORMAT), doc: JSON.stringify(shop) })
      .onConflictDoNothing();
    for (const good of counter) {
      await tx.insert(goods).values(goodRow(good));
      for (const lot of lotRows(good)) await tx.insert(lots).values(lot);
    }
    for (const order of demoOrders) await tx.insert(orders).values(order).onConflictDoNothing();
    for (const session of sessions)
      await tx.insert(tastings).values(tastingRow(session)).onConflictDoNothing();
    return true;
  });
}

export const hasDemo = (directory: string | null): directory is string =>
  directory !== null && existsSync(join(directory, 'counter.json'));
