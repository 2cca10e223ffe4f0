import { describe, expect, test } from '@jest/globals';
import { House, isBoxed } from '../brief/index.js';
import { limitRow } from '../testing/guests.js';
import { plateKit } from '../lay/ownPlates.js';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { plan } from './plan.js';
import { sumRows } from './sumRows.js';

const counter = demoCounter();
const house = House.parse({ boardHire: 1500, boxPrice: 90 });
const goods = ['wren-curd', 'halyard', 'hare-fell', 'meadow-pearls'];
const made = (brief: Record<string, unknown>) =>
  plan(anOrder({ brief: aBrief({ guests: { adults: 8 }, ...brief }), selection: { goods } }), counter, house);
const limit = { ...limitRow('allergen:gluten'), reach: 'own plate', guests: 2 };
const WAYS = [{ role: 'box' }, { surface: 'boxes' }, { role: 'box', surface: 'tiered stand' }];

// Common practice, no source: a box is packed and closed; what is in it is eaten with the fingers, and none of it comes back.
describe.each(WAYS)('boxes for one, by %j', (way) => {
  const { cuts, ahead, boards, serving, timing, brief } = made(way);
  test('all is cut before they are closed: nothing stands whole, and only what is spooned has a tool', () => {
    expect(isBoxed(brief)).toBe(true);
    expect(boards.choice).toMatchObject({ spread: 'together', many: 8, ofTheSurface: true });
    expect(cuts.filter(({ whole }) => whole)).toEqual([]);
    for (const { now, whole, guideCuts } of ahead.values()) {
      expect(now).toBeGreaterThan(0);
      expect([whole, guideCuts]).toEqual([0, 0]);
    }
    expect(serving.every(({ id }) => id === 'spoon')).toBe(true);
    expect(timing.tasks.some(({ kind }) => kind === 'break the ice')).toBe(false);
    // Nobody is told to take out one by one what is packed together.
    const together = made({ ...way, travelMinutes: 30 }).advice.filter(({ rule }) =>
      /with-the-board$/.test(rule),
    );
    expect(together.every(({ figures }) => (figures as { boxed: boolean }).boxed)).toBe(true);
    expect(together.length).toBeGreaterThan(0);
    // At a table the soft one stands whole, with its knife, and somebody opens it.
    const table = made({});
    expect(table.cuts.some(({ whole }) => whole)).toBe(true);
    expect(table.serving.length).toBeGreaterThan(serving.length);
    expect(table.timing.tasks.some(({ kind }) => kind === 'break the ice')).toBe(true);
  });
  test('what is wet stands in a pot with a lid that stays in the box, lower than its rim', () => {
    const vessels = boards.laid.flatMap(({ things }) => things.flatMap(({ vessel }) => vessel ?? []));
    expect(vessels.length).toBeGreaterThan(0);
    for (const { from, ware, tool, height } of vessels) {
      expect([from, ware, tool]).toEqual(['box', null, 'none']);
      expect(height).toBeLessThanOrEqual(boards.laid[0]!.board.rim);
    }
  });
  test('whoever eats apart has a box of their own, and it is none of the others', () => {
    const own = made({ ...way, limits: [limit] });
    expect(own.boards.choice!.many).toBe(6);
    expect(plateKit(own.ownPlates, isBoxed(own.brief))).toMatchObject([{ plates: 2, boxed: true }]);
    // Each box is paid, theirs too, and no board is hired.
    const rows = sumRows(own.lines);
    expect(rows.find(({ id }) => id === 'boxes')?.price).toBe(8 * 90);
    expect(rows.some(({ id }) => id === 'hire of boards')).toBe(false);
  });
});
