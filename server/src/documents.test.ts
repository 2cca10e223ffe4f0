import { afterEach, describe, expect, test } from '@jest/globals';
import { existsSync, mkdirSync, readdirSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { createClient } from '@libsql/client';
import request from 'supertest';
import { Good, GOOD_FORMAT, HOUSE_FORMAT, Order, versionOf } from '@rotula/core';
import { copiesOf, DATA_FILE } from './database/copies.js';
import { openDatabase } from './database/database.js';
import { restoreCopy } from './database/restore.js';
import { DataTrouble } from './database/trouble.js';
import { configFor, freshFolder, openShop, type OpenShop } from './testing/shop.js';
import { storedRows, writeV1 } from './testing/stored.js';

/** Without what was read of goods: that comes with them, and is no part of a format. */
const unread = (document: unknown): unknown =>
  JSON.parse(JSON.stringify(document, (key, value: unknown) => (key === 'read' ? undefined : value)));

const open: OpenShop[] = [];
const folders: string[] = [];
afterEach(async () => {
  for (const shop of open.splice(0)) await shop.stop();
  for (const folder of folders.splice(0)) rmSync(folder, { recursive: true, force: true });
});
const folder = () => {
  const made = freshFolder();
  folders.push(made);
  return made;
};
const shopOn = async (data = folder()) => {
  const shop = await openShop(data);
  open.push(shop);
  return shop;
};
const v1Folder = async () => {
  const data = folder();
  await writeV1(join(data, DATA_FILE));
  return data;
};
const sqlOn = async (data: string, sql: string, args: string[] = []) => {
  const client = createClient({ url: `file:${join(data, DATA_FILE)}` });
  const result = await client.execute({ sql, args });
  client.close();
  return result;
};

describe('documents of format 1, as they lay in SQLite', () => {
  test('every order, good and the house open in today’s form, and nothing of them is lost', async () => {
    const { server } = await shopOn(await v1Folder());
    const { body: book } = await request(server).get('/api/orders').expect(200);
    expect(book.unreadable).toEqual([]);
    expect(book.orders).toHaveLength(storedRows('v1', 'orders').length);
    for (const row of storedRows('v1', 'orders')) {
      const order = book.orders.find((o: Order) => o.id === row.id);
      expect(Order.parse(order)).toEqual(unread(order));
      const { brief: was, selection: wasSelection, waved, ...old } = JSON.parse(String(row.doc));
      expect(order).toMatchObject(old);
      // What was left by an id of its own is left by rule and subject now.
      expect(order.adviceLeft).toHaveLength(waved.length);
      const { limits: wereLimits, ...restOfBrief } = was;
      expect(order.brief).toMatchObject(restOfBrief);
      const whats = order.brief.persons.flatMap(({ limits }: { limits: { what: string }[] }) =>
        limits.map(({ what }) => what),
      );
      expect(whats).toEqual(wereLimits.map(({ what }: { what: string }) => what));
      const { briefFingerprint: _f, ...restOfSelection } = wasSelection;
      expect(order.selection).toMatchObject(restOfSelection);
    }
    const { body: counter } = await request(server).get('/api/counter').expect(200);
    expect(counter.unreadable).toEqual([]);
    expect(counter.goods).toHaveLength(storedRows('v1', 'goods').length);
    for (const good of counter.goods) expect(Good.parse(good)).toEqual(unread(good));
    expect(counter.goods.flatMap((g: Good) => g.lots)).toHaveLength(storedRows('v1', 'lots').length);
    const { body: house } = await request(server).get('/api/house').expect(200);
    expect(house).toMatchObject({ name: 'The Brackwater Counter', country: 'IE', version: 1 });
  });

  test('whoever had seen a brief has still seen it', async () => {
    const { server } = await shopOn(await v1Folder());
    const { body: order } = await request(server).get('/api/orders/boatyard-launch-supper').expect(200);
    const plan = await request(server).post('/api/plan').send({ order }).expect(200);
    expect(plan.body.plan.briefChanged).toBe(false);
  });

  test('a checked copy is made before the change, and one command brings it back', async () => {
    const data = await v1Folder();
    await (await shopOn(data)).stop();
    open.length = 0;
    expect(copiesOf(data)).toHaveLength(1);
    await sqlOn(data, 'DELETE FROM orders');
    const [{ file: copy } = { file: '' }] = copiesOf(data);
    const { migrations } = configFor(data);
    const { aside } = await restoreCopy(data, copy, '2026-11-26T10:00:00Z', { migrations });
    expect(existsSync(aside!)).toBe(true);
    // Data that are gone leave their log behind: it is put aside, and not read into the copy.
    rmSync(join(data, DATA_FILE));
    writeFileSync(join(data, `${DATA_FILE}-wal`), 'what was not written yet');
    expect(await restoreCopy(data, copy, '2026-11-26T10:01:00Z', { migrations })).toEqual({ aside: null });
    expect(existsSync(join(data, `${DATA_FILE}-wal`))).toBe(false);
    const { server } = await shopOn(data);
    expect((await request(server).get('/api/orders')).body.orders).toHaveLength(7);
    await expect(restoreCopy(data, join(data, 'none.sqlite'), 'now', { migrations })).rejects.toThrow(
      'There is no copy',
    );
  });

  test('a shop from before the mark keeps its counter, also an empty one', async () => {
    const data = await v1Folder();
    await sqlOn(data, 'DELETE FROM goods');
    await sqlOn(data, 'DELETE FROM lots');
    const { server } = await shopOn(data);
    expect((await request(server).get('/api/counter')).body.goods).toEqual([]);
  });
});

describe('documents of format 12, as they lay in SQLite', () => {
  const v12Shop = async () => {
    const data = folder();
    await (await shopOn(data)).stop();
    open.length = 0;
    for (const table of ['orders', 'house'])
      for (const row of storedRows('v12', table)) {
        const columns = Object.keys(row);
        await sqlOn(
          data,
          `REPLACE INTO ${table} (${columns.join(', ')}) VALUES (${columns.map(() => '?').join(', ')})`,
          columns.map((column) => row[column] as string),
        );
      }
    return (await shopOn(data)).server;
  };
  test('what was left by a rule’s words stays left by its slug, and what the house learnt still weighs', async () => {
    const server = await v12Shop();
    const { body: order } = await request(server).get('/api/orders/boatyard-launch-supper').expect(200);
    expect(Order.parse(order)).toEqual(unread(order));
    expect(order.adviceLeft).toEqual([
      { rule: 'out-too-long', subject: 'halyard#1' },
      { rule: 'out-too-long', subject: 'kestrel-ash#2' },
      {
        rule: 'kept-board-breaks',
        subject: 'overlaps halyard tarpot, strong-beside-delicate cinder-ewe meadow-pearls',
      },
    ]);
    const {
      body: { plan },
    } = await request(server).post('/api/plan').send({ order }).expect(200);
    const left = plan.advice.filter((one: { left: boolean }) => one.left);
    expect(left.map(({ rule }: { rule: string }) => rule)).toEqual(['out-too-long', 'out-too-long']);
    const { body: house } = await request(server).get('/api/house').expect(200);
    expect(house.learnt.weights).toEqual({ 'acid-cuts-fat': 0.5, 'sweet-as-it-asks': 1.25 });
  });
  test('a finished order keeps its goods and its house, which say their own format now', async () => {
    const server = await v12Shop();
    const [, was] = storedRows('v12', 'orders').map(({ doc }) => JSON.parse(String(doc)));
    expect(was.snapshot.format).toBeUndefined();
    const { body: order } = await request(server).get('/api/orders/quiet-board-for-two').expect(200);
    expect(order.snapshot.format).toEqual({ good: versionOf(GOOD_FORMAT), house: versionOf(HOUSE_FORMAT) });
    expect(Object.keys(order.snapshot.goods)).toEqual(Object.keys(was.snapshot.goods));
    expect(order.snapshot.house).toMatchObject({ name: was.snapshot.house.name });
    expect(order.snapshot.house.learnt.weights).toHaveProperty('acid-cuts-fat', 0.5);
  });
});

describe('what cannot be read shows itself, alone', () => {
  test.each([
    ['text that is not JSON', '{"title": "half', /not valid JSON/],
    ['a document that lost a field', '{"title": "x"}', /brief/],
  ])('%s', async (_, doc, why) => {
    const data = folder();
    const first = await shopOn(data);
    await first.stop();
    open.length = 0;
    await sqlOn(data, 'UPDATE orders SET doc = ?, format = 2 WHERE id = ?', [doc, 'quiet-board-for-two']);
    await sqlOn(data, 'UPDATE goods SET doc = ? WHERE id = ?', [doc, 'halyard']);
    await sqlOn(data, 'UPDATE house SET doc = ?', ['{"units": 3}']);
    const { server } = await shopOn(data);
    const book = (await request(server).get('/api/orders').expect(200)).body;
    expect(book.orders).toHaveLength(5);
    expect(book.unreadable).toMatchObject([{ id: 'quiet-board-for-two', says: expect.stringMatching(why) }]);
    const one = await request(server).get('/api/orders/quiet-board-for-two').expect(422);
    expect(one.body).toMatchObject({
      message: expect.stringMatching(why),
      unreadable: { id: 'quiet-board-for-two' },
    });
    const file = await request(server)
      .get('/api/orders/quiet-board-for-two/stored')
      .buffer(true)
      .parse((response, done) => {
        let text = '';
        response.on('data', (chunk) => (text += String(chunk)));
        response.on('end', () => done(null, text));
      })
      .expect(200);
    expect(file.body).toContain(doc.includes('half') ? doc : '"title": "x"');
    const counter = (await request(server).get('/api/counter').expect(200)).body;
    expect(counter.unreadable).toMatchObject([{ id: 'halyard', name: 'Halyard' }]);
    expect(counter.goods.length).toBeGreaterThan(200);
    await request(server).head('/api/counter/halyard/stored').expect(200);
    expect((await request(server).get('/api/house').expect(200)).body.unreadable).toMatch(/units/);
    await request(server).get('/api/house/stored').expect(200);
    await request(server).get('/api/orders/boatyard-launch-supper').expect(200);
  });

  test('a document of a later format is not touched', async () => {
    const data = folder();
    await (await shopOn(data)).stop();
    open.length = 0;
    await sqlOn(data, 'UPDATE orders SET format = 99 WHERE id = ?', ['quiet-board-for-two']);
    const { server } = await shopOn(data);
    expect((await request(server).get('/api/orders')).body.unreadable[0].says).toContain('later Rotula');
  });
});

describe('the demo is loaded once', () => {
  test('a shop that emptied its counter stays empty', async () => {
    const data = folder();
    const first = await shopOn(data);
    await first.stop();
    open.length = 0;
    await sqlOn(data, 'DELETE FROM goods');
    const { server } = await shopOn(data);
    expect((await request(server).get('/api/counter')).body.goods).toEqual([]);
  });
  test('a shop that wanted none does not get it later', async () => {
    const data = folder();
    await (await openShop(data, { demoDirectory: null })).stop();
    const { server } = await shopOn(data);
    expect((await request(server).get('/api/counter')).body.goods).toEqual([]);
  });
});

describe('data that cannot be used are said in one sentence', () => {
  const troubleOn = (data: string) =>
    openDatabase(data, configFor(data).migrations).then(
      () => 'opened',
      (fault: unknown) => (fault instanceof DataTrouble ? fault.message : `not plain: ${String(fault)}`),
    );
  const filled = async () => {
    const data = folder();
    await (await openShop(data)).stop();
    return data;
  };
  test('an empty file', async () => {
    const data = folder();
    writeFileSync(join(data, DATA_FILE), '');
    expect(await troubleOn(data)).toMatch(/is empty: what was in it is gone.*npm run restore/);
  });
  test('a truncated database', async () => {
    const data = await filled();
    truncateSync(join(data, DATA_FILE), 40_000);
    expect(await troubleOn(data)).toMatch(/damaged.*npm run restore/);
  });
  test('a file that is no database', async () => {
    const data = folder();
    writeFileSync(join(data, DATA_FILE), 'shopping list: milk, rennet'.repeat(400));
    expect(await troubleOn(data)).toMatch(/damaged/);
  });
  test('a folder where the file should be', async () => {
    const data = folder();
    mkdirSync(join(data, DATA_FILE));
    writeFileSync(join(data, DATA_FILE, 'x'), 'x');
    expect(await troubleOn(data)).toMatch(/cannot be opened/);
  });
  test('a path that is a file', async () => {
    const data = join(folder(), 'note.txt');
    writeFileSync(data, 'x');
    expect(await troubleOn(data)).toMatch(/cannot be (opened|written)/);
  });
  test('two servers on one folder: the second says so; when the first is gone the third may', async () => {
    const data = folder();
    const first = await openShop(data);
    expect(await troubleOn(data)).toMatch(/Another Rotula \(process \d+, since .*\) already uses/);
    await first.stop();
    expect(await troubleOn(data)).toBe('opened');
    expect(readdirSync(data)).toContain(DATA_FILE);
  });
});

describe('twice is once', () => {
  const brief = { servingAt: '2027-01-09T19:00', guests: { adults: 6 } };
  test('an order that is made twice under one id is one order', async () => {
    const { server } = await shopOn();
    const ask = () => request(server).post('/api/orders').send({ id: 'made-here-1', brief });
    const answers = await Promise.all([ask(), ask(), ask()]);
    expect(answers.map((a) => a.status)).toEqual([201, 201, 201]);
    const { orders } = (await request(server).get('/api/orders')).body;
    expect(orders.filter((o: Order) => o.id === 'made-here-1')).toHaveLength(1);
  });
  test('a delete that is taken back brings back the same id and document; twice is the same', async () => {
    const { server } = await shopOn();
    const before = (await request(server).get('/api/orders/quiet-board-for-two')).body;
    await request(server).delete('/api/orders/quiet-board-for-two').expect(204);
    await request(server).delete('/api/orders/quiet-board-for-two').expect(204);
    await request(server).get('/api/orders/quiet-board-for-two').expect(404);
    await request(server)
      .put('/api/orders/quiet-board-for-two')
      .send({ version: 1, order: before })
      .expect(404);
    for (let i = 0; i < 2; i++)
      await request(server).post('/api/orders/quiet-board-for-two/restore').expect(200);
    expect((await request(server).get('/api/orders/quiet-board-for-two')).body).toEqual(before);
    expect((await request(server).get('/api/orders')).body.orders).toHaveLength(6);
    await request(server).post('/api/orders/never-was/restore').expect(404);
  });
});
