import { expect, test } from '@jest/globals';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { createClient } from '@libsql/client';
import request from 'supertest';
import { changeTo, goodsById, type Good } from '@rotula/core';
import { DATA_FILE } from './database/copies.js';
import { freshFolder, openShop } from './testing/shop.js';

const brief = { servingAt: '2027-01-09T19:00', guests: { adults: 6 } };

/** Another program holds the write lock of the same file; resolves when it has it. */
async function holdLock(file: string) {
  const other = createClient({ url: `file:${file}` });
  const held = await other.transaction('write');
  return {
    release: async () => {
      await held.rollback();
      other.close();
    },
  };
}

test('whatever was acknowledged while another process held the lock is there after a restart', async () => {
  const data = freshFolder();
  const shop = await openShop(data);
  const { server } = shop;
  const titles = ['Ash', 'Birch', 'Cedar'];
  const made = await Promise.all(
    titles.map(async (title) => (await request(server).post('/api/orders').send({ title, brief })).body),
  );
  const lock = await holdLock(join(data, DATA_FILE));
  const acknowledged = new Map<string, string>();
  // Three clients save again and again; the first saves are asked while the lock is held.
  const client = async (order: { id: string; version: number } & Record<string, unknown>) => {
    let { version } = order;
    const { id, version: _v, updatedAt: _u, ...doc } = order;
    for (let i = 0; i < 12; i++) {
      const title = `${String(order.title)} ${i}`;
      const answer = await request(server)
        .put(`/api/orders/${id}`)
        .send({ version, order: { ...doc, title } });
      if (answer.status === 200) {
        acknowledged.set(id, title);
        version = answer.body.version;
      } else expect(answer.status).toBe(503);
    }
  };
  const work = Promise.all(made.map(client));
  // Reading goes on while somebody else writes.
  expect((await request(server).get('/api/counter')).status).toBe(200);
  expect(acknowledged.size).toBe(0);
  await lock.release();
  await work;
  expect(acknowledged.size).toBe(3);
  const goods = goodsById((await request(server).get('/api/counter')).body.goods as Good[]);
  const change = changeTo('a note', [{ ...goods.get('halyard')!, note: 'written after' }], goods);
  expect((await request(server).post('/api/counter/changes').send(change)).status).toBe(200);
  await shop.stop();

  const again = await openShop(data);
  for (const [id, title] of acknowledged)
    expect((await request(again.server).get(`/api/orders/${id}`)).body.title).toBe(title);
  const { goods: after } = (await request(again.server).get('/api/counter')).body;
  expect(after.find((g: Good) => g.id === 'halyard').note).toBe('written after');
  await again.stop();
  rmSync(data, { recursive: true, force: true });
});
