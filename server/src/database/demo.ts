import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { briefFingerprint, CounterFile, House, OrderFile } from '@rotula/core';
import { count } from 'drizzle-orm';
import { lotRows, goodRow } from '../counter/rows.js';
import { orderRow } from '../orders/rows.js';
import type { Database } from './database.js';
import { goods, house, lots, orders } from './schema.js';

/** The day of the demo's story. */
const STORY_DAY = '2026-11-24';
const WEEK_MS = 7 * 86_400_000;

/** Every date in a text moved by whole weeks, so that the demo is always of this week and weekdays stay. */
export function movedDates(text: string, now: string): string {
  const weeks = Math.floor((Date.parse(now.slice(0, 10)) - Date.parse(STORY_DAY)) / WEEK_MS);
  if (weeks <= 0) return text;
  return text.replace(/\b\d{4}-\d{2}-\d{2}(?=["T])/g, (day) =>
    new Date(Date.parse(day) + weeks * WEEK_MS).toISOString().slice(0, 10),
  );
}

/**
 * Fill an empty database with the demo shop, from files in the formats that users import. All or nothing.
 * Returns whether anything was loaded.
 */
export async function loadDemo(db: Database, directory: string, now: string): Promise<boolean> {
  const [row] = await db.select({ n: count() }).from(goods);
  if ((row?.n ?? 0) > 0) return false;
  const readJson = (path: string): unknown => JSON.parse(movedDates(readFileSync(path, 'utf8'), now));
  const counter = CounterFile.parse(readJson(join(directory, 'counter.json'))).goods;
  const shop = House.parse(readJson(join(directory, 'house.json')));
  const files = readdirSync(join(directory, 'orders')).filter((name) => name.endsWith('.json'));
  const demoOrders = files.map((name) => {
    const { order } = OrderFile.parse(readJson(join(directory, 'orders', name)));
    const selection = order.selection.goods
      ? { ...order.selection, briefFingerprint: briefFingerprint(order.brief) }
      : order.selection;
    return orderRow({ ...order, selection, id: name.replace('.json', ''), version: 1, updatedAt: now });
  });
  await db.batch([
    db.insert(house).values({ id: 1, doc: shop }).onConflictDoNothing(),
    ...counter.map((good) => db.insert(goods).values(goodRow(good))),
    ...counter.flatMap((good) => lotRows(good).map((lot) => db.insert(lots).values(lot))),
    ...demoOrders.map((order) => db.insert(orders).values(order).onConflictDoNothing()),
  ]);
  return true;
}

export const hasDemo = (directory: string | null): directory is string =>
  directory !== null && existsSync(join(directory, 'counter.json'));
