import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { existsSync, readdirSync, renameSync, rmSync, statSync, truncateSync } from 'node:fs';
import { join } from 'node:path';
import { createClient } from '@libsql/client';
import request from 'supertest';
import { changeTo, linesOf, type Good } from '@rotula/core';
import { copiesOf, DATA_FILE, makeCopy } from '../database/copies.js';
import { openDatabase } from '../database/database.js';
import { RESTORE_STEPS, restoreCopy } from '../database/restore.js';
import { readShopMark } from '../database/shopMark.js';
import { configFor, filledFolder, freshFolder, openShop } from '../testing/shop.js';

let data: string;
beforeEach(async () => {
  data = await filledFolder();
});
afterEach(() => rmSync(data, { recursive: true, force: true }));

const { migrations } = configFor('x');
const file = () => join(data, DATA_FILE);
const sqlOn = async (sql: string) => {
  const client = createClient({ url: `file:${file()}` });
  const { rows } = await client.execute(sql);
  client.close();
  return rows;
};
const titles = async () => (await sqlOn('SELECT id FROM orders ORDER BY id')).map((row) => String(row[0]));
/** A shop with a copy, changed since: six orders in the copy, five in the data. */
async function shopWithCopy() {
  const shop = await openShop(data);
  await request(shop.server).post('/api/copies').expect(200);
  await shop.stop();
  await sqlOn("DELETE FROM orders WHERE id = 'quiet-board-for-two'");
  return copiesOf(data)[0]!.file;
}
const troubleOnOpening = () =>
  openDatabase(data, migrations).then(
    async (db) => (await db.close(), null),
    (fault: Error) => fault.message,
  );

describe('making one', () => {
  test('by a touch: told with its age, whole, and no half one lies beside it', async () => {
    const shop = await openShop(data);
    expect((await request(shop.server).get('/api/copies')).body).toMatchObject({ last: null, count: 0 });
    const { body } = await request(shop.server).post('/api/copies').expect(200);
    expect(body).toMatchObject({ count: 1, trouble: null });
    expect(Math.abs(Date.parse(body.last) - Date.now())).toBeLessThan(60_000);
    expect(readdirSync(join(data, 'copies'))).toHaveLength(1);
    // The mark beside the data says so too, for whoever finds the folder without them.
    expect(readShopMark(data)?.lastCopy).toBe(body.last);
    await shop.stop();
  });
  test('before an import', async () => {
    const shop = await openShop(data);
    const [good] = (await request(shop.server).get('/api/counter')).body.goods as Good[];
    const lines = [...linesOf(changeTo('import', [{ ...good!, note: 'new' }], new Map([[good!.id, good!]])))];
    await request(shop.server)
      .post('/api/counter/changes/lines')
      .set('Content-Type', 'application/x-ndjson')
      .send(lines.join('\n'))
      .expect(200);
    await shop.stop();
    const copy = createClient({ url: `file:${copiesOf(data)[0]!.file}` });
    const { rows } = await copy.execute({ sql: 'SELECT doc FROM goods WHERE id = ?', args: [good!.id] });
    copy.close();
    expect(JSON.parse(String(rows[0]![0])).note).toBe(good!.note);
  });
  test('without room: said in words, the copies before it stand, and nothing half is left', async () => {
    const copy = await shopWithCopy();
    const client = createClient({ url: `file:${file()}` });
    await expect(makeCopy(client, data, '2031-01-01T03:00:00.000Z', () => 1e6)).rejects.toThrow(
      /nearly full: 1 MB are free, and \d+ MB are needed.*nothing was changed/,
    );
    client.close();
    expect(copiesOf(data).map((c) => c.file)).toEqual([copy]);
    expect(readdirSync(join(data, 'copies'))).toHaveLength(1);
  });
});

