import { describe, expect, test } from '@jest/globals';
import { usualPurchase } from '../amount/index.js';
import { DEFAULT_HOUSE } from '../brief/index.js';
import { isMain } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { jarsOf } from '../portion/index.js';
import { swap } from './moves.js';
import { overOf } from './over.js';
import { plan } from './plan.js';

/** What is over, where it goes, and what would leave less. */

const counter = demoCounter();
const order = anOrder({
  brief: aBrief({ guests: { adults: 5 } }),
  selection: { goods: ['halyard', 'tarpot', 'cinder-ewe', 'harbourmaster'] },
});
const planOf = (o = order, shelf = counter) => plan(o, shelf, DEFAULT_HOUSE);

describe('what is over', () => {
  const made = planOf();
  const over = overOf(order, made, counter);
  test('what was charged whole goes with the order, an opened jar stays, offcuts have a second use', () => {
    for (const { good, grams, goes } of over) {
      const portion = [...made.portions.mains, ...made.portions.companions].find(
        (p) => p.good.id === good.id,
      )!;
      const cut = made.cuts.find(({ goodId }) => goodId === good.id);
      const expected = {
        'with the order': portion.left,
        'open jar': jarsOf(portion, made.brief.servingAt)?.stays ?? 0,
        'second use': cut?.offcuts ?? 0,
      }[goes];
      expect(grams).toBeCloseTo(expected, 9);
      expect(goes === 'open jar').toBe(portion.byShare);
    }
    expect(new Set(over.map(({ goes }) => goes)).size).toBeGreaterThan(1);
  });
  test('nothing that is over is forgotten', () => {
    const told = over.filter(({ goes }) => goes === 'with the order').map(({ good }) => good.id);
    const left = [...made.portions.mains, ...made.portions.companions].filter(
      ({ left: g, byShare }) => g >= 5 && !byShare,
    );
    expect(told.sort()).toEqual(left.map(({ good }) => good.id).sort());
  });
});

describe('what would leave less', () => {
  const whole = (id: string, grams: number) =>
    aCheese(id, {
      texture: 'bloomy',
      form: { shape: 'wheel', grams, diameter: 110, height: 30 },
      pack: { form: 'whole', grams },
      price: { amount: 900, per: 'piece' },
    });
  const small = [whole('big', 500), whole('fit', 150), whole('near', 440)];
  const of = (goods: string[], more: object = {}) =>
    anOrder({
      brief: aBrief({ guests: { adults: 4 }, kinds: { cheeses: 1, meats: 0 } }),
      selection: { goods, ...more },
    });
  const found = (goods: string[], more: object = {}) => {
    const o = of(goods, more);
    return { o, instead: overOf(o, plan(o, small, DEFAULT_HOUSE), small)[0]?.instead ?? null };
  };
  test('the good of its family that leaves least is pointed out, with what it leaves', () => {
    const { o, instead } = found(['big']);
    const { targets } = plan(o, small, DEFAULT_HOUSE);
    const leaves = (good: (typeof small)[number]) => usualPurchase(good, targets.cheeses.total, 1).left;
    const least = Math.min(
      ...small
        .filter(isMain)
        .filter(({ id }) => id !== 'big')
        .map(leaves),
    );
    expect(instead!.left).toBe(least);
    const after = swap(o, 'big', instead!.good.id);
    expect(plan(after, small, DEFAULT_HOUSE).portions.mains[0]!.left).toBeLessThan(
      plan(o, small, DEFAULT_HOUSE).portions.mains[0]!.left,
    );
  });
  test('not for a good that is locked, and nothing that was left out', () => {
    expect(found(['big'], { locked: ['big'] }).instead).toBeNull();
    expect(found(['big'], { leftOut: ['fit'] }).instead?.good.id).not.toBe('fit');
  });
});
