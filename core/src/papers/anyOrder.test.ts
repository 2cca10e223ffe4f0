import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { overOf, plan } from '../order/index.js';
import { platesToCut } from '../plate/index.js';
import { anyShop } from '../testing/anyShop.js';
import { cutSheet, produceLines, shoppingList, stations } from './index.js';

/** Every figure of a thing, however deep, with the way to it. */
function figuresIn(value: unknown, at = ''): [string, number][] {
  if (typeof value === 'number') return [[at, value]];
  if (Array.isArray(value)) return value.flatMap((v, i) => figuresIn(v, `${at}[${i}]`));
  if (value && typeof value === 'object')
    return Object.entries(value).flatMap(([key, v]) => figuresIn(v, `${at}.${key}`));
  return [];
}

test('the papers of any order in any shop hold together: every figure is one, and every cut adds up', () => {
  fc.assert(
    fc.property(anyShop, ({ order, shelf, house }) => {
      const made = plan(order, shelf, house);
      const papers = {
        cut: cutSheet(made).map(({ cut, ahead, steps }) => ({ cut, ahead, steps })),
        stations: stations(made).map(({ lines }) => lines.map(({ steps }) => steps)),
        produce: produceLines(made).map(({ cut }) => cut),
        plates: platesToCut(made, house).map(({ cuts }) =>
          cuts.map(({ pieces, produce }) => ({ pieces, produce })),
        ),
        shopping: shoppingList(made).map(({ lines }) =>
          lines.map(({ onHand, toBuy, jars, price }) => ({ onHand, toBuy, jars, price })),
        ),
        over: overOf(order, made, shelf).map(({ grams, instead }) => ({ grams, left: instead?.left })),
        sum: made.sum,
      };
      expect(figuresIn(papers).filter(([, figure]) => !Number.isFinite(figure))).toEqual([]);
      for (const { net, gross, trim, offcuts, handle, loss } of made.cuts)
        expect(Math.abs(net + trim + offcuts + handle + loss - gross)).toBeLessThanOrEqual(
          1e-6 * Math.max(1, gross),
        );
      for (const { grams } of papers.over) expect(grams).toBeGreaterThan(0);
      // Portion and the shopping list say the same of an open jar.
      const stays = new Map(
        shoppingList(made).flatMap(({ lines }) => lines.map(({ good, jars }) => [good.id, jars?.stays])),
      );
      for (const { good, grams, goes } of overOf(order, made, shelf))
        if (goes === 'open jar') expect(grams).toBe(stays.get(good.id));
    }),
    { numRuns: 25, seed: 21 },
  );
});
