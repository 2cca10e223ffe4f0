import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEFAULT_HOUSE, House } from '../brief/index.js';
import { PROCEDURES } from '../care/index.js';
import { changeTo, CounterChange, goodsById } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, aCompanion, demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { plan } from './plan.js';

/** Where nothing is said the strict side holds, on every screen and paper alike. */

const counter = demoCounter();
const goods = ['wren-curd', 'halyard', 'slate-quay', 'bosun-ham'];
const planOf = (house: object, brief: Record<string, unknown> = {}, clock: object = {}) =>
  plan(
    anOrder({ brief: aBrief(brief), selection: { goods }, clock }),
    counter,
    House.parse({ ...DEFAULT_HOUSE, ...house }),
  );
const cautionOf = (p: ReturnType<typeof planOf>) =>
  p.cautions.find((c) => c.rule === 'out-of-the-cold' || c.rule === 'out-in-the-heat')!;
const most = (p: ReturnType<typeof planOf>) => {
  const { rule, figures } = cautionOf(p) as { rule: string; figures: { most: number; mostAbove: number } };
  return rule === 'out-of-the-cold' ? figures.most : figures.mostAbove;
};

describe('how long food may stand out', () => {
  test('a house that named no country has two hours, and so has one that cannot be read', () => {
    expect(DEFAULT_HOUSE.country).toBe('');
    const p = planOf({ country: '' });
    expect(most(p)).toBe(120);
    expect(p.timing.standing.every((one) => one.most === 120)).toBe(true);
    // Source: Food Safety and Hygiene (England) Regulations 2013, schedule 4, from memory.
    expect(most(planOf({ country: 'GB' }))).toBe(240);
  });

  test('the caution and the clock go by one row, with its source and country', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('', 'GB', 'US', 'IE', 'FR'),
        fc.constantFrom(null, ...PROCEDURES),
        fc.constantFrom('us', 'customer'),
        fc.constantFrom('indoors', 'outdoors, hot'),
        fc.constantFrom(0, 2),
        (country, procedure, keeper, setting, under5) => {
          const p = planOf({ country, procedure }, { setting, guests: { adults: 6, under5 } }, { keeper });
          const said = cautionOf(p);
          for (const one of p.timing.standing.filter(({ plate }) => plate === null)) {
            expect(one.most).toBe(most(p));
            expect(one.rule.source).toBe(said.source);
            expect(one.rule.country || 'all').toBe(said.country);
          }
        },
      ),
      { numRuns: 60 },
    );
  });
});

test('“may contain” stands beside what another good contains: each is asked for by itself', () => {
  const of = (id: string, allergens: object) => aCompanion(id, { role: 'cracker', allergens });
  const p = plan(
    anOrder({ brief: aBrief(), selection: { goods: ['c'] }, extras: ['nutty', 'perhaps'] }),
    [
      aCheese('c'),
      of('nutty', { contains: ['walnut'], rest: 'free' }),
      of('perhaps', { mayContain: ['walnut'], rest: 'free' }),
    ],
    DEFAULT_HOUSE,
  );
  expect(p.allergens.contains).toContainEqual({ id: 'walnut', goods: ['nutty'] });
  expect(p.allergens.mayContain).toContainEqual({ id: 'walnut', goods: ['perhaps'] });
});

// Source: public-health advice, widely published: no honey under 12 months.
test('with an infant no honey comes by itself, whatever is picked; by hand it stays, with its caution', () => {
  const mains = counter.filter(({ kind }) => kind === 'cheese' || kind === 'meat').map(({ id }) => id);
  const honeyOn = (p: ReturnType<typeof planOf>) =>
    p.beside.filter(
      (good) =>
        good.kind !== 'ware' && (good.contents.honey === 'yes' || ('role' in good && good.role === 'honey')),
    );
  const withInfants = (infants: number, picked: string[], extras: string[] = []) =>
    plan(
      anOrder({ brief: aBrief({ guests: { adults: 12, infants } }), selection: { goods: picked }, extras }),
      counter,
      DEFAULT_HOUSE,
    );
  let without = 0;
  fc.assert(
    fc.property(fc.uniqueArray(fc.constantFrom(...mains), { minLength: 2, maxLength: 8 }), (picked) => {
      without += honeyOn(withInfants(0, picked)).length;
      expect(honeyOn(withInfants(1, picked))).toEqual([]);
    }),
    { numRuns: 15 },
  );
  // Else nothing was asked of it.
  expect(without).toBeGreaterThan(0);
  const byHand = withInfants(1, goods, ['rape-field']);
  expect(honeyOn(byHand).map(({ id }) => id)).toEqual(['rape-field']);
  expect(byHand.cautions.find((c) => c.rule === 'honey-for-infants')!.goods).toEqual(['rape-field']);
});

// Source: common practice, no source: only what is known by species and comes from a food supplier.
describe('a garnish that is poisonous or not known', () => {
  const herb = (name: string) => aCompanion('herb', { role: 'garnish', name, style: 'fresh' });
  test.each([
    ['Holly Sprigs', /poisonous/],
    ['Garden Ivy', /poisonous/],
    ['Peony Heads', /not on the list/],
  ])('%s is refused where it comes to the counter', (name, says) => {
    const parsed = CounterChange.safeParse(changeTo('x', [herb(name)], new Map()));
    expect(parsed.error?.issues[0]).toMatchObject({
      path: ['put', 0, 'good', 'name'],
      message: expect.stringMatching(says),
    });
  });
  test('rosemary is not, nor is a jam that is called ivy', () => {
    for (const good of [herb('Rosemary'), aCompanion('jam', { role: 'preserve', name: 'Ivy Cottage Jam' })])
      expect(CounterChange.safeParse(changeTo('x', [good], new Map())).success).toBe(true);
  });
  test('one that lies on the counter already is kept off every board, and that is said', () => {
    const lay = { garnish: [{ id: 'herb', sprigs: 3 }] };
    const of = (name: string) =>
      plan(anOrder({ selection: { goods }, lay }), [...counter, herb(name)], DEFAULT_HOUSE);
    expect(of('Holly').boards.garnish).toEqual([]);
    expect(of('Holly').advice.map(({ rule }) => rule)).toContain('garnish-kept-off');
    expect(of('Rosemary').boards.garnish).toHaveLength(1);
  });
  test('every garnish of the demo may stay', () => {
    const shop = counter.filter((good) => good.kind === 'companion' && good.role === 'garnish');
    expect(shop.length).toBeGreaterThan(0);
    expect(CounterChange.safeParse(changeTo('x', shop, goodsById(counter))).success).toBe(true);
  });
});
