import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { join } from 'node:path';
import { createClient } from '@libsql/client';
import fc from 'fast-check';
import request from 'supertest';
import { changeTo, linesOf, type Good } from '@rotula/core';
import { DATA_FILE } from './database/copies.js';
import { filledFolder, openShop, type OpenShop } from './testing/shop.js';

/** Text that no store can hold, at every door; and rows that hold it already. */

const HALF = 'half \ud83e';

/** The paths of every string in a document. */
function stringsIn(value: unknown, path: string[] = []): string[][] {
  if (typeof value === 'string') return [path];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inside]) => stringsIn(inside, [...path, key]));
}

const withAt = (value: unknown, [key, ...rest]: string[], text: string): unknown =>
  key === undefined
    ? text
    : Array.isArray(value)
      ? value.map((inside, i) => (String(i) === key ? withAt(inside, rest, text) : (inside as unknown)))
      : {
          ...(value as object),
          [key]: withAt((value as Record<string, unknown>)[key], rest, text),
        };

let shop: OpenShop;
let goods: Good[];
beforeAll(async () => {
  shop = await openShop();
  goods = (await request(shop.server).get('/api/counter')).body.goods;
});
afterAll(() => shop.close());

/** As a client that escapes what is no text: the half stands in the JSON as \ud83e, which is well-formed bytes. */
const send = (method: 'post' | 'put', path: string, body: unknown) =>
  request(shop.server)[method](path).set('Content-Type', 'application/json').send(JSON.stringify(body));

describe('half a character is refused in words, wherever it stands', () => {
  test('in every string of an order, a good, the house and a tasting', async () => {
    const order = (await request(shop.server).get('/api/orders/boatyard-launch-supper')).body;
    const house = (await request(shop.server).get('/api/house')).body;
    const [tasting] = (await request(shop.server).get('/api/tastings')).body.sessions;
    const good = goods.find(({ lots }) => lots.length > 0)!;
    const doors: [method: 'post' | 'put', path: string, body: unknown][] = [
      ['put', '/api/orders/boatyard-launch-supper', { version: order.version, order }],
      ['put', '/api/house', { version: house.version, house }],
      ['put', `/api/tastings/${tasting.id}`, { version: tasting.version, session: tasting }],
      ['post', '/api/counter/changes', { name: 'x', put: [{ good, was: null }], remove: [] }],
      ['post', '/api/plan', { order }],
      ['post', '/api/search/clock', { order }],
      ['post', '/api/pick', { brief: order.brief }],
    ];
    for (const [method, path, body] of doors)
      await fc.assert(
        fc.asyncProperty(fc.constantFrom(...stringsIn(body)), async (at) => {
          const answer = await send(method, path, withAt(body, at, HALF)).expect(400);
          expect(answer.body.message).toMatch(/half a character/);
          expect(answer.body.problems[0].field).toBe(at.join('.'));
        }),
        { numRuns: 12 },
      );
    // Nothing of it was written.
    expect((await request(shop.server).get('/api/orders/boatyard-launch-supper')).body).toEqual(order);
    expect((await request(shop.server).get('/api/counter')).body.goods).toEqual(goods);
  });

  test('in a line of an import, with its line', async () => {
    const [good] = goods;
    const lines = [...linesOf(changeTo('x', [{ ...good!, note: HALF }], new Map()))].join('\n');
    const answer = await request(shop.server)
      .post('/api/counter/changes/lines')
      .set('Content-Type', 'application/x-ndjson')
      .send(lines);
    expect(answer.status).toBe(400);
    expect(answer.body.message).toMatch(/^Line 2, put\.good\.note: holds half a character/);
  });

  test('control characters, a key that is half a character, and what is nested without end', async () => {
    const order = (title: string) => ({ title, brief: { servingAt: '2031-01-09T19:00' } });
    expect((await send('post', '/api/orders', order('nul \0')).expect(400)).body.message).toMatch(
      /^title: .*control character/,
    );
    await send('post', '/api/orders', { ...order('x'), [HALF]: 1 }).expect(400);
    const deep = '{"a":'.repeat(50_000) + '1' + '}'.repeat(50_000);
    const answer = await request(shop.server)
      .post('/api/orders')
      .set('Content-Type', 'application/json')
      .send(deep);
    expect(answer.status).toBe(400);
  });
});

