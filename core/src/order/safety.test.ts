import { describe, expect, test } from '@jest/globals';
import { DEFAULT_HOUSE } from '../brief/index.js';
import { blankGood, servedGood, withReading, type Good } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, aCompanion, aMeat, demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { aTableOf } from '../testing/tables.js';
import { cleanserFor } from '../walk/index.js';
import { barsOf, cautionsFor, fitsLimit, LIMITS, type Person } from '../care/index.js';
import { aGuest, clearing, limitRow } from '../testing/guests.js';
import { companyOf } from '../brief/index.js';
import { readLenses } from '../pair/index.js';
import { plan } from './plan.js';
import { reasonKey } from '../units/index.js';

const tableOf = (more: Parameters<typeof aTableOf>[0]) => aTableOf({ wood: true, ...more });
const fitsOf = (good: Good, what: string) => fitsLimit(good, limitRow(what)).fits;

describe('the lot that is served is judged, at the serving day', () => {
  // Source: common practice: lactose falls with ripening, three months in a firm cheese leave next to none.
  const lots = [{ id: 'young', grams: 9000, madeOn: '2026-11-01' }];
  const aged = aCheese('aged', { ageDays: 400, lots });
  test('a 27-day lot of an aged cheese does not pass for lactose', () => {
    expect(fitsOf(aged, 'diet:lactose')).toBe('yes');
    expect(fitsOf(servedGood(aged, '2026-11-28'), 'diet:lactose')).toBe('unknown');
    const brief = aBrief({ limits: [limitRow('diet:lactose')] });
    const p = plan(anOrder({ brief, selection: { goods: ['aged'] } }), [aged], DEFAULT_HOUSE);
    expect(p.barred.map(({ good }) => good.id)).toEqual(['aged']);
  });
  test('where the first lot does not reach, the next is judged too', () => {
    const two = [
      { id: 'old', grams: 300, madeOn: '2025-06-01', opened: true },
      { id: 'young', grams: 9000, madeOn: '2026-11-01' },
    ];
    const cautionsAt = (adults: number) => {
      const brief = aBrief({ guests: { adults }, limits: [limitRow('diet:lactose')] });
      const shop = [aCheese('aged', { ageDays: 400, lots: two })];
      return plan(anOrder({ brief, selection: { goods: ['aged'] } }), shop, DEFAULT_HOUSE).cautions;
    };
    expect(cautionsAt(12).find((c) => c.rule === 'next-lot')?.figures).toMatchObject({ lot: 'young' });
    expect(cautionsAt(2).some((c) => c.rule === 'next-lot')).toBe(false);
  });
  test('what own plates take of the first lot counts too', () => {
    const lots = (first: number) => [
      { id: 'old', grams: first, madeOn: '2025-06-01', opened: true },
      { id: 'young', grams: 9000, madeOn: '2026-11-01' },
    ];
    const lactose = limitRow('diet:lactose');
    const plate = { ...limitRow('allergen:fish'), reach: 'own plate' as const, guests: 4 };
    const planOf = (first: number) =>
      plan(
        anOrder({
          brief: aBrief({ guests: { adults: 8 }, limits: [lactose, plate] }),
          selection: { goods: ['aged'] },
        }),
        [aCheese('aged', { ageDays: 400, lots: lots(first) })],
        DEFAULT_HOUSE,
      );
    const { portions, ownPlates } = planOf(9000);
    const board = portions.mains[0]!.gross;
    const all = board + ownPlates[0]!.lines.find((line) => line.good.id === 'aged')!.gross;
    const says = (first: number) => planOf(first).cautions.some((c) => reasonKey(c) === 'next-lot aged');
    expect([says(all), says(all - 1), says(board)]).toEqual([false, true, true]);
  });
  test('an old lot of a young cheese is against MAO inhibitors, a raw lot of a pasteurised one against risk', () => {
    const old = [{ id: 'old', grams: 9000, madeOn: '2025-11-01', treatment: 'raw' }];
    const served = servedGood(aCheese('young', { ageDays: 30, lots: old }), '2026-11-28');
    expect(fitsOf(served, 'risk:maoi')).toBe('no');
    expect(fitsOf(served, 'risk:pregnant')).toBe('no');
  });
});

