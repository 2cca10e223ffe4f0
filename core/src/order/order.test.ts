import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import { limitRow } from '../testing/guests.js';
import { DEFAULT_HOUSE } from '../brief/index.js';
import { isMain } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { briefFingerprint } from '../brief/index.js';
import { did, redo, startHistory, undo } from './history.js';
import { OrderBody, OrderFile, orderFile } from './order.js';
import { plan } from './plan.js';
import { groundOf } from './ground.js';
import { writtenPlan } from './writtenPlan.js';
import { reasonKey } from '../units/index.js';

const counter = demoCounter();
const picked = ['wren-curd', 'halyard', 'cinder-ewe', 'tarpot', 'slate-quay', 'bosun-ham', 'fennel-coil'];
const order = (more: Record<string, unknown> = {}) => anOrder({ selection: { goods: picked }, ...more });
const planOf = (o: OrderBody, goods = counter) => plan(o, goods, DEFAULT_HOUSE);
const written = (o: OrderBody) =>
  JSON.stringify(writtenPlan(planOf(o), groundOf(o, counter, DEFAULT_HOUSE).goods));

describe('plan', () => {
  test('is a pure function: asked twice it says the same, and it changes nothing it is given', () => {
    const o = order();
    const before = JSON.stringify([o, counter]);
    expect(written(o)).toBe(written(o));
    expect(JSON.stringify([o, counter])).toBe(before);
  });

  test('the weights add up to the targets, whatever goods are picked and whatever is set by hand', () => {
    const mains = counter.filter(isMain).map((g) => g.id);
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...mains), { minLength: 1, maxLength: 9 }),
        fc.integer({ min: 1, max: 60 }),
        fc.option(fc.integer({ min: 0, max: 200 })),
        (goods, adults, byHand) => {
          const portions = byHand === null ? {} : { [goods[0]!]: byHand };
          const p = planOf(
            anOrder({ brief: aBrief({ guests: { adults } }), selection: { goods }, portions }),
          );
          for (const [kind, target, net] of [
            ['cheese', p.targets.cheeses.total, p.portions.netCheese],
            ['meat', p.targets.meats.total, p.portions.netMeat],
          ] as const) {
            const own = p.mains.filter((m) => m.kind === kind);
            const free = own.filter((m) => portions[m.id] === undefined);
            if (free.length > 0 && (byHand ?? 0) <= target) expect(net).toBe(target);
          }
          const parts = [...p.portions.mains, ...p.portions.companions];
          expect(p.sum.price).toBe(parts.reduce((sum, x) => sum + x.price, 0));
          expect(p.portions.net).toBe(p.portions.mains.reduce((sum, x) => sum + x.net, 0));
        },
      ),
      { numRuns: 60 },
    );
  });

  test('every stage speaks of the same goods', () => {
    const p = planOf(order());
    const ids = [...picked].sort();
    expect(p.mains.map((m) => m.id).sort()).toEqual(ids);
    expect(p.cuts.map((c) => c.goodId).sort()).toEqual(ids);
    expect(p.walk.steps.map((s) => s.main.id).sort()).toEqual(ids);
    expect([...p.pairs.byGood.keys()].sort()).toEqual(ids);
    expect(p.walk.steps.at(-1)!.main.id).toBe('slate-quay');
  });

  test("a guest's limit bars a picked good from the board, with the reason", () => {
    const p = planOf(order({ brief: aBrief({ limits: [limitRow('taste:blue')] }) }));
    expect(p.barred.map((b) => b.good.id)).toEqual(['slate-quay']);
    expect(p.mains.map((m) => m.id)).not.toContain('slate-quay');
    expect(p.cuts.map((c) => c.goodId)).not.toContain('slate-quay');
  });

  test('a plate of its own holds only what that guest may eat', () => {
    const p = planOf(order({ brief: aBrief({ limits: [limitRow('allergen:milk')] }) }));
    expect(p.barred).toEqual([]);
    const [plate] = p.ownPlates;
    expect(plate!.lines.map(({ good }) => good.id)).toEqual(
      expect.arrayContaining(['bosun-ham', 'fennel-coil']),
    );
    for (const { good } of plate!.lines) expect(good.kind).not.toBe('cheese');
    expect(p.cautions[0]!.figures).toMatchObject({ reach: 'own plate' });
  });

  test('a good that left the counter is said to be missing', () => {
    const p = planOf(
      order(),
      counter.filter((g) => g.id !== 'halyard'),
    );
    expect(p.missing).toEqual(['halyard']);
    expect(p.advice.some((a) => reasonKey(a) === 'not-on-the-counter halyard')).toBe(true);
  });

  test('advice can be left, and stays visible as left', () => {
    const poor = order({ brief: aBrief({ budget: { amount: 100, per: 'total' } }) });
    expect(planOf(poor).advice.find((a) => a.rule === 'over-budget')).toMatchObject({ left: false });
    expect(
      planOf({ ...poor, adviceLeft: [{ rule: 'over-budget', subject: '' }] }).advice.find(
        (a) => a.rule === 'over-budget',
      ),
    ).toMatchObject({ left: true });
  });

  test('nothing picked and nobody coming give an empty plan, not an error', () => {
    const nobody = anOrder({ brief: aBrief({ guests: { adults: 0 } }) });
    expect(planOf(nobody).mains).toEqual([]);
    expect(written(nobody)).not.toMatch(/NaN|Infinity/);
  });
});

