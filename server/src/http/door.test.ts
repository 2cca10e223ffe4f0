import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import request from 'supertest';
import { freshFolder, openShop, type OpenShop } from '../testing/shop.js';
import { ownNames } from './door.js';

let shop: OpenShop;
beforeAll(async () => {
  const data = freshFolder();
  const webDirectory = join(data, 'web');
  mkdirSync(join(webDirectory, 'assets'), { recursive: true });
  writeFileSync(join(webDirectory, 'index.html'), '<!doctype html><title>Rotula</title>');
  writeFileSync(join(webDirectory, 'assets', 'a-1234.js'), 'export {}');
  writeFileSync(join(webDirectory, 'rotula.svg'), '<svg xmlns="http://www.w3.org/2000/svg"/>');
  shop = await openShop(data, { webDirectory, names: ['counter.example'] });
});
afterAll(() => shop.close());

describe('headers', () => {
  test.each(['/', '/api/house', '/assets/a-1234.js', '/api/nothing'])('%s', async (path) => {
    const { headers } = await request(shop.server).get(path);
    expect(headers).toMatchObject({
      'x-content-type-options': 'nosniff',
      'x-frame-options': 'DENY',
      'content-security-policy': expect.stringContaining("default-src 'self'"),
    });
    expect(headers['x-powered-by']).toBeUndefined();
  });
  test('hashed files are kept for a year, the page is asked for anew', async () => {
    expect((await request(shop.server).get('/assets/a-1234.js')).headers['cache-control']).toMatch(
      /max-age=31536000, immutable/,
    );
    expect((await request(shop.server).get('/orders/x/pick')).headers['cache-control']).toBe('no-cache');
  });
});

describe('pages and files', () => {
  test.each(['/', '/counter', '/orders/quiet-board-for-two/brief', '/some/page'])(
    '%s is the interface',
    async (path) => {
      expect((await request(shop.server).get(path).expect(200)).text).toContain('<title>Rotula');
      await request(shop.server).head(path).expect(200);
    },
  );
  test.each(['/assets/none.js', '/favicon.ico', '/web/x.map', '/api/none'])('%s is not there', (path) =>
    request(shop.server).get(path).expect(404),
  );
  test('HEAD is answered by the API too', () => request(shop.server).head('/api/orders').expect(200));
});

describe('who may come in', () => {
  const house = () => request(shop.server).get('/api/house');
  test.each(['localhost:4310', '127.0.0.1', '[::1]:4310', 'counter.example'])('%s is ours', (host) =>
    house().set('Host', host).expect(200),
  );
  test.each(['evil.example', 'localhost.evil.example', '10.0.0.7:4310'])('%s is not', async (host) => {
    const answer = await house().set('Host', host).expect(403);
    expect(answer.body.message).toContain('ROTULA_HOSTS');
  });
  const write = (origin?: string, site?: string) => {
    const ask = request(shop.server).delete('/api/orders/never-was').set('Host', 'localhost:4310');
    if (origin) void ask.set('Origin', origin);
    if (site) void ask.set('Sec-Fetch-Site', site);
    return ask;
  };
  test('a write from our own page goes through, one from another origin does not', async () => {
    await write().expect(404);
    await write('http://localhost:4310', 'same-origin').expect(404);
    await write('http://evil.example').expect(403);
    await write('http://localhost:9999').expect(403);
    await write('null').expect(403);
    await write(undefined, 'cross-site').expect(403);
  });
  test('a shop that listens everywhere answers to its own addresses', () => {
    expect([...ownNames('0.0.0.0', [])]).toEqual(expect.arrayContaining(['localhost', '127.0.0.1']));
  });
});

describe('a change in lines', () => {
  const send = (text: string, type = 'application/x-ndjson') =>
    request(shop.server).post('/api/counter/changes/lines').set('Content-Type', type).send(text);
  const remove = (id: string) => JSON.stringify({ remove: { id, was: 'x' } });
  test.each([
    ['', /Line 1: say what/],
    ['{"name":"x"}\n{"put":', /Line 2 is not valid JSON/],
    ['{"name":"x"}\n{"put":{"good":{"kind":"stone"},"was":null}}', /^Line 2, /],
    [remove('halyard'), /Line 1: say what/],
  ])('%j is refused, with its line', async (text, says) => {
    const answer = await send(text).expect(400);
    expect(answer.body.message).toMatch(says);
  });
  test('another type is refused, a stale good is 409', async () => {
    await send('{"name":"x"}', 'text/plain').expect(415);
    expect((await send(`{"name":"x"}\n${remove('halyard')}\n`).expect(409)).body.stale).toEqual(['halyard']);
  });
  test('a body of tens of megabytes is refused before it is parsed, on every other route', async () => {
    const big = `{"title":"${'x'.repeat(20_000_000)}"}`;
    for (const path of ['/api/orders', '/api/plan', '/api/pick', '/api/counter/changes'])
      expect(
        (await request(shop.server).post(path).set('Content-Type', 'application/json').send(big)).status,
      ).toBe(413);
  });
});