describe('the strict side', () => {
  // Source: public-health advice on listeria in refrigerated smoked seafood (US, UK), from memory.
  const fish = aMeat('trout', {
    animals: [{ animal: 'fish', share: 1 }],
    process: 'hot-smoked',
    build: 'whole muscle',
  });
  test.each(['risk:pregnant', 'risk:frail', 'risk:immunity'])(
    'hot-smoked fish kept cold is cautioned for %s',
    (what) => {
      expect(fitsOf(fish, what)).toBe('no');
      const caution = cautionsFor(tableOf({ persons: [aGuest(what, 'card')] }), [fish]).find(
        (c) => reasonKey(c) === `guest-at-risk ${what} smoked fish`,
      );
      expect(caution).toMatchObject({
        goods: ['trout'],
        country: expect.stringMatching(/./),
        source: expect.stringMatching(/./),
      });
    },
  );

  test.each([
    ['mould-ripened', aCheese('g', { texture: 'bloomy' })],
    ['mould-ripened', aCheese('g', { texture: 'blue' })],
    ['raw milk', aCheese('g', { treatment: 'raw' })],
    ['pate and raw sausage', aMeat('g', { process: 'pate' })],
    ['pate and raw sausage', aMeat('g', { process: 'raw spreadable' })],
  ])('a small child at the table brings the row %s', (row, good) => {
    const idsOf = (who: object) => cautionsFor(tableOf(who), [good]).map(reasonKey);
    expect(idsOf({ under5: 1 })).toContain(`guest-at-risk risk:young ${row}`);
    expect(idsOf({ infants: 1 })).toContain(`guest-at-risk risk:young ${row}`);
    expect(idsOf({})).not.toContain(`guest-at-risk risk:young ${row}`);
  });

  // Source: clinical reports on starfruit intoxication in kidney disease, from memory.
  test('starfruit and kidney disease', () => {
    expect(fitsOf(aCompanion('s', { style: 'sliced starfruit' }), 'risk:kidney')).toBe('no');
    expect(
      fitsOf(aCompanion('s', { contents: { ingredients: ['apple', 'carambola'] } }), 'risk:kidney'),
    ).toBe('no');
    expect(fitsOf(aCompanion('apple'), 'risk:kidney')).toBe('yes');
  });

  test('board oil: never pressed from nuts where somebody avoids them; a board so oiled is on the table', () => {
    const persons = clearing('allergen:tree nuts');
    const idsOf = (more: object) => cautionsFor(tableOf(more), [aCheese('c')]).map((c) => c.rule);
    expect(idsOf({ persons })).toContain('board-oil');
    expect(idsOf({ persons, wood: false })).not.toContain('board-oil');
    expect(idsOf({})).not.toContain('board-oil');
    const board = blankGood('ware', 'Oak', 'oak', 'oak board');
    const oiled = withReading({
      ...board,
      contents: { ...board.contents, ingredients: ['walnut oil'] },
    });
    expect(fitsOf(oiled, 'allergen:tree nuts')).toBe('no');
    expect(fitsOf(board, 'allergen:tree nuts')).toBe('yes');
    const p = plan(anOrder({ selection: { goods: ['c'] } }), [aCheese('c'), oiled], DEFAULT_HOUSE);
    expect(p.allergens.mayContain).toEqual([{ id: 'walnut', goods: ['oak'] }]);
    expect(p.cautions.map((c) => c.rule)).toContain('oiled-with-nuts');
  });
});

test('a blank new good is unknown through and through: no limit passes on it', () => {
  for (const kind of ['cheese', 'meat'] as const) {
    const blank = blankGood(kind, 'New', 'new', 'a new thing');
    const passed = LIMITS.filter(
      (rule) => rule.group !== 'taste' && fitsLimit(blank, limitRow(rule.id)).fits === 'yes',
    ).map((rule) => rule.id);
    // A cheese has no meat in it, whatever it is; kidney disease asks of starfruit alone.
    expect(passed.filter((id) => !id.startsWith('milk:'))).toEqual([]);
  }
});

describe('an allergy is not served by a mark on a card', () => {
  test('it goes to an own plate, and the caution says so', () => {
    const persons = [aGuest('allergen:milk', 'card')];
    const [caution] = cautionsFor(tableOf({ persons }), [aCheese('c')]);
    expect(caution!.figures).toMatchObject({ reach: 'card', plate: true });
    const platesOf = (one: Person) =>
      plan(
        anOrder({ brief: aBrief({ persons: [one] }), selection: { goods: [] } }),
        demoCounter(),
        DEFAULT_HOUSE,
      ).ownPlates.length;
    const coeliac = { what: 'allergen:gluten', severity: 'medical' as const };
    expect(platesOf(persons[0]!)).toBe(1);
    expect(platesOf({ ...persons[0]!, limits: [coeliac] })).toBe(1);
    expect(platesOf(aGuest('taste:blue', 'card'))).toBe(0);
  });
});

describe('all that the program offers respects the limits', () => {
  const counter = demoCounter();
  const every = LIMITS.filter((rule) => rule.group !== 'taste' && !rule.id.includes('kosher'));
  test.each(every.map((rule) => rule.id))('cleanser, lens, advice and pairs under %s', (what) => {
    const brief = aBrief({ lowCarb: 2, persons: clearing(what) });
    const against = (good: Good) => barsOf(good, companyOf(brief));
    const cleanser = cleanserFor([], counter, brief);
    if (cleanser) expect(against(cleanser)).toEqual([]);
    for (const reading of readLenses([], counter, brief))
      for (const { fix } of reading.tags) if (fix) expect(against(fix.good)).toEqual([]);
    const p = plan(anOrder({ brief, selection: { goods: ['halyard'] } }), counter, DEFAULT_HOUSE);
    const { instead } = p.advice.find((a) => a.rule === 'low-carb')!.figures;
    for (const good of counter) if (instead.includes(good.name)) expect(against(good)).toEqual([]);
    for (const { beside } of p.pairs.set) expect(against(beside)).toEqual([]);
  });
  test('no honey is offered where an infant sits, and the lens brings something else', () => {
    const brief = aBrief({ guests: { adults: 4, infants: 1 } });
    const honeys = readLenses([], counter, brief).flatMap(({ tags }) =>
      tags.filter(({ fix }) => fix?.good.role === 'honey'),
    );
    expect(honeys).toEqual([]);
  });
});
