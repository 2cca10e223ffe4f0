import { describe, expect, test } from '@jest/globals';
import { DEFAULT_HOUSE } from '../brief/index.js';
import { layOut } from './layout.js';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { plan, type OrderBody } from '../testing/planned.js';

/** A board that a person kept: judged within the plan, however the order goes on. */

const counter = demoCounter();
// A washed rind and a delicate pearl, which must not meet.
const GOODS = ['tarpot', 'meadow-pearls', 'ox-bow', 'bosun-ham'];
const ordered = (adults: number, lay: Partial<OrderBody['lay']> = {}, more: Partial<OrderBody> = {}) => {
  const order = anOrder({ brief: aBrief({ guests: { adults } }), selection: { goods: GOODS } });
  return { ...order, ...more, lay: { ...order.lay, ...lay } } as OrderBody;
};
const planned = (order: OrderBody) => plan(order, counter, DEFAULT_HOUSE);
const firstOf = (order: OrderBody) => planned(order).boards.laid[0]!;
/** As the search lays it, and kept so. */
const kept = (adults: number) => {
  const { boards } = planned(ordered(adults));
  const layout = layOut({ ...boards.laid[0]!.question!, steps: 20_000 });
  const pins = Object.fromEntries(layout.placed.map(({ id, ...place }) => [id, { ...place, hand: false }]));
  return { layout, lay: { pins, choice: boards.choice!.id } };
};
const broken = (order: OrderBody) => planned(order).advice.filter(({ rule }) => rule === 'kept-board-breaks');

describe('a board that was kept', () => {
  const { layout, lay } = kept(12);
  // The washed rind pushed against the pearls.
  const { x, y } = lay.pins['meadow-pearls']!;
  const pushed = { ...lay, pins: { ...lay.pins, 'ox-bow': { x: x + 30, y, turn: 0, hand: true } } };

  test('is judged by the plan as the search judged it', () => {
    const { kept: judged } = firstOf(ordered(12, lay));
    expect(judged!.score).toBeCloseTo(layout.score, 9);
    expect(judged!.violations).toEqual(layout.violations);
  });
  test('is judged anew where things grow: more guests on the same places hold no better', () => {
    const more = firstOf(ordered(30, lay)).kept!;
    expect(more.score).toBeLessThan(layout.score);
  });
  test('is not judged while anything has no place yet', () => {
    expect(firstOf(ordered(12)).kept).toBeNull();
    const { 'ox-bow': _, ...fewer } = lay.pins;
    expect(firstOf(ordered(12, { ...lay, pins: fewer })).kept).toBeNull();
  });
  test('what must hold and does not is advice on every stage, left until something else breaks', () => {
    expect(broken(ordered(12, lay))).toEqual([]);
    const [told] = broken(ordered(12, pushed));
    expect(told).toMatchObject({ left: false, figures: { board: firstOf(ordered(12, lay)).board.name } });
    const adviceLeft = [{ rule: told!.rule, subject: told!.subject }];
    expect(broken(ordered(12, pushed, { adviceLeft }))[0]!.left).toBe(true);
    // Another thing over the rim is stated anew.
    const worse = { ...pushed, pins: { ...pushed.pins, tarpot: { x: 2000, y: 0, turn: 0, hand: true } } };
    expect(broken(ordered(12, worse, { adviceLeft }))[0]!.left).toBe(false);
  });
});

describe('a disc that is baked, for boards that are alike', () => {
  const baking = (choice: (many: number) => boolean) => {
    const order = ordered(30, {}, {
      selection: { ...anOrder({}).selection, goods: [...GOODS, 'halyard'] },
      cuts: { halyard: 'baked whole' },
      portions: { halyard: 250 },
    } as never);
    const hot = { ...order, clock: { ...order.clock, hot: [{ id: 'halyard', way: 'baked' as const }] } };
    const { choices } = planned(hot as OrderBody).boards;
    const way = choices.find(({ many, spread }) => spread === 'together' && choice(many))!;
    return planned({ ...hot, lay: { ...hot.lay, choice: way.id } } as OrderBody);
  };
  const liesOn = ({ boards }: ReturnType<typeof baking>) =>
    boards.laid.flatMap(({ things }) => things.filter(({ id }) => id === 'halyard'));

  test('stands whole on one board', () => {
    const one = baking((many) => many === 1);
    expect(liesOn(one)).toHaveLength(1);
    expect(one.boards.between).toEqual([]);
    expect(one.advice.some(({ rule }) => rule === 'between-the-boards')).toBe(false);
  });
  test('stands between two where there are fewer discs than boards, never as a small one on each', () => {
    const many = baking((n) => n > 2);
    expect(liesOn(many)).toEqual([]);
    expect(many.boards.between.map(({ id }) => id)).toEqual(['halyard']);
    expect(many.advice.find(({ rule }) => rule === 'between-the-boards')).toMatchObject({
      figures: { good: 'Halyard', boards: many.boards.choice!.many },
    });
    // It has its clock all the same.
    expect(many.timing.day.placed.some(({ id }) => id === 'oven:halyard')).toBe(true);
  });
});

test('a whole piece goes out as one: nothing of it is held back in the cold, and of what is cut a share is', () => {
  const order = ordered(40, {}, { waves: { count: 3 } } as never);
  const { ahead, cuts, waves, boards } = planned({
    ...order,
    selection: { ...order.selection, goods: [...GOODS, 'halyard'] },
    cuts: { halyard: 'first wedge out' },
  });
  expect(waves.first).toBeLessThan(1);
  const whole = cuts.filter((cut) => cut.whole).map(({ goodId }) => goodId);
  expect(whole).not.toEqual([]);
  for (const id of whole) {
    expect(ahead.get(id)!.held).toBe(0);
    const lies = boards.laid.flatMap(({ things }) => things).filter((thing) => thing.id === id);
    const net = cuts.find(({ goodId }) => goodId === id)!.net;
    expect(lies.reduce((sum, { grams }) => sum + grams, 0) * boards.choice!.many).toBeCloseTo(net, 6);
  }
  expect(ahead.get('bosun-ham')!.held).toBeGreaterThan(0);
});
