import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { DEFAULT_HOUSE, House, HOUSE_FORMAT } from '../brief/index.js';
import { asStored, counterFile, CounterFile, GOOD_FORMAT, LOT_FORMAT, type Good } from '../counter/index.js';
import { stepFrom, upgraded, versionOf } from '../units/index.js';
import { ORDER_FORMAT } from './format.js';
import { aCompanion, demoCounter } from '../testing/goods.js';
import { OrderFile } from './order.js';

const FORMATS = [ORDER_FORMAT, HOUSE_FORMAT, GOOD_FORMAT, LOT_FORMAT];
const broughtFrom = (version: number, order: object): unknown => {
  const up = upgraded(ORDER_FORMAT, order, version);
  return 'document' in up ? up.document : up.says;
};

/** Documents as they were written by format 3, with nothing of what came later. */
const ORDER_3 = {
  title: 'A harvest table',
  brief: { servingAt: '2026-10-02T19:00', role: 'drinks', guests: { adults: 8 }, table: 'seated' },
  selection: { goods: ['halyard'], locked: [], leftOut: [], lots: {}, briefFingerprint: null },
  portions: { halyard: 200 },
  snapshot: {
    goods: {
      halyard: {
        lot: null,
        good: {
          kind: 'meat',
          id: 'halyard',
          name: 'Kept',
          style: 'kept sausage',
          price: { amount: 3000, per: 'kg' },
          pack: { form: 'sliced to order' },
          colours: ['#a8473e'],
          sense: {
            sweet: 1,
            sour: 1,
            salty: 6,
            bitter: 0,
            umami: 5,
            fat: 6,
            heat: 0,
            smoke: 0,
            funk: 2,
            intensity: 5,
            persistence: 5,
          },
          animals: [{ animal: 'pork', share: 1 }],
          described: true,
          build: 'coarse',
          process: 'fermented',
          calibre: 'medium',
          ageDays: 60,
          form: { shape: 'whole sausage', grams: 800, diameter: 60, length: 250 },
          slice: { mm: 1.5, diameter: 60 },
        },
      },
    },
    house: { name: 'Then', practice: { 'besidePerAdult.bread.low': 30, 'besidePerAdult.bread.high': 30 } },
  },
};

/** A ware with the least that is known of one. */
const WARE = {
  kind: 'ware',
  id: 'w',
  name: 'Board',
  style: 'oak',
  price: { amount: 1, per: 'piece' },
  pack: { form: 'piece' },
  colours: ['#8a6b4a'],
  use: 'board',
};

