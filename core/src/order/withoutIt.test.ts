import { describe, expect, test } from '@jest/globals';
import { DEFAULT_HOUSE } from '../brief/index.js';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { putBack, takeOff } from './moves.js';
import { plan } from './plan.js';
import { withoutIt } from './withoutIt.js';

/** What taking a companion off the board costs, known before it is done. */

const counter = demoCounter();
const order = anOrder({
  brief: aBrief({ guests: { adults: 12 } }),
  selection: { goods: ['halyard', 'tarpot', 'slate-quay', 'bosun-ham'] },
});
const planOf = (o = order) => plan(o, counter, DEFAULT_HOUSE);
const now = planOf();

describe('a companion or drink taken off', () => {
  test.each(now.pairs.set.map(({ beside }) => [beside.id]))('%s: what is said is what happens', (id) => {
    const said = withoutIt(order, now, counter, DEFAULT_HOUSE, id);
    const then = planOf(takeOff(order, id));
    expect(then.pairs.set.some(({ beside }) => beside.id === id)).toBe(false);
    expect(said.saves).toBe(now.sum.price - then.sum.price);
    const points = (of: typeof now) =>
      [...of.pairs.byGood.values()].flat().reduce((sum, { match }) => sum + (match?.score ?? 0), 0);
    expect(said.loses).toBeCloseTo(points(now) - points(then), 9);
    for (const { id: other } of said.instead)
      expect(then.pairs.set.some(({ beside }) => beside.id === other)).toBe(true);
  });
  test('put back, all is as it was; what was set by hand beside a good goes with it', () => {
    const { id } = now.pairs.set[0]!.beside;
    expect(putBack(takeOff(order, id), id)).toEqual(order);
    const byHand = { ...order, pairs: { tarpot: { sweet: id, brine: 'gherkins' } }, extras: [id] };
    expect(takeOff(byHand, id)).toMatchObject({
      pairs: { tarpot: { brine: 'gherkins' } },
      extras: [],
      takenOff: [id],
    });
  });
});
