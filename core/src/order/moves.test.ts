import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEFAULT_HOUSE } from '../brief/index.js';
import { goodsById, isMain, type Good, withReadGoods } from '../counter/index.js';
import { aCheese, aCompanion, demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import {
  addByHand,
  addExtra,
  bringBack,
  leaveOut,
  refreshed,
  swap,
  takeLot,
  takeProposal,
  toggleLock,
} from './moves.js';
import { OrderBody } from './order.js';
import { plan } from './plan.js';
import { settledOrder } from './settled.js';
import { snapshotChanges } from '../pick/snapshot.js';

const counter = demoCounter();
const picked = ['wren-curd', 'halyard', 'tarpot', 'slate-quay', 'bosun-ham'];
const order = (more: Record<string, unknown> = {}) => anOrder({ selection: { goods: picked }, ...more });
const settled = (o: OrderBody, goods: readonly Good[] = counter) => settledOrder(o, goods, DEFAULT_HOUSE);
const byHand = { portions: { tarpot: 300 }, cuts: { tarpot: 'cubes' }, pairs: { tarpot: { sweet: 'pear' } } };

describe('the moves', () => {
  test('leaving out takes the good, its lock and what was set for it by hand; bringing it back brings none of that', () => {
    const full = order({ ...byHand, walk: picked, selection: { goods: picked, locked: ['tarpot'] } });
    const out = leaveOut(full, 'tarpot');
    expect(out.selection).toMatchObject({ locked: [], leftOut: ['tarpot'] });
    expect(out.walk).not.toContain('tarpot');
    const back = addByHand(bringBack(out, 'tarpot'), 'tarpot');
    expect(back.selection.goods).toContain('tarpot');
    expect([back.portions, back.cuts, back.pairs]).toEqual([{}, {}, {}]);
  });
  test('a proposal without a good takes its overrides too: they do not come back with the next one', () => {
    const without = takeProposal(order(byHand), ['halyard']);
    const again = takeProposal(without, ['halyard', 'tarpot']);
    expect([again.portions, again.cuts, again.pairs]).toEqual([{}, {}, {}]);
    expect(takeProposal(order(byHand), picked).portions).toEqual(byHand.portions);
  });
  test('a swap stands in the same place; a lock goes on and off', () => {
    expect(swap(order(), 'halyard', 'cinder-ewe').selection.goods![1]).toBe('cinder-ewe');
    const once = toggleLock(order(), 'halyard');
    expect(once.selection.locked).toEqual(['halyard']);
    expect(toggleLock(once, 'halyard').selection.locked).toEqual([]);
  });
  test('any run of moves gives a document that the schema takes, with nothing left of goods that went', () => {
    const mains = counter.filter(isMain).map((g) => g.id);
    const id = fc.constantFrom(...mains.slice(0, 14));
    const move = fc.oneof(
      fc.record({ is: fc.constant('leave'), id }),
      fc.record({ is: fc.constant('add'), id }),
      fc.record({ is: fc.constant('lock'), id }),
      fc.record({ is: fc.constant('back'), id }),
      fc.record({ is: fc.constant('swap'), id, by: id }),
    );
    fc.assert(
      fc.property(fc.array(move, { maxLength: 12 }), (moves) => {
        let o = settled(order(byHand));
        for (const m of moves) {
          const goods = o.selection.goods!;
          if (m.is === 'leave') o = leaveOut(o, m.id);
          if (m.is === 'add') o = addByHand(o, m.id);
          if (m.is === 'back') o = bringBack(o, m.id);
          if (m.is === 'lock' && goods.includes(m.id)) o = toggleLock(o, m.id);
          if (m.is === 'swap' && 'by' in m && goods.includes(m.id) && !goods.includes(m.by as string))
            o = swap(o, m.id, m.by as string);
          o = settled(o);
        }
        expect(OrderBody.parse(o)).toEqual(o);
        const goods = o.selection.goods!;
        for (const key of [...Object.keys(o.portions), ...Object.keys(o.cuts), ...Object.keys(o.pairs)])
          expect(goods).toContain(key);
        for (const locked of o.selection.locked) expect(goods).toContain(locked);
        expect(Object.keys(o.snapshot.goods).sort()).toEqual(
          [...new Set([...goods, ...Object.values(o.pairs).flatMap((slots) => Object.values(slots))])].sort(),
        );
      }),
      { numRuns: 60 },
    );
  });
});

describe('the snapshot', () => {
  const dearer = (id: string) =>
    counter.map((good) =>
      good.id === id
        ? ({
            ...good,
            price: { ...good.price, amount: 99_900 },
            lots: good.lots.map((lot) => ({ ...lot, price: null })),
          } as Good)
        : good,
    );
  const costOf = (o: OrderBody, goods: readonly Good[], id: string) =>
    plan(o, goods, DEFAULT_HOUSE).portions.mains.find((m) => m.good.id === id)!.price;

  test('is taken when goods are chosen, and settles: asked again it is the same document', () => {
    const o = settled(order({ extras: ['quince-block'] }));
    expect(Object.keys(o.snapshot.goods).sort()).toEqual([...picked, 'quince-block'].sort());
    expect(settled(o)).toBe(o);
    expect(Object.keys(settled(addExtra(o, 'pear')).snapshot.goods)).toContain('pear');
  });

  test('freezes the price; the change is shown; refreshing takes the new one', () => {
    const o = settled(order());
    const before = costOf(o, counter, 'halyard');
    expect(costOf(o, dearer('halyard'), 'halyard')).toBe(before);
    expect(costOf(order(), dearer('halyard'), 'halyard')).toBeGreaterThan(before);
    const changed = plan(o, dearer('halyard'), DEFAULT_HOUSE).changed;
    expect(changed).toMatchObject([{ goodId: 'halyard', field: 'price', safety: false }]);
    const fresh = settled(refreshed(o, dearer('halyard')), dearer('halyard'));
    expect(costOf(fresh, dearer('halyard'), 'halyard')).toBeGreaterThan(before);
    expect(plan(fresh, dearer('halyard'), DEFAULT_HOUSE).changed).toEqual([]);
  });

  test('the price of the chosen lot is the frozen one, though that lot sells out', () => {
    const lots = [
      { id: 'young', grams: 9000, price: 1000 },
      { id: 'old', grams: 9000, price: 5000 },
    ];
    const shop = [aCheese('c', { lots })];
    const o = settled(takeLot(anOrder({ selection: { goods: ['c'] } }), 'c', 'old'), shop);
    const cost = costOf(o, shop, 'c');
    expect(cost).toBe(costOf(o, [aCheese('c', { lots: [lots[0]] })], 'c'));
    expect(costOf(settled(takeLot(o, 'c', 'young'), shop), shop, 'c')).toBeLessThan(cost);
  });

  test.each([
    ['allergens', { allergens: { contains: ['milk'], mayContain: ['walnut'], rest: 'free' } }],
    ['treatment', { treatment: 'raw' }],
    ['contents', { contents: { rennet: 'animal' } }],
    ['contents', { contents: { ingredients: ['wine'] } }],
    ['animals', { milk: [{ animal: 'goat', share: 1 }] }],
  ])(
    'of %s the stricter of then and now holds, both ways, with a caution until it is refreshed',
    (field, more) => {
      const [mild, strict] = [aCheese('c'), aCheese('c', more)];
      const heldAs = (kept: Good, now: Good) => {
        const o = withReadGoods(settled(anOrder({ selection: { goods: ['c'] } }), [kept]));
        const p = plan(o, [now], DEFAULT_HOUSE);
        expect(p.changed).toContainEqual(expect.objectContaining({ field, safety: true }));
        expect(p.cautions[0]).toMatchObject({ rule: 'changed-on-the-counter', goods: ['c'] });
        return p.mains[0]!;
      };
      for (const held of [heldAs(mild, strict), heldAs(strict, mild)]) {
        if (field === 'allergens') expect(held.allergens.mayContain).toEqual(['walnut']);
        if (field === 'treatment') expect(held).toMatchObject({ treatment: 'raw' });
        if (field === 'animals')
          expect(held).toMatchObject({ milk: expect.arrayContaining([{ animal: 'goat', share: 0.5 }]) });
        if ('contents' in more && 'rennet' in more.contents!) expect(held.contents.rennet).toBe('animal');
        if ('contents' in more && 'ingredients' in more.contents!) expect(held.contents.alcohol).toBe('yes');
      }
    },
  );

  test.each([
    ['the lot was raw', { lots: [{ id: 'l', grams: 9000, treatment: 'raw' }] }, {}],
    [
      'the good was raw, and the lot is said to be pasteurised',
      { treatment: 'raw', lots: [{ id: 'l', grams: 9000 }] },
      { treatment: 'raw', lots: [{ id: 'l', grams: 9000, treatment: 'pasteurised' }] },
    ],
  ])('of the treatment of a lot the stricter holds, and it is told: %s', (_, strict, mild) => {
    const raw = aCheese('c', strict);
    const not = aCheese('c', { lots: [{ id: 'l', grams: 9000 }], ...mild });
    for (const [kept, now] of [
      [raw, not],
      [not, raw],
    ] as const) {
      const o = settled(anOrder({ selection: { goods: ['c'] } }), [kept]);
      const p = plan(o, [now], DEFAULT_HOUSE);
      expect(p.mains[0]).toMatchObject({ treatment: 'raw' });
      expect(p.changed).toMatchObject([{ field: 'treatment', safety: true }]);
    }
  });

  test('of a lot’s verdict the stricter holds, both ways', () => {
    const lot = (says: string) => ({
      lots: [{ id: 'l', grams: 9000, verdict: { says, taster: 'P', on: '2026-11-27' } }],
    });
    const o = settled(anOrder({ selection: { goods: ['c'] } }), [aCheese('c', lot('ready'))]);
    const p = plan(o, [aCheese('c', lot('going'))], DEFAULT_HOUSE);
    expect(p.mains[0]!.lots[0]!.verdict!.says).toBe('going');
    expect(p.changed).toMatchObject([{ field: 'verdict', safety: true }]);
    const gone = settled(anOrder({ selection: { goods: ['c'] } }), [aCheese('c', lot('going'))]);
    expect(plan(gone, [aCheese('c', lot('ready'))], DEFAULT_HOUSE).mains[0]!.lots[0]!.verdict!.says).toBe(
      'going',
    );
    const done = settled({ ...o, state: 'finished' }, [aCheese('c', lot('ready'))]);
    const after = plan(done, [aCheese('c', lot('going'))], DEFAULT_HOUSE);
    expect(after.mains[0]!.lots[0]!.verdict!.says).toBe('going');
  });

  test('a good that left the counter stays in the order as it was kept, and that is said', () => {
    const o = settled(order());
    const without = counter.filter((g) => g.id !== 'halyard');
    const p = plan(o, without, DEFAULT_HOUSE);
    expect(p.mains.map((m) => m.id)).toContain('halyard');
    expect(p.missing).toEqual([]);
    expect(p.advice.find((a) => a.rule === 'left-the-counter' && a.subject === 'halyard')).toBeDefined();
    expect(
      plan(settled(refreshed(o, without), without), without, DEFAULT_HOUSE).mains.map((m) => m.id),
    ).toContain('halyard');
  });

  test('a finished order stands: whatever happens to counter and house, its plan is the same', () => {
    // As the server gives it out: kept goods are read too.
    const o = withReadGoods(settled(order({ state: 'finished' })));
    const before = plan(o, counter, DEFAULT_HOUSE);
    const elsewhere = plan(o, [], { ...DEFAULT_HOUSE, amountSchool: 'per kind' });
    expect(elsewhere.sum.price).toBe(before.sum.price);
    expect(elsewhere.portions.net).toBe(before.portions.net);
    expect(elsewhere.pairs.set.map((e) => e.beside.id)).toEqual(before.pairs.set.map((e) => e.beside.id));
    const better = aCompanion('aaa-best', { role: 'preserve' }, { sweet: 9 });
    expect(plan(o, [better, ...counter], DEFAULT_HOUSE).pairs.set.map((e) => e.beside.id)).toEqual(
      before.pairs.set.map((e) => e.beside.id),
    );
    // By hand anything may still be chosen, and is kept from then on.
    const byHandNow = settled({ ...o, pairs: { halyard: { sweet: 'aaa-best' } } }, [better, ...counter]);
    expect(Object.keys(byHandNow.snapshot.goods)).toContain('aaa-best');
    expect(plan(byHandNow, counter, DEFAULT_HOUSE).pairs.byGood.get('halyard')![0]).toMatchObject({
      byHand: true,
      match: { beside: { id: 'aaa-best' } },
    });
    const reopened = settled({ ...o, state: 'in work' });
    expect(Object.keys(reopened.snapshot.goods).sort()).toEqual([...picked].sort());
    expect(reopened.snapshot.house).toBeNull();
  });

  test('a counter that is as it was shows no change', () => {
    const o = settled(order({ state: 'finished' }));
    expect(snapshotChanges(o.snapshot, goodsById(counter), o.brief.servingAt)).toEqual([]);
  });
});