describe('bringing one back', () => {
  test('killed after any step, a whole shop stands: the old one, or the one brought back', async () => {
    const copy = await shopWithCopy();
    for (let done = 0; done <= RESTORE_STEPS.length; done++) {
      await sqlOn("DELETE FROM orders WHERE id = 'quiet-board-for-two'");
      const before = await titles();
      const killed = () => {
        throw new Error('killed');
      };
      const steps = [...RESTORE_STEPS.slice(0, done), killed];
      await expect(
        restoreCopy(data, copy, `2031-01-0${done + 1}T10:00:00Z`, { migrations, steps }),
      ).rejects.toThrow('killed');
      expect(await titles()).toEqual(
        done < RESTORE_STEPS.length ? before : [...before, 'quiet-board-for-two'].sort(),
      );
      expect(await troubleOnOpening()).toBeNull();
    }
  });
  test('without room nothing is touched', async () => {
    const copy = await shopWithCopy();
    const was = readdirSync(data);
    const before = await titles();
    await expect(
      restoreCopy(data, copy, '2031-01-01T10:00:00Z', { migrations, room: () => 0 }),
    ).rejects.toThrow('nearly full');
    expect(readdirSync(data)).toEqual(was);
    expect(await titles()).toEqual(before);
  });
  test.each([
    ['another program’s database', 'CREATE TABLE notes (text TEXT)', /is no shop of Rotula/],
    ['a shop of a later format', 'UPDATE goods SET format = 999', /a later Rotula wrote it/],
    [
      'a shop of later tables',
      "INSERT INTO __drizzle_migrations (hash, created_at) SELECT 'x', 9 FROM goods",
      /later/,
    ],
  ])('%s is refused before anything moves', async (_, sql, says) => {
    const copy = await shopWithCopy();
    const before = await titles();
    const client = createClient({ url: `file:${copy}` });
    if (sql.startsWith('CREATE'))
      for (const table of ['goods', 'lots', 'orders']) await client.execute(`DROP TABLE ${table}`);
    await client.execute(sql);
    client.close();
    await expect(restoreCopy(data, copy, '2031-01-01T10:00:00Z', { migrations })).rejects.toThrow(says);
    expect(await titles()).toEqual(before);
  });
  test('a damaged copy is refused', async () => {
    const copy = await shopWithCopy();
    truncateSync(copy, Math.floor(statSync(copy).size / 2));
    await expect(restoreCopy(data, copy, '2031-01-01T10:00:00Z', { migrations })).rejects.toThrow(
      /damaged too/,
    );
  });
});

describe('a folder that held a shop never becomes a new one', () => {
  test('the data are gone: it says so, and where the copies are', async () => {
    await shopWithCopy();
    for (const name of readdirSync(data)) if (name.startsWith(DATA_FILE)) rmSync(join(data, name));
    expect(await troubleOnOpening()).toMatch(
      /A shop has lived in .* since \d{4}-\d\d-\d\d, and its data \(rotula\.sqlite\) are gone\. .*npm run restore \(they lie in .*copies\)/,
    );
    expect(existsSync(file())).toBe(false);
    await restoreCopy(data, copiesOf(data)[0]!.file, '2031-01-01T10:00:00Z', { migrations });
    expect(await titles()).toContain('quiet-board-for-two');
  });
  test('so too where only the mark is left, or an empty database stands in for it', async () => {
    await shopWithCopy();
    rmSync(join(data, 'copies'), { recursive: true });
    for (const name of readdirSync(data)) if (name.startsWith(DATA_FILE)) rmSync(join(data, name));
    expect(await troubleOnOpening()).toMatch(/are gone/);
    await sqlOn('CREATE TABLE notes (text TEXT)');
    expect(await troubleOnOpening()).toMatch(/are gone/);
    renameSync(join(data, 'rotula.shop.json'), join(data, 'elsewhere.json'));
  });
  test('a new folder becomes one, and is marked', async () => {
    const fresh = freshFolder();
    await (await openShop(fresh)).stop();
    expect(existsSync(join(fresh, 'rotula.shop.json'))).toBe(true);
    rmSync(fresh, { recursive: true, force: true });
  });
});
