import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import {
  evidenceOf,
  isDrink,
  probesFor,
  sessionFile,
  SessionBody,
  SessionFile,
  type Good,
} from '@rotula/core';
import { openShop, type OpenShop } from './testing/shop.js';

let shop: OpenShop;
let body: SessionBody;
beforeAll(async () => {
  shop = await openShop();
  const { goods } = (await request(shop.server).get('/api/counter').expect(200)).body as { goods: Good[] };
  const bare = goods.map((good): Good => ({ ...good, lots: [] }));
  const drink = bare.filter(isDrink)[0]!;
  const probes = probesFor(drink, bare);
  body = SessionBody.parse({
    drink: drink.id,
    startedAt: '2026-11-28T19:00',
    tasters: ['Ada'],
    probes: probes.map(({ role, good }) => ({ role, goodId: good.id })),
    goods: [drink, ...probes.map(({ good }) => good)],
  });
});
afterAll(() => shop.close());

describe('tasting sessions', () => {
  test('the demo has a few, each whole, of which the house can learn', async () => {
    const { sessions, unreadable } = (await request(shop.server).get('/api/tastings').expect(200)).body;
    expect(unreadable).toEqual([]);
    expect(sessions.length).toBeGreaterThanOrEqual(4);
    const times = sessions.map(({ startedAt }: SessionBody) => startedAt);
    expect(times).toEqual([...times].sort().reverse());
    expect(evidenceOf(sessions).length).toBeGreaterThan(30);
  });

  test('one is made, noted in, saved over its version, deleted and taken back', async () => {
    const made = (
      await request(shop.server)
        .post('/api/tastings')
        .send({ ...body, id: 'mine' })
        .expect(201)
    ).body;
    expect(made).toMatchObject({ id: 'mine', version: 1, tasters: ['Ada'] });
    // Asked twice, made once.
    await request(shop.server)
      .post('/api/tastings')
      .send({ ...body, id: 'mine' })
      .expect(201);
    const note = {
      taster: 'Ada',
      probe: body.probes[0]!.goodId,
      expected: 1,
      sits: -1,
      at: '2026-11-28T19:05:00.000Z',
    };
    const session = { ...body, notes: [note] };
    const saved = (
      await request(shop.server).put('/api/tastings/mine').send({ version: 1, session }).expect(200)
    ).body;
    expect(saved).toMatchObject({ version: 2, notes: [{ expected: 1, sits: -1 }] });
    const met = (
      await request(shop.server).put('/api/tastings/mine').send({ version: 1, session: body }).expect(409)
    ).body;
    expect(met.current.version).toBe(2);
    await request(shop.server).delete('/api/tastings/mine').expect(204);
    await request(shop.server).get('/api/tastings/mine').expect(404);
    expect(
      (await request(shop.server).post('/api/tastings/mine/restore').expect(200)).body.notes,
    ).toHaveLength(1);
    const stored = (await request(shop.server).get('/api/tastings/mine/stored').expect(200)).body;
    expect(SessionFile.parse(stored).session.notes).toHaveLength(1);
  });

  test.each([
    ['no taster', { tasters: [] }, /a session has a taster/],
    ['one taster twice', { tasters: ['Ada', 'Ada'] }, /each taster is named once/],
    ['a drink that it does not keep', { drink: 'nobody' }, /keeps no such drink/],
    [
      'a note by nobody of it',
      { notes: [{ taster: 'Eve', probe: 'x', expected: 0, at: 'now' }] },
      /by a taster of the session/,
    ],
    ['a note off the scale', { notes: [{ taster: 'Ada', probe: 'x', expected: 3, at: 'now' }] }, /one of -2/],
    ['no time', { startedAt: 'soon' }, /a day and a time/],
  ])('%s is refused with what is wrong, and nothing is stored', async (_, wrong, says) => {
    const { body: answer } = await request(shop.server)
      .post('/api/tastings')
      .send({ ...body, ...wrong })
      .expect(400);
    expect(JSON.stringify(answer)).toMatch(says);
  });

  test('bodies of any shape are refused and never break the server', async () => {
    for (const sent of [null, [], 'x', { version: 'y' }, { session: 3 }])
      await request(shop.server)
        .put('/api/tastings/mine')
        .send(sent as object)
        .expect(400);
    await request(shop.server).get('/api/tastings/NO!').expect(400);
  });
});

test('a session goes out as a file and comes back the same; what is no session is told so', () => {
  expect(SessionFile.parse(JSON.parse(JSON.stringify(sessionFile(body)))).session).toEqual(body);
  expect(SessionFile.safeParse({ format: 'rotula.order' }).error!.issues[0]!.message).toMatch(
    /this is no tasting/,
  );
  const later = SessionFile.safeParse({ format: 'rotula.tasting', formatVersion: 9, session: body });
  expect(later.error!.issues[0]!.message).toMatch(/later Rotula/);
});