test('a line break in a name or title becomes a space: it goes into calendars and names of files', async () => {
  const body = {
    title: 'Supper\r\nX-EVIL: 1\u2028now',
    brief: { servingAt: '2031-01-09T19:00', place: 'a\nb' },
  };
  const { body: order } = await send('post', '/api/orders', body).expect(201);
  expect(order.title).toBe('Supper X-EVIL: 1 now');
  expect(order.brief.place).toBe('a b');
});

test('the same good twice in one change is refused in words, whichever way it comes', async () => {
  const [good] = goods;
  const put = { good: { ...good!, name: 'Again' }, was: null };
  for (const change of [
    { name: 'x', put: [put, put], remove: [] },
    { name: 'x', put: [put], remove: [{ id: good!.id, was: 'x' }] },
  ]) {
    const answer = await send('post', '/api/counter/changes', change).expect(400);
    expect(answer.body.message).toContain(`${good!.id} stands twice`);
  }
  const lines = ['{"name":"x"}', JSON.stringify({ put }), JSON.stringify({ put })].join('\n');
  const answer = await request(shop.server)
    .post('/api/counter/changes/lines')
    .set('Content-Type', 'application/x-ndjson')
    .send(lines);
  expect(answer.status).toBe(400);
  expect(answer.body.message).toContain(`${good!.id} stands twice`);
});

test('absurd sizes have bounds, in words', async () => {
  const servingAt = '2031-01-09T19:00';
  const many = Object.fromEntries(Array.from({ length: 200_000 }, (_, i) => [`good-${i}`, 10]));
  const bodies: [object, RegExp][] = [
    [{ brief: { servingAt }, portions: many }, /^portions: at most 500 entries/],
    [{ brief: { servingAt, guests: { adults: 100_000 } } }, /at most 10,000 guests in one order/],
    [
      { brief: { servingAt, guests: { adults: 9000, children: 9000 } } },
      /at most 10,000 guests in one order/,
    ],
    [{ brief: { servingAt }, title: 'x'.repeat(161) }, /^title: at most 160 characters$/],
  ];
  for (const [body, says] of bodies)
    expect((await send('post', '/api/orders', body).expect(400)).body.message).toMatch(says);
});

describe('a file that holds such text already', () => {
  const BAD = '\\ud83e';
  /** As it was written before: SQLite turns the escape into bytes that are no UTF-8. */
  const spoil = (table: string, column: string) =>
    `UPDATE ${table} SET ${column} = (SELECT '{"spoilt":"' || json_extract('"${BAD}"', '$') || '"}')
     WHERE rowid = (SELECT min(rowid) FROM ${table})`;
  const ROWS: [table: string, column: string][] = [
    ['goods', 'doc'],
    ['goods', 'name'],
    ['lots', 'doc'],
    ['orders', 'doc'],
    ['orders', 'updated_at'],
    ['tastings', 'doc'],
    ['house', 'doc'],
    ['marks', 'at'],
  ];
  test.each(ROWS)('%s.%s: the server starts, sets the row aside and says so', async (table, column) => {
    const data = await filledFolder();
    const client = createClient({ url: `file:${join(data, DATA_FILE)}` });
    await client.execute(spoil(table, column));
    if (table === 'orders') await client.execute('UPDATE orders SET weighings = 1');
    client.close();
    const opened = await openShop(data);
    const read = async (path: string) => (await request(opened.server).get(path).expect(200)).body;
    const counter = await read('/api/counter');
    const book = await read('/api/orders');
    const tastings = await read('/api/tastings');
    const house = await read('/api/house');
    await read('/api/counter/taken');
    const says = [
      ...[...counter.unreadable, ...book.unreadable, ...tastings.unreadable].map(
        (u: { says: string }) => u.says,
      ),
      ...(house.unreadable ? [house.unreadable] : []),
    ];
    expect(says).toEqual(column === 'doc' ? [expect.stringMatching(/bytes that are no text/)] : []);
    expect(counter.goods.length + counter.unreadable.length).toBe(goods.length);
    if (table === 'goods' && column === 'doc')
      await request(opened.server).get(`/api/counter/${counter.unreadable[0].id}/stored`).expect(200);
    await opened.close();
  });
});
