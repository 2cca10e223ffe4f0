import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isDeepStrictEqual } from 'node:util';
import { DEFAULT_HOUSE } from '../brief/index.js';
import { anyShop } from '../testing/anyShop.js';
import { demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { groundOf } from './ground.js';
import { plan } from './plan.js';
import { readPlan, writtenPlan } from './writtenPlan.js';

const counter = demoCounter();
const order = anOrder({ selection: { goods: ['halyard', 'tarpot', 'slate-quay', 'bosun-ham'] } });

describe('a plan in writing', () => {
  test('any plan, read on another machine with the same shop, is the plan', () => {
    fc.assert(
      fc.property(anyShop, ({ order: of, shelf, house }) => {
        const made = plan(of, shelf, house);
        const written = JSON.stringify(writtenPlan(made, groundOf(of, shelf, house).goods, 3));
        const elsewhere = structuredClone(shelf);
        const read = readPlan(JSON.parse(written), groundOf(of, elsewhere, house).goods);
        // Compared in detail only where it differs: that takes ten times as long as planning.
        if (!isDeepStrictEqual(read, made)) expect(read).toEqual(made);
      }),
      { numRuns: 12 },
    );
  });
  test('its goods are those of the counter that reads it, and its parts are the same objects as its fields', () => {
    const { goods } = groundOf(order, counter, DEFAULT_HOUSE);
    const written = JSON.stringify(writtenPlan(plan(order, counter, DEFAULT_HOUSE), goods));
    const read = readPlan(JSON.parse(written), goods)!;
    for (const { good } of read.portions.mains) expect(goods.get(good.id)).toBe(good);
    expect(read.parts.portion.portions).toBe(read.portions);
    expect(written).not.toContain('"lots":');
  });
  test('a plan that names a good that is not there is none', () => {
    const { goods } = groundOf(order, counter, DEFAULT_HOUSE);
    const written = writtenPlan(plan(order, counter, DEFAULT_HOUSE), goods);
    const without = new Map([...goods].filter(([id]) => id !== 'halyard'));
    expect(readPlan(written, without)).toBeNull();
  });
});
