import { describe, expect, test } from '@jest/globals';
import { DEFAULT_HOUSE } from '../brief/index.js';
import { ageOn, baseId, goodsById, isCheese, lineOf, withAges, type Cheese } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { plan, takeProposal } from '../testing/planned.js';
import { NO_WISHES, pick, troubleOf } from './index.js';

const counter = demoCounter();
const briefOf = (kind: 'vertical' | 'face-off', of: string, more = {}) =>
  aBrief({ flight: { kind, of }, kinds: { cheeses: null, meats: 0 }, ...more });
const proposed = (brief: ReturnType<typeof aBrief>, shelf = counter) => {
  const { goodIds } = pick(brief, shelf, DEFAULT_HOUSE, NO_WISHES, { nodeLimit: 2000 });
  return plan(takeProposal(anOrder({ brief }), goodIds!), shelf, DEFAULT_HOUSE).mains as Cheese[];
};
const agesOf = (mains: readonly Cheese[], brief = aBrief()) =>
  mains.map((cheese) => ageOn(cheese, brief.servingAt)).sort((a, b) => a - b);

// Source: common practice, no source, "flight: a vertical is one cheese at several ages, a face-off one style from several makers".
describe('a vertical', () => {
  test('is one line of one maker, at ages that differ', () => {
    const mains = proposed(briefOf('vertical', 'Harrow'));
    expect(new Set(mains.map(lineOf))).toEqual(new Set(['Harrow']));
    expect(mains.length).toBe(4);
    const ages = agesOf(mains);
    for (let i = 1; i < ages.length; i++) expect(ages[i]!).toBeGreaterThan(1.3 * ages[i - 1]!);
  });
  test('lots of one cheese at several ages count, each with its own age on the board', () => {
    const mains = proposed(briefOf('vertical', 'Tarpot'));
    expect(mains.map(({ id }) => baseId(id))).toEqual(['tarpot', 'tarpot']);
    expect(agesOf(mains)).toEqual([403, 1099]);
  });
  test('a maker who is named instead means the longest line of that maker, never goods of several', () => {
    const mains = proposed(briefOf('vertical', 'Tarpot Creamery'));
    expect(new Set(mains.map(lineOf))).toEqual(new Set(['Harrow']));
  });
  test('fewer ages than kinds: as many as there are, and the reason says so', () => {
    const order = anOrder({ brief: briefOf('vertical', 'Grainstore') });
    const { targets } = plan(order, counter, DEFAULT_HOUSE);
    expect(targets.cheeses.kinds).toBe(2);
    expect(targets.reasons[0]).toMatchObject({
      rule: 'cheeses-of-a-flight',
      figures: { there: 2, usual: 5 },
    });
  });
  test('a line that is not on the counter collides, and the way out is to do without it', () => {
    const brief = briefOf('vertical', 'No Such Line');
    expect(pick(brief, counter, DEFAULT_HOUSE, NO_WISHES, { nodeLimit: 100 }).goodIds).toBeNull();
    const { waysOut } = troubleOf({ brief, wishes: NO_WISHES }, counter, DEFAULT_HOUSE);
    expect(waysOut.map(({ wishes }) => wishes)).toContainEqual(['flight']);
  });
  test('an order keeps an age of a cheese when it is no vertical any more', () => {
    const aged = proposed(briefOf('vertical', 'Tarpot')).map(({ id }) => id);
    const after = plan(anOrder({ selection: { goods: aged } }), counter, DEFAULT_HOUSE);
    expect([after.missing, after.mains.map(({ id }) => id).sort()]).toEqual([[], [...aged].sort()]);
  });
});

describe('a face-off', () => {
  test('is one style of the trade, one cheese of each maker', () => {
    const mains = proposed(briefOf('face-off', 'cheddar style'));
    expect(mains.map(({ tradeStyle }) => tradeStyle)).toEqual(mains.map(() => 'cheddar style'));
    expect(mains.length).toBe(3);
    expect(new Set(mains.map(({ maker }) => maker)).size).toBe(mains.length);
  });
});

describe('ages told apart', () => {
  const lots = ['2026-10-01', '2026-10-08', '2025-10-01'].map((madeOn, i) => ({
    id: `l${i}`,
    grams: 900,
    madeOn,
  }));
  const two = [aCheese('a', { lots })];
  test('near ages are one, and asking twice changes nothing', () => {
    const once = withAges(two, 'a', [], '2026-11-28');
    expect(once.map(({ id }) => id)).toEqual(['a', 'a--l2']);
    expect(once.map((good) => good.lots.map(({ id }) => id))).toEqual(
      [['l0', 'l1'], ['l2']].map((l) => l).map((l) => expect.arrayContaining(l)),
    );
    expect(withAges(once, 'a', ['a--l2'], '2026-11-28')).toEqual(once);
  });
  test('no goods are lost or made: the lots are the same', () => {
    const all = withAges(counter, 'Tarpot', [], '2026-11-28');
    const lotsIn = (goods: typeof counter) => goods.flatMap((good) => good.lots.map(({ id }) => id)).sort();
    expect(lotsIn([...all])).toEqual(lotsIn(counter));
    expect([...goodsById(all).values()].filter(isCheese).length).toBe(counter.filter(isCheese).length + 1);
  });
});