describe('format 4', () => {
  test('an order of format 3 is read: three hours, nothing cut, kept goods and house with it', () => {
    const { order } = OrderFile.parse({ format: 'rotula.order', formatVersion: 3, order: ORDER_3 });
    expect(order.brief).toMatchObject({ hours: 3, roomCelsius: null, tableSize: null, wares: [] });
    expect(order).toMatchObject({
      drinks: 'suggested',
      waves: { count: null, first: null },
      cutting: { targets: {}, entries: [] },
      portions: { halyard: 200 },
    });
    expect(order.snapshot.goods.halyard!.good).toMatchObject({ supplierPrice: null, composition: null });
    expect(order.snapshot.house!.practice).toEqual({
      'breadPerAdult.drinks.low': 30,
      'breadPerAdult.drinks.high': 30,
    });
  });
  test('a house of format 3 keeps its figure for bread, as that of drinks', () => {
    const old = {
      ...DEFAULT_HOUSE,
      practice: { 'besidePerAdult.bread.low': 20, 'gramsPerAdult.meal.meat.low': 70 },
    };
    const up = upgraded(HOUSE_FORMAT, old, 3);
    expect(House.parse('document' in up ? up.document : null).practice).toEqual({
      'breadPerAdult.drinks.low': 20,
      'gramsPerAdult.meal.meat.low': 70,
    });
  });
  test('goods of format 3 get what nobody had told: no supplier’s price, no measures', () => {
    const { goods } = CounterFile.parse({ format: 'rotula.counter', formatVersion: 3, goods: [WARE] });
    expect(goods[0]).toMatchObject({
      supplierPrice: null,
      height: null,
      rim: null,
      ml: null,
      material: 'unknown',
      heatproof: false,
    });
  });
  test('format 5: when a lot was counted was not written down, so that every weighing comes off it', () => {
    const ware = {
      ...WARE,
      lots: [{ id: 'w-1', grams: 0, pieces: 4, arrival: null }],
    };
    const { goods } = CounterFile.parse({ format: 'rotula.counter', formatVersion: 4, goods: [ware] });
    expect(goods[0]!.lots[0]).toMatchObject({ pieces: 4, countedAt: null });
  });
  test('an order of format 4 had nothing taken off', () => {
    const { order } = OrderFile.parse({
      format: 'rotula.order',
      formatVersion: 4,
      order: { ...ORDER_3, snapshot: undefined },
    });
    expect(order.takenOff).toEqual([]);
  });
  test('an order of format 5 has as many things beside as pay, and what it kept is lifted too', () => {
    const { order } = OrderFile.parse({
      format: 'rotula.order',
      formatVersion: 5,
      order: { ...ORDER_3, takenOff: [], snapshot: undefined },
    });
    expect(order.pairKinds).toBeNull();
    const lifted = broughtFrom(5, {
      takenOff: [],
      snapshot: {
        goods: { h: { good: { kind: 'companion', id: 'h' }, lot: null } },
        house: { currency: 'EUR' },
      },
    }) as { snapshot: { goods: Record<string, { good: object }>; house: object } };
    expect(lifted.snapshot.goods.h!.good).toMatchObject({ estimated: [], aromas: [] });
    expect(lifted.snapshot.house).toMatchObject({ pairWords: [], licensed: true });
  });
  test('a house of format 4 has no pairs of its own, the usual worth of a point, and its licence', () => {
    const up = upgraded(HOUSE_FORMAT, { currency: 'EUR' }, 4);
    expect(House.parse('document' in up ? up.document : null)).toMatchObject({
      pairPoint: 20,
      pairWords: [],
      licensed: true,
    });
  });
  test('goods of format 5 were set by whoever stored them: nothing of them is an estimate; no aroma was told', () => {
    const { composition: _c, ...rest } = aCompanion('old');
    const { estimated: _e, aromas: _a, ...old } = rest;
    const { goods } = CounterFile.parse({ format: 'rotula.counter', formatVersion: 5, goods: [old] });
    expect(goods[0]).toMatchObject({ estimated: [], aromas: [] });
  });
  test('an order of format 6 ended with its last good and told nothing of its own; lots and house go along', () => {
    const lifted = broughtFrom(6, {
      snapshot: {
        goods: {
          h: {
            lot: null,
            good: {
              kind: 'cheese',
              id: 'h',
              lots: [{ id: 'l', verdict: { says: 'ready', taster: 'I', on: '2026-11-01' } }],
            },
          },
        },
        house: { currency: 'EUR' },
      },
    }) as { snapshot: { goods: Record<string, { good: object }>; house: object } };
    expect(lifted).toMatchObject({
      walkPins: {},
      desserts: [],
      telling: {},
      lay: { pins: {}, choice: null },
    });
    expect(lifted.snapshot.house).toMatchObject({ learnt: null });
    expect(lifted.snapshot.goods.h!.good).toMatchObject({ lots: [{ verdict: { taster: 'I', words: [] } }] });
  });
  test('boards of format 7 were alike: the same way to lay it, by its id', () => {
    const lift = (lay: object) => stepFrom(ORDER_FORMAT, 7)!({ lay } as never) as { lay: object };
    expect(lift({ board: 'oak-board', many: 3, pins: { a: { x: 1 } }, seed: 2 }).lay).toEqual({
      choice: 'together 3 oak-board',
      pins: { a: { x: 1 } },
      seed: 2,
    });
    expect(lift({ board: 'large box', many: 8 }).lay).toEqual({ choice: 'together each large box' });
    expect(lift({ board: null, many: null }).lay).toEqual({ choice: null });
  });
  test('nobody had timed an order of format 8; the house that it keeps is lifted too', () => {
    const { order } = OrderFile.parse({
      format: 'rotula.order',
      formatVersion: 8,
      order: { title: 'x', brief: { servingAt: '2027-06-12T18:30' } },
    });
    expect(order.clock).toMatchObject({ way: null, keeper: 'us', hot: [], moved: {}, readings: [] });
    const lifted = broughtFrom(8, { snapshot: { goods: {}, house: { currency: 'EUR' } } });
    expect(lifted).toMatchObject({ snapshot: { house: { procedure: null, safeLimits: [], film: null } } });
  });
  test('an order of format 9 was laid by the usual schools', () => {
    const lifted = stepFrom(ORDER_FORMAT, 9)!({ lay: { seed: 3 }, clock: { hands: 2 } } as never);
    expect(lifted).toEqual({
      lay: { seed: 3, schools: { colours: 'contrast', places: 'as the table asks' } },
      clock: { hands: 2, benches: null },
    });
    const file = { format: 'rotula.order', formatVersion: 10 };
    const { order } = OrderFile.parse({
      ...file,
      order: { title: 'x', brief: { servingAt: '2027-06-12T18:30' }, lay: { schools: { colours: 'echo' } } },
    });
    expect(order.lay.schools).toEqual({
      colours: 'echo',
      places: 'as the table asks',
      meats: 'as they go',
      groups: 'free',
    });
  });
  test('an order of format 10 had room for all boards in the cold and in its car', () => {
    const lifted = stepFrom(ORDER_FORMAT, 10)!({
      lay: { seed: 3, schools: { colours: 'echo' } },
      clock: { hands: 2 },
    } as never);
    expect(lifted).toEqual({
      lay: { seed: 3, bells: [], schools: { colours: 'echo', meats: 'as they go', groups: 'free' } },
      clock: { hands: 2, coldPlaces: null, carPlaces: null, cars: 1 },
    });
  });
  test('an order of format 11 had no dividers', () => {
    expect(stepFrom(ORDER_FORMAT, 11)!({ title: 'x', lay: { bells: ['a'] } } as never)).toEqual({
      title: 'x',
      lay: { bells: ['a'], dividers: [] },
    });
  });
  test('a house of format 8 had no price for a box', () => {
    const up = upgraded(HOUSE_FORMAT, { currency: 'EUR', kitHire: 300 }, 8);
    expect(House.parse('document' in up ? up.document : null)).toMatchObject({ kitHire: 300, boxPrice: 0 });
  });
  test('a house of format 6 had named no written procedure and entered no limit', () => {
    const up = upgraded(HOUSE_FORMAT, { currency: 'EUR' }, 6);
    expect(House.parse('document' in up ? up.document : null)).toMatchObject({
      procedure: null,
      safeLimits: [],
      film: null,
    });
  });
  test('every format has a step from each version before it', () => {
    for (const format of FORMATS) {
      expect(format.history.map(({ version }) => version)).toEqual(format.history.map((_, i) => i + 1));
      for (let v = 1; v < versionOf(format); v++) expect(stepFrom(format, v)).not.toBeNull();
    }
  });
  test('docs/formats.md has the history of each', () => {
    const docs = readFileSync(new URL('../../../docs/formats.md', import.meta.url), 'utf8').replace(
      / +/g,
      ' ',
    );
    for (const format of FORMATS)
      for (const { version, change, old } of format.history)
        expect(docs).toContain(`| ${format.name} | ${version} | ${change} | ${old} |`.replace(/ +/g, ' '));
  });
  test('rules of format 12 were named by words: what was left is left by the slug, in a subject too', () => {
    const adviceLeft = [
      { rule: 'short of stock', subject: 'halyard' },
      { rule: 'travels', subject: '' },
      { rule: 'kept board breaks', subject: 'overlaps a b, strong beside delicate tarpot a' },
    ];
    expect(stepFrom(ORDER_FORMAT, 12)!({ adviceLeft } as never)).toEqual({
      adviceLeft: [
        { rule: 'short-of-stock', subject: 'halyard' },
        { rule: 'travels', subject: '' },
        { rule: 'kept-board-breaks', subject: 'overlaps a b, strong-beside-delicate tarpot a' },
      ],
    });
  });
  test('a house of format 9 learnt by the words of its rules', () => {
    const learnt = { weights: { 'bitter skin, sweet paste': 2, bubbles: 1 } };
    expect(stepFrom(HOUSE_FORMAT, 9)!({ learnt } as never)).toEqual({
      learnt: { weights: { 'bitter-skin-sweet-paste': 2, bubbles: 1 } },
    });
  });
  test('kept goods and house are brought on from the version that they say, whatever that of the order is', () => {
    const goods = { h: { good: { kind: 'companion', id: 'h' }, lot: null } };
    const kept = { goods, house: { currency: 'EUR' }, format: { good: 5, house: 8 } };
    const { snapshot } = broughtFrom(versionOf(ORDER_FORMAT), { snapshot: kept }) as {
      snapshot: { goods: { h: { good: object } }; house: object; format: object };
    };
    expect(snapshot.goods.h.good).toMatchObject({ estimated: [], aromas: [] });
    expect(snapshot.goods.h.good).not.toHaveProperty('supplierPrice');
    expect(snapshot.house).toEqual({
      currency: 'EUR',
      boxPrice: 0,
      learnt: null,
      onDuty: '',
      guestNames: 'shop and plates',
    });
    expect(snapshot.format).toEqual({ good: versionOf(GOOD_FORMAT), house: versionOf(HOUSE_FORMAT) });
    const later = { ...kept, format: { good: versionOf(GOOD_FORMAT) + 1, house: 9 } };
    expect(upgraded(ORDER_FORMAT, { snapshot: later }, versionOf(ORDER_FORMAT))).toMatchObject({
      says: expect.stringContaining('a later Rotula') as unknown,
    });
  });
});

test('a counter that is given out comes back without loss', () => {
  const goods = demoCounter();
  const lot = { ...goods[0]!.lots[0]!, arrival: null, countedAt: '2026-11-01T08:00:00.000Z' };
  const mine = goods.map((good, i) =>
    i === 0 ? { ...good, lots: [lot], supplierPrice: 1234 } : good,
  ) as Good[];
  expect(CounterFile.parse(JSON.parse(JSON.stringify(counterFile(mine)))).goods).toEqual(mine.map(asStored));
});