test('the fingerprint feels the brief, not its place nor the order of its keys', () => {
  const brief = aBrief({ place: 'here' });
  const { role, ...rest } = brief;
  expect(briefFingerprint({ ...rest, role })).toBe(briefFingerprint(brief));
  expect(briefFingerprint({ ...brief, place: 'there' })).toBe(briefFingerprint(brief));
  expect(briefFingerprint({ ...brief, adventurous: 5 })).not.toBe(briefFingerprint(brief));
});

test('undo takes back every step and redo brings each again', () => {
  fc.assert(
    fc.property(fc.array(fc.integer(), { maxLength: 20 }), (docs) => {
      let history = startHistory<number>(-1);
      docs.forEach((doc, i) => (history = did(history, `step ${i}`, doc)));
      const end = history;
      for (const _ of docs) history = undo(history);
      expect(history.present).toBe(-1);
      expect(undo(history)).toBe(history);
      for (const _ of docs) history = redo(history);
      expect(history).toEqual(end);
    }),
  );
});

test('all that is typed in one visit to a field is one step, whatever else came before and comes after', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom(null, 'a', 'b'), { minLength: 1, maxLength: 20 }), (visits) => {
      let history = startHistory<number>(-1);
      visits.forEach((visit, i) => (history = did(history, 'typed', i, visit)));
      const steps = visits.filter((visit, i) => visit === null || visit !== visits[i - 1]).length;
      expect(history.past).toHaveLength(steps);
      for (let i = 0; i < steps; i++) history = undo(history);
      expect(history.present).toBe(-1);
      for (let i = 0; i < steps; i++) history = redo(history);
      expect(history.present).toBe(visits.length - 1);
    }),
  );
});

describe('the order file', () => {
  test('goes out and in again without loss', () => {
    const o = order({
      note: 'a note',
      portions: { tarpot: 200 },
      pairs: { tarpot: { sweet: 'pear' } },
      walk: ['tarpot'],
      brief: aBrief({ limits: [limitRow('allergen:milk')] }),
    });
    expect(OrderFile.parse(JSON.parse(JSON.stringify(orderFile(o)))).order).toEqual(o);
  });
  test('the demo orders are such files: finished, half done, new', () => {
    const states = readdirSync('demo/orders').map(
      (name) => OrderFile.parse(JSON.parse(readFileSync(`demo/orders/${name}`, 'utf8'))).order.state,
    );
    expect(states).toHaveLength(6);
    expect([...new Set(states)].sort()).toEqual(['finished', 'in work', 'new']);
  });
  test.each([
    [{ format: 'other' }, 'not an order file'],
    [{ formatVersion: 99 }, 'later Rotula'],
    [{ order: { title: '', brief: aBrief() } }, 'needs a name'],
    [{ order: { title: 'x', brief: { ...aBrief(), servingAt: '2026-13-40T99:99' } } }, 'no such day'],
    [{ order: { title: 'x', brief: aBrief(), selection: { goods: ['a', 'a'] } } }, 'named once'],
  ])('refuses %j and says why', (wrong, says) => {
    const result = OrderFile.safeParse({ ...orderFile(order()), ...wrong });
    expect(result.success).toBe(false);
    expect(result.error!.issues.map((i) => i.message).join(' ')).toContain(says);
  });
});

// Source: common practice, no source, "in-house ageing": the same cheese is sold at several ages; age counts to the serving day.
test('an order takes the lot that was chosen: its age, its price, its ripeness', () => {
  const lots = [
    { id: 'young', grams: 9000, madeOn: '2026-09-01', opened: true },
    { id: 'old', grams: 9000, madeOn: '2025-03-01', price: 4400 },
  ];
  const aged = counter.map((good) =>
    good.id === 'tarpot' ? ({ ...good, lots: aCheese('x', { lots }).lots } as typeof good) : good,
  );
  const taking = (choice: Record<string, string>) =>
    planOf(anOrder({ selection: { goods: picked, lots: choice } }), aged).mains.find(
      (m) => m.id === 'tarpot',
    )!;
  expect(taking({}).lots[0]!.id).toBe('young');
  expect(taking({ tarpot: 'old' })).toMatchObject({ price: { amount: 4400 }, lots: [{ id: 'old' }] });
  expect(taking({ tarpot: 'sold out' }).lots).toHaveLength(2);
});
