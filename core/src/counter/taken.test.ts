import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { aCheese } from '../testing/goods.js';
import { changeTo, inverseOf, changed } from './changing.js';
import { goodsById } from './kinds.js';
import { Lot } from './lot.js';
import { takenOf, withTaken, type Taking } from './taken.js';

/** What is left of a lot: its last count less the weighings of all orders since. */

const lot = (more: object = {}) => Lot.parse({ id: 'l', grams: 2000, ...more });
const good = (more: object = {}) => aCheese('c', { lots: [lot(more)] });
const taking = (grams: number, at = '2026-11-26T10:00:00.000Z', id = `w${grams}`): Taking => ({
  id,
  order: 'o',
  goodId: 'c',
  lot: 'l',
  grams,
  at,
});
const leftOf = (takings: Taking[], more: object = {}, own = new Set<string>()) =>
  withTaken([good(more)], takings, own)[0]!.lots[0]!;

describe('what is left', () => {
  test('is the count less every weighing, in whatever order they are told; a cut lot is open; never below nothing', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 700 }), { maxLength: 6 }), (grams) => {
        const all = grams.map((g, i) => taking(g, undefined, `w${i}`));
        const sum = grams.reduce((a, b) => a + b, 0);
        const left = leftOf(all);
        expect(left.grams).toBe(Math.max(0, 2000 - sum));
        expect(left.opened).toBe(grams.length > 0);
        expect(leftOf([...all].reverse()).grams).toBe(left.grams);
      }),
      { numRuns: 60 },
    );
  });
  test('counts only what came after the last count', () => {
    const takings = [taking(300, '2026-11-26T09:00:00.000Z'), taking(500, '2026-11-26T11:00:00.000Z')];
    expect(leftOf(takings, { countedAt: '2026-11-26T10:00:00.000Z' }).grams).toBe(1500);
    expect(leftOf(takings).grams).toBe(1200);
    expect(
      takenOf('c', lot(), [
        { ...taking(9), goodId: 'd' },
        { ...taking(9), lot: 'm' },
      ]),
    ).toEqual([]);
  });
  test('to an order its own weighings are not missing', () => {
    expect(leftOf([taking(300), taking(200)], {}, new Set(['w300'])).grams).toBe(1800);
    const shelf = [good()];
    expect(withTaken(shelf, [taking(300)], new Set(['w300']))).toBe(shelf);
  });
});

describe('a count', () => {
  const at = '2026-11-26T12:00:00.000Z';
  const before = goodsById([good({ countedAt: '2026-11-01T08:00:00.000Z' })]);
  const put = (more: object) => changeTo('x', [{ ...before.get('c')!, lots: [lot(more)] }], before, at);
  const countedAt = ({ put: [one] }: ReturnType<typeof put>) => one!.good.lots[0]!.countedAt;
  test('is of the moment at which a weight or a number is written; another field is no count', () => {
    const was = { countedAt: '2026-11-01T08:00:00.000Z' };
    expect(countedAt(put({ ...was, grams: 1500 }))).toBe(at);
    expect(countedAt(put({ ...was, pieces: 3 }))).toBe(at);
    expect(countedAt(put({ ...was, opened: true }))).toBe(was.countedAt);
    expect(countedAt(put({ id: 'new' }))).toBe(at);
  });
  test('taken back, the earlier count stands with its own moment', () => {
    const change = put({ countedAt: '2026-11-01T08:00:00.000Z', grams: 1500 });
    expect(changed(inverseOf(change, before), [change.put[0]!.good])).toEqual([...before.values()]);
  });
});
