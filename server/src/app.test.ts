import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { mkdtempSync, rmSync } from 'node:fs';
import type { Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import fc from 'fast-check';
import request from 'supertest';
import type { z } from 'zod';
import {
  asStored,
  changeTo,
  Copies,
  CounterAnswer,
  goodMark,
  goodsById,
  groundOf,
  inverseOf,
  Order,
  OrdersAnswer,
  PapersAnswer,
  plan,
  PlanAnswer,
  PreviewAnswer,
  readingOf,
  readPlan,
  SEARCH_IDS,
  SessionsAnswer,
  StoredHouse,
  TakingsAnswer,
  type CounterChange,
  type Good,
  type Taking,
} from '@rotula/core';
import { createApp } from './app.js';
import { readConfig } from './config.js';
import { movedDates } from './demo/demo.js';

let app: NestExpressApplication;
let server: Server;
const data = mkdtempSync(join(tmpdir(), 'rotula-server-'));
const config = { ...readConfig({ ROTULA_DATA: data, ROTULA_PORT: '0' }), webDirectory: join(data, 'none') };

beforeAll(async () => {
  app = await createApp(config);
  await app.init();
  server = app.getHttpServer() as Server;
});
afterAll(async () => {
  await app.close();
  rmSync(data, { recursive: true, force: true });
});

const brief = { servingAt: '2027-01-09T19:00', guests: { adults: 6 } };
const newOrder = async () => (await request(server).post('/api/orders').send({ brief }).expect(201)).body;

describe('counter, house and book', () => {
  test('the demo is there after the first start, and a second start adds nothing', async () => {
    const { body } = await request(server).get('/api/counter').expect(200);
    expect(body.goods.length).toBeGreaterThanOrEqual(40);
    expect(body.goods.find((g: { id: string }) => g.id === 'halyard').lots).toHaveLength(1);
    await app.close();
    app = await createApp(config);
    await app.init();
    server = app.getHttpServer() as Server;
    const second = await request(server).get('/api/counter');
    expect(second.body).toEqual({ goods: body.goods, unreadable: [] });
  });
  test('the house is read and saved', async () => {
    const { body } = await request(server).get('/api/house').expect(200);
    const save = (version: number, house: object) =>
      request(server).put('/api/house').send({ version, house });
    const saved = await save(body.version, { ...body, units: 'US customary' }).expect(200);
    expect((await request(server).get('/api/house')).body.units).toBe('US customary');
    const late = await save(body.version, { ...body, paper: 'US Letter' }).expect(409);
    expect(late.body.current).toMatchObject({ units: 'US customary', paper: body.paper });
    await save(saved.body.version, body).expect(200);
  });
  test('the book is in the order of serving', async () => {
    const { body } = await request(server).get('/api/orders').expect(200);
    const times = body.orders.map((o: { brief: { servingAt: string } }) => o.brief.servingAt);
    expect(times).toEqual([...times].sort());
  });
});

describe('a change of the counter', () => {
  const goodsNow = async () => goodsById((await request(server).get('/api/counter')).body.goods as Good[]);
  const send = (change: CounterChange) => request(server).post('/api/counter/changes').send(change);
  test('edits, adds and takes away in one step, and its inverse brings all back', async () => {
    const before = await goodsNow();
    const halyard = { ...before.get('halyard')!, note: 'wrapped anew' };
    const fresh = { ...before.get('tarpot')!, id: 'tarpot-two', name: 'Tarpot Two' };
    const change = changeTo('two goods', [halyard, fresh], before);
    expect((await send(change).expect(200)).body).toMatchObject({ put: 2, removed: 0, read: {} });
    const after = await goodsNow();
    expect(after.get('halyard')).toEqual(halyard);
    expect(asStored(after.get('tarpot-two')!)).toEqual(asStored(fresh));
    expect(readingOf(after.get('tarpot-two')!)).not.toBeNull();
    await send(inverseOf(change, before)).expect(200);
    expect([...(await goodsNow()).values()]).toEqual([...before.values()]);
  });
  test('what was changed elsewhere is not overwritten: 409 names it, nothing is written', async () => {
    const before = await goodsNow();
    const mine = changeTo(
      'mine',
      [
        { ...before.get('halyard')!, note: 'mine' },
        { ...before.get('tarpot')!, note: 'mine' },
      ],
      before,
    );
    const theirs = changeTo('theirs', [{ ...before.get('halyard')!, note: 'theirs' }], before);
    await send(theirs).expect(200);
    const refused = await send(mine).expect(409);
    expect(refused.body).toMatchObject({ stale: ['halyard'], message: expect.stringContaining('halyard') });
    expect((await goodsNow()).get('tarpot')!.note).toBe(before.get('tarpot')!.note);
    await send(inverseOf(theirs, before)).expect(200);
  });
  test('of many edits of one good at once exactly one is taken', async () => {
    const before = await goodsNow();
    const edit = (i: number) => changeTo('edit', [{ ...before.get('halyard')!, note: `edit ${i}` }], before);
    const answers = await Promise.all(Array.from({ length: 6 }, (_, i) => send(edit(i))));
    expect(answers.map((a) => a.status).sort()).toEqual([200, 409, 409, 409, 409, 409]);
    const now = await goodsNow();
    await send(changeTo('back', [before.get('halyard')!], now)).expect(200);
  });
  test('what orders cut comes off its lot once, however often it is saved, and comes back with undo or deletion', async () => {
    const path = '/api/orders/quiet-board-for-two';
    const good = (await goodsNow()).get('halyard')!;
    const lot = good.lots[0]!;
    const taken = async () =>
      (await request(server).get('/api/counter/taken').expect(200)).body.takings as Taking[];
    const { id: _i, version, updatedAt: _u, ...order } = (await request(server).get(path)).body;
    const entry = {
      id: 'w1',
      goodId: 'halyard',
      target: 180,
      grams: 190,
      lot: lot.id,
      at: '2026-11-26T10:00',
    };
    const weighed = { ...order, cutting: { ...order.cutting, entries: [entry] } };
    const save = (v: number, body: object) => request(server).put(path).send({ version: v, order: body });
    await save(version, weighed).expect(200);
    await save(version, weighed).expect(409);
    await save(version + 1, weighed).expect(200);
    const { id, goodId, grams, at } = { ...entry };
    const once = [{ id, order: 'quiet-board-for-two', goodId, lot: lot.id, grams, at }];
    expect(await taken()).toEqual(once);
    // The lot itself is as it was counted; whoever plans another order sees what is left.
    expect((await goodsNow()).get('halyard')).toEqual(good);
    await request(server).delete(path).expect(204);
    expect(await taken()).toEqual([]);
    await request(server).post(`${path}/restore`).expect(200);
    expect(await taken()).toEqual(once);
    await save(version + 2, order).expect(200);
    expect(await taken()).toEqual([]);
  });
  test('a good that is none is refused with its field', async () => {
    const answer = await send({
      name: 'x',
      put: [{ good: { kind: 'cheese', id: 'x' }, was: null }],
    } as never).expect(400);
    expect(answer.body.problems[0].field).toMatch(/^put\.0\.good/);
  });
});

describe('an order', () => {
  test('takes a head count and a time, is saved, read, deleted', async () => {
    const order = await newOrder();
    expect(order).toMatchObject({ title: 'A board for 6', version: 1, state: 'new' });
    const { id, version, updatedAt: _u, ...doc } = order;
    const saved = await request(server)
      .put(`/api/orders/${id}`)
      .send({ version, order: { ...doc, title: 'Renamed' } })
      .expect(200);
    expect(saved.body).toMatchObject({ title: 'Renamed', version: 2 });
    expect((await request(server).get(`/api/orders/${id}`).expect(200)).body.title).toBe('Renamed');
    await request(server).delete(`/api/orders/${id}`).expect(204);
    await request(server).get(`/api/orders/${id}`).expect(404);
    await request(server).delete('/api/orders/never-was').expect(404);
  });
  test('a save against an older version gets 409 with the current document, and changes nothing', async () => {
    const { id, version, updatedAt: _u, ...doc } = await newOrder();
    await request(server)
      .put(`/api/orders/${id}`)
      .send({ version, order: { ...doc, title: 'First' } })
      .expect(200);
    const refused = await request(server)
      .put(`/api/orders/${id}`)
      .send({ version, order: { ...doc, title: 'Second' } })
      .expect(409);
    expect(refused.body).toMatchObject({ status: 409, current: { title: 'First', version: 2 } });
    expect((await request(server).get(`/api/orders/${id}`)).body.title).toBe('First');
  });
  test('of many saves of one version at once exactly one is taken', async () => {
    const { id, version, updatedAt: _u, ...doc } = await newOrder();
    const answers = await Promise.all(
      Array.from({ length: 8 }, (_, i) =>
        request(server)
          .put(`/api/orders/${id}`)
          .send({ version, order: { ...doc, title: `Save ${i}` } }),
      ),
    );
    expect(answers.map((a) => a.status).sort()).toEqual([200, ...Array(7).fill(409)]);
  });
});

test.each([
  ['/api/counter', CounterAnswer],
  ['/api/counter/taken', TakingsAnswer],
  ['/api/copies', Copies],
  ['/api/house', StoredHouse],
  ['/api/orders', OrdersAnswer],
  ['/api/tastings', SessionsAnswer],
  ['/api/orders/boatyard-launch-supper', Order],
  ['/api/orders/boatyard-launch-supper/papers', PapersAnswer],
  ['/api/orders/boatyard-launch-supper/plan', PlanAnswer],
  ['/api/orders/boatyard-launch-supper/preview', PreviewAnswer],
])('what %s answers is what its schema says', async (path, schema) => {
  const { body } = await request(server).get(path).expect(200);
  // What was read of a good comes with it, and is no part of its format.
  const stored = JSON.parse(
    JSON.stringify(body, (key, value: unknown) => (key === 'read' ? undefined : value)),
  ) as unknown;
  expect((schema as z.ZodType).safeParse(body)).toEqual({ success: true, data: stored });
});

describe('a stored order comes with its plan', () => {
  test('whole, with the version it was made of, and its goods are those of the counter', async () => {
    const id = 'boatyard-launch-supper';
    const { id: _, version, updatedAt: __, ...order } = (await request(server).get(`/api/orders/${id}`)).body;
    const { goods } = (await request(server).get('/api/counter')).body;
    const { version: ___, unreadable: ____, ...house } = (await request(server).get('/api/house')).body;
    const answer = await request(server)
      .get(`/api/orders/${id}/plan`)
      .expect(200)
      .expect('Content-Type', /json/);
    expect(answer.body.version).toBe(version);
    expect(PlanAnswer.parse(answer.body)).toEqual(answer.body);
    const read = readPlan(answer.body, groundOf(order, goods, house).goods);
    expect(read).toEqual(plan(order, goods, house));
  });
  test('an order that is not there has none', async () => {
    await request(server).get('/api/orders/no-such-order/plan').expect(404);
  });
});

describe('plan and pick are stateless', () => {
  test('pick proposes, plan derives, and both answer the same twice', async () => {
    const ask = { brief, search: { seed: 7, nodeLimit: 12000 } };
    const first = await request(server).post('/api/pick').send(ask).expect(200);
    expect(first.body).toMatchObject({ proven: true, seed: 7 });
    expect((await request(server).post('/api/pick').send(ask)).body).toEqual(first.body);
    const order = { title: 'x', brief, selection: { goods: first.body.goodIds } };
    const plan = await request(server).post('/api/plan').send({ order }).expect(200);
    expect(plan.body.version).toBeNull();
    expect(plan.body.plan.mains.map((main: { $good: string }) => main.$good)).toEqual(first.body.goodIds);
    expect(plan.body.plan.walk.steps).toHaveLength(first.body.goodIds.length);
  });
  test('a search is kept by the fingerprint of its inputs, and a change of the counter makes it another question', async () => {
    const ask = { brief, search: { seed: 7, nodeLimit: 12000 } };
    const search = async (more = {}) =>
      (
        await request(server)
          .post('/api/search/pick')
          .send({ ...ask, ...more })
          .expect(200)
      ).body;
    const first = await search();
    expect(await search()).toEqual(first);
    expect((await search({ house: { name: 'x', cover: 'five families' } })).fingerprint).not.toBe(
      first.fingerprint,
    );
    const { body: counter } = await request(server).get('/api/counter');
    const good = counter.goods.find((g: { id: string }) => g.id === first.goodIds[0]);
    await request(server)
      .post('/api/counter/changes')
      .send({ name: 'gone', put: [], remove: [{ id: good.id, was: goodMark(good) }] })
      .expect(200);
    const after = await search();
    expect(after.fingerprint).not.toBe(first.fingerprint);
    expect(after.goodIds).not.toContain(good.id);
    const none = await request(server).post('/api/search/walk').send(ask).expect(404);
    expect(none.body.message).toContain('pick, alternatives, trouble, more, money, lay, clock, ways');
    await request(server)
      .post('/api/counter/changes')
      .send({ name: 'back', put: [{ good, was: null }], remove: [] })
      .expect(200);
  });
  test('the searched day: what leaves the cold, and the work backwards from serving', async () => {
    const { body: order } = await request(server).get('/api/orders/boatyard-launch-supper').expect(200);
    const { body } = await request(server).post('/api/search/clock').send({ order }).expect(200);
    expect(body.exact).toBe(true);
    expect(body.outings[0]).toMatchObject({ good: expect.any(String), out: expect.any(Number) });
    expect(body.day.placed.length).toBe(body.tasks.length);
    await request(server)
      .post('/api/search/clock')
      .send({ order: { title: 'x' } })
      .expect(400);
  });
  test('a client that hears “nothing fits” may ask why, and what would fit', async () => {
    const poor = { brief: { ...brief, budget: { amount: 100, per: 'total' } } };
    const { body: pick } = await request(server).post('/api/search/pick').send(poor).expect(200);
    expect(pick.goodIds).toBeNull();
    const { body } = await request(server).post('/api/search/trouble').send(poor).expect(200);
    expect(body.collisions[0][0]).toMatchObject({ of: 'budget' });
    const [way] = body.waysOut;
    const { body: then } = await request(server)
      .post('/api/search/pick')
      .send({ brief: way.ask.brief, locks: way.ask.wishes })
      .expect(200);
    expect(then.goodIds).not.toBeNull();
  });
  test('a board of an order is laid; what the order does not have is refused in words', async () => {
    const order = { title: 'x', brief, selection: { goods: ['halyard', 'tarpot'] } };
    const { body } = await request(server).post('/api/search/lay').send({ order }).expect(200);
    expect(body.placed.length + body.patches.length).toBeGreaterThan(2);
    const { body: refusal } = await request(server)
      .post('/api/search/lay')
      .send({ order, board: 'attic' })
      .expect(400);
    expect(refusal.message).toMatch(/nothing on a board “attic”\. Its boards: /);
  });
  test('they take a counter and a house of their own', async () => {
    const { body } = await request(server).get('/api/counter');
    const counter = body.goods.filter((g: { kind: string }) => g.kind === 'cheese').slice(0, 4);
    const house = { name: 'x', parity: 'any number' };
    const answer = await request(server)
      .post('/api/pick')
      .send({ brief: { ...brief, kinds: { cheeses: 4, meats: 0 } }, counter, house })
      .expect(200);
    expect(answer.body.goodIds).toEqual(counter.map((g: { id: string }) => g.id).sort());
  });
});

describe('wrong requests get a 4xx that names the field', () => {
  test.each([
    ['post', '/api/orders', { brief: { guests: { adults: 3 } } }, 'brief.servingAt'],
    ['post', '/api/orders', { brief: { ...brief, guests: { adults: 'many' } } }, 'brief.guests.adults'],
    [
      'post',
      '/api/plan',
      {
        order: {
          title: 'x',
          brief: { ...brief, limits: [{ what: 'allergen:moon', severity: 'allergy', reach: 'board' }] },
        },
      },
      'order.brief.limits.0.what',
    ],
    // A limit is never dropped: not a wrong list, not a wrong row, not under a name that nobody knows.
    ['post', '/api/orders', { brief: { ...brief, limits: 'nuts' } }, 'brief.limits'],
    [
      'post',
      '/api/orders',
      { brief: { ...brief, limits: [{ what: 'allergen:milk', severity: 'allergy', guests: -1 }] } },
      'brief.limits.0.guests',
    ],
    [
      'post',
      '/api/orders',
      { brief: { ...brief, persons: [{ limit: ['allergen:milk'] }] } },
      'brief.persons.0',
    ],
    [
      'post',
      '/api/orders',
      { brief: { ...brief, guests: { adults: 1 }, persons: [{ count: 2, limits: [] }] } },
      'brief.guests',
    ],
    ['post', '/api/pick', { brief, search: { nodeLimit: 0 } }, 'search.nodeLimit'],
    ['post', '/api/pick', { brief, counter: [{ kind: 'stone' }] }, 'counter.0.kind'],
    ['put', '/api/house', { version: 1, house: { units: 'cubits' } }, 'house.units'],
    ['post', '/api/pick', { brief, search: { nodeLimit: 500_000 } }, 'search.nodeLimit'],
    ['post', '/api/orders', { brief: { ...brief, servingAt: '2027-02-30T18:30' } }, 'brief.servingAt'],
    ['put', '/api/orders/quiet-board-for-two', { order: { title: 'x', brief } }, 'version'],
  ] as const)('%s %s', async (method, path, body, field) => {
    const answer = await request(server)[method](path).send(body).expect(400);
    expect(answer.body.problems.map((p: { field: string }) => p.field)).toContain(field);
    expect(answer.body.message).toContain(field);
  });
  test('two goods with one id', async () => {
    const { body } = await request(server).get('/api/counter');
    const answer = await request(server)
      .post('/api/pick')
      .send({ brief, counter: [body.goods[0], body.goods[0]] })
      .expect(400);
    expect(answer.body.message).toContain('stands twice');
  });
  test('a body that is not JSON, too large, or an id that is none', async () => {
    const broken = await request(server)
      .post('/api/plan')
      .set('Content-Type', 'application/json')
      .send('{"order":')
      .expect(400);
    expect(broken.body.message).toContain('not valid JSON');
    const large = JSON.stringify({ order: 'x'.repeat(6_000_000) });
    expect(
      (await request(server).post('/api/plan').set('Content-Type', 'application/json').send(large)).status,
    ).toBe(413);
    await request(server).get('/api/orders/..%2F..%2Fetc').expect(400);
    await request(server).get('/api/orders/%E0%A4%A').expect(400);
    await request(server).get('/api/nothing').expect(404);
  });
  test('whatever is sent, it is never a 5xx', async () => {
    const paths = fc.constantFrom('/api/orders', '/api/plan', '/api/pick');
    const loose = fc.oneof(
      fc.jsonValue(),
      fc.record(
        {
          brief: fc.oneof(fc.jsonValue(), fc.constant(brief)),
          locks: fc.jsonValue(),
          search: fc.jsonValue(),
          counter: fc.jsonValue(),
        },
        { requiredKeys: [] },
      ),
      fc.record({
        order: fc.record({
          title: fc.jsonValue(),
          brief: fc.constant(brief),
          selection: fc.jsonValue(),
          cuts: fc.jsonValue(),
          walk: fc.jsonValue(),
        }),
      }),
    );
    await fc.assert(
      fc.asyncProperty(paths, loose, async (path, body) => {
        const answer = await request(server)
          .post(path)
          .set('Content-Type', 'application/json')
          .send(JSON.stringify(body));
        expect(answer.status).toBeLessThan(500);
      }),
      { numRuns: 120, seed: 5 },
    );
  });
});

test('a counter with absurd figures is refused or planned, never a 5xx', async () => {
  const { body } = await request(server).get('/api/counter');
  const absurd = fc.constantFrom(0, 1e-9, 1e9, -1, 0.1);
  const keys = fc.constantFrom(
    'mm',
    'diameter',
    'height',
    'length',
    'grams',
    'amount',
    'ageDays',
    'intensity',
    'fat',
    'share',
  );
  const twist = (value: unknown, key: string, by: number): unknown =>
    Array.isArray(value)
      ? value.map((v) => twist(v, key, by))
      : value && typeof value === 'object'
        ? Object.fromEntries(
            Object.entries(value).map(([k, v]) => [
              k,
              k === key && typeof v === 'number' ? by : twist(v, key, by),
            ]),
          )
        : value;
  const goods = ['halyard', 'gullstone', 'wren-curd', 'bosun-ham', 'ember-stick'];
  // A counter of a few goods of every kind is enough: what is tested is each good's own figures.
  const few = (body.goods as { id: string }[]).filter((good, i) => goods.includes(good.id) || i % 10 === 0);
  let planned = 0;
  await fc.assert(
    fc.asyncProperty(keys, absurd, async (key, by) => {
      const counter = twist(few, key, by);
      const order = { title: 'x', brief, selection: { goods } };
      for (const answer of [
        await request(server).post('/api/plan').send({ order, counter }),
        await request(server).post('/api/pick').send({ brief, counter }),
      ]) {
        expect({ key, by, status: answer.status >= 500 }).toEqual({ key, by, status: false });
        if (answer.status === 200) planned++;
      }
    }),
    { numRuns: 50, seed: 3 },
  );
  expect(planned).toBeGreaterThan(10);
  // A hundred answers; on a busy machine they take longer than a test usually may.
}, 30_000);

test('OpenAPI 3.1 tells every route that there is', async () => {
  const { body } = await request(server).get('/api/openapi.json').expect(200);
  expect(body.openapi).toBe('3.1.0');
  const told = Object.entries(body.paths as Record<string, object>).flatMap(([path, methods]) =>
    Object.keys(methods).map((m) => `${m.toUpperCase()} ${path}`),
  );
  const layers = (
    app.getHttpAdapter().getInstance() as {
      router: { stack: { route?: { path: string; methods: Record<string, boolean> } }[] };
    }
  ).router.stack;
  const served = layers
    .flatMap(({ route }) =>
      route
        ? Object.keys(route.methods).map((m) => `${m.toUpperCase()} ${route.path.replace(/:(\w+)/g, '{$1}')}`)
        : [],
    )
    // One route serves the whole table of searches, each with schemas of its own.
    .flatMap((route) =>
      route === 'POST /api/search/{id}' ? SEARCH_IDS.map((id) => `POST /api/search/${id}`) : [route],
    );
  expect(told.sort()).toEqual(served.filter((r) => !r.includes('openapi') && !r.startsWith('_')).sort());
  expect(
    body.paths['/api/plan'].post.requestBody.content['application/json'].schema.properties.order,
  ).toBeDefined();
});

test('the demo is always of this week: dates move by whole weeks, weekdays stay', () => {
  const text = '{"servingAt":"2026-11-28T18:30","on":"2026-11-23","note":"2026-11-23 as said"}';
  expect(movedDates(text, '2026-11-30T08:00')).toBe(text);
  expect(movedDates(text, '2026-12-09T08:00')).toBe(
    '{"servingAt":"2026-12-12T18:30","on":"2026-12-07","note":"2026-11-23 as said"}',
  );
});

test('a wrong port is named', () => {
  expect(() => readConfig({ ROTULA_PORT: 'x' })).toThrow('ROTULA_PORT');
  expect(readConfig({}).host).toBe('127.0.0.1');
});
