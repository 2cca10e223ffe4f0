import { expect, test } from '@jest/globals';
import { House } from '../brief/index.js';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { plan } from './plan.js';
import { sumRows } from './sumRows.js';

const counter = demoCounter();
// A washed rind and a fresh cheese on one board: a bell; a hard one, with its chisel.
const goods = ['marsh-lantern', 'wren-curd', 'tarpot', 'bosun-ham'];
const house = House.parse({ wage: 3000, boardHire: 1500, wareShare: 0.05, kitHire: 700 });
const made = (of: typeof house, shelf = counter, brief: Record<string, unknown> = {}) =>
  plan({ ...anOrder({ brief: aBrief(brief), selection: { goods } }), drinks: 'with the order' }, shelf, of);

test('the rows of the sum add up to it, whatever is charged', () => {
  const limit = { what: 'diet:vegan', severity: 'diet', reach: 'own plate', guests: 2, who: '' };
  for (const shop of [house, House.parse({})]) {
    const { lines, sum } = made(shop, counter, { limits: [limit] });
    const rows = sumRows(lines);
    expect(rows.reduce((total, { price }) => total + price, 0)).toBeCloseTo(sum.price, 6);
    expect(rows.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['cheese', 'meat', 'companions', 'own plates', 'drinks']),
    );
  }
});

test('a bell that the shop has not is hired at the house’s price, one for each board; its own costs nothing', () => {
  const hired = (of: ReturnType<typeof made>) =>
    sumRows(of.lines).find(({ id }) => id === 'hire of kit')?.price ?? 0;
  const bare = counter.filter((good) => !(good.kind === 'ware' && good.use === 'bell'));
  const without = made(house, bare);
  const gaps = without.boards.laid.flatMap(({ bells }) => bells).filter(({ ware }) => !ware).length;
  expect(gaps).toBe(1);
  const many = without.boards.choice!.many;
  const own = hired(made(house));
  expect(hired(without) - own).toBe(700 * gaps * many);
  expect(hired(made(House.parse({}), bare))).toBe(0);
});
