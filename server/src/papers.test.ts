import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { PAPER_IDS } from '@rotula/core';
import request from 'supertest';
import { openShop, type OpenShop } from './testing/shop.js';

/** Every paper without a browser: as data and as plain text, by the built worker and the built printer. */

let shop: OpenShop;
beforeAll(async () => {
  shop = await openShop();
  const brief = { servingAt: '2031-05-10T19:00', guests: { adults: 4 }, limits: [] };
  for (const [id, goods] of [
    ['supper', ['halyard', 'tarpot', 'bosun-ham']],
    ['bare', null],
  ] as const)
    await request(shop.server)
      .post('/api/orders')
      .send({ id, title: `The ${id}`, brief, selection: { goods }, pairKinds: 2 })
      .expect(201);
}, 60_000);
afterAll(() => shop.stop());

const paperOf = (order: string, paper: string, as = 'text') =>
  request(shop.server).get(`/api/orders/${order}/papers/${paper}?as=${as}`);

describe.each(PAPER_IDS)('%s', (paper) => {
  test('says what it is of, in words, as the printed one does', async () => {
    const { text } = await paperOf('supper', paper)
      .expect(200)
      .expect('Content-Type', /text\/plain/);
    // A card stands beside its good and names no order.
    if (paper !== 'cards') expect(text).toContain('The supper');
    expect(text).toMatch(/Halyard/);
    expect(text).not.toMatch(/undefined|NaN|\[object|\d\.\d{5}/);
  }, 60_000);
  test('is there as data, goods by their ids', async () => {
    const { body } = await paperOf('supper', paper, 'data').expect(200);
    expect(body).toMatchObject({ paper, for: expect.stringMatching(/^(shop|customer|guests)$/) as unknown });
    expect(body.data).toBeDefined();
    expect(JSON.stringify(body)).not.toContain('"allergens":{"contains"');
  }, 60_000);
  test('with nothing picked it is empty or says why it is held', async () => {
    const { text } = await paperOf('bare', paper).expect(200);
    expect(text.trim().length).toBeGreaterThan(0);
    expect(text).not.toMatch(/undefined|NaN|\[object/);
  }, 60_000);
});

test('what is no paper, no form and no order is refused in words', async () => {
  const { body } = await paperOf('supper', 'poster').expect(404);
  expect(body.message).toContain('cut-sheet');
  expect((await paperOf('supper', 'quote', 'pdf').expect(400)).body.message).toContain('?as=text');
  const twice = request(shop.server).get('/api/orders/supper/papers/quote?as=text&as=data');
  expect((await twice.expect(400)).body.message).toContain('?as=text');
  await paperOf('nobody', 'quote').expect(404);
  const { body: list } = await request(shop.server).get('/api/orders/supper/papers').expect(200);
  expect(list.papers.map(({ id }: { id: string }) => id)).toEqual(PAPER_IDS);
});
