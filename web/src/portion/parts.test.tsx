/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { House, plan, weigh } from '@rotula/core';
import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { aBrief } from '../../../core/src/testing/briefs';
import { demoCounter } from '../../../core/src/testing/goods';
import { anOrder } from '../../../core/src/testing/orders';
import { onBench } from '../testing/bench';
import DrinkTable from './DrinkTable';
import { OverList } from './OverList';
import { PortionTable } from './PortionTable';
import { Repairs } from './Repairs';
import { SumTable } from './SumTable';
import { WaveFields } from './WaveFields';
import { useWorkbench } from '../frame/context';

afterEach(cleanup);
const counter = demoCounter();
const goods = ['halyard', 'tarpot', 'kestrel-ash', 'harbourmaster', 'turkey-stick'];
const order = (more: object = {}, brief: object = {}) =>
  anOrder({ brief: aBrief({ guests: { adults: 12 }, ...brief }), selection: { goods }, ...more });
const planOf = (o = order(), house = House.parse({})) => plan(o, counter, house);

/** The table on the bench, with the portions of its plan. */
function Mains() {
  const { plan: made } = useWorkbench();
  return <PortionTable caption="Cheeses and meats" portions={made.portions.mains} />;
}
const field = (name: RegExp) => screen.getByRole<HTMLInputElement>('textbox', { name });
async function type(name: RegExp, text: string) {
  await userEvent.clear(field(name));
  await userEvent.type(field(name), `${text}{Enter}`);
}

describe('the table of portions', () => {
  test('grams typed stand, slices follow; slices typed stand, grams follow; and back to what is computed', async () => {
    const seen = onBench(<Mains />, order(), counter);
    const before = field(/Net g of Harbourmaster/).value;
    await type(/Net g of Harbourmaster/, '150');
    expect(seen.order.portions.harbourmaster).toBe(150);
    const perSlice = 150 / Number(field(/Slices of Harbourmaster/).value);
    await type(/Slices of Harbourmaster/, '20');
    expect(seen.order.portions.harbourmaster! / 20).toBeCloseTo(perSlice, 0);
    await userEvent.click(screen.getByRole('button', { name: 'as computed' }));
    expect(seen.order.portions).toEqual({});
    expect(field(/Net g of Harbourmaster/).value).toBe(before);
  });
  test('what was weighed is no field any more', () => {
    const start = order();
    const now = planOf(start);
    const entry = {
      id: 'w',
      goodId: 'halyard',
      grams: 300,
      lot: null,
      simulated: true,
      at: '2026-11-26T10:00',
    };
    onBench(<Mains />, weigh(start, now, entry), counter);
    const row = screen.getByText('Halyard').closest('tr')!;
    expect(within(row).getByText('weighed')).toBeDefined();
    expect(within(row).queryByRole('textbox')).toBeNull();
  });
  test('of more than one wave what goes out and what is held back stand apart and add up', () => {
    onBench(<Mains />, order({ waves: { count: 2, first: 0.6 } }), counter);
    expect(screen.getByText('out · held back')).toBeDefined();
    const row = screen.getByText('Tarpot').closest('tr')!;
    const net = planOf().portions.mains.find(({ good }) => good.id === 'tarpot')!.net;
    const [out, held] = [...row.querySelectorAll('td')]
      .at(-2)!
      .innerHTML.match(/\d+(?= g)/g)!
      .map(Number);
    expect(Math.abs(out! + held! - net)).toBeLessThanOrEqual(1);
  });
});

describe('the sum', () => {
  const shown = () => document.querySelector('[data-sum]')!.textContent!;
  test('work, hire and the wear of knives are lines where the house charges them', () => {
    onBench(<SumTable />, order(), counter, House.parse({ wage: 3000, boardHire: 1500, wareShare: 0.05 }));
    expect(shown()).toMatch(/Work.*Wear of knives.*Hire of boards/);
    cleanup();
    onBench(<SumTable />, order(), counter);
    expect(shown()).not.toMatch(/Work|Wear|Hire/);
  });
  test('an agreed price stands when the order changes, and can be opened again', async () => {
    const seen = onBench(<SumTable />, order(), counter);
    await userEvent.click(screen.getByRole('button', { name: /^Agree on/ }));
    expect(seen.order.agreed).toBe(planOf().sum.price);
    await userEvent.click(screen.getByRole('button', { name: 'open again' }));
    expect(seen.order.agreed).toBeNull();
  });
  test('where it would cost otherwise now, that is said', () => {
    onBench(<SumTable />, order({ agreed: 10_000 }), counter);
    expect(document.querySelector('[data-agreed]')!.textContent).toMatch(/Agreed: .*100\.00.*It would be/);
  });
});

describe('waves', () => {
  test('more of them, a smaller first one, and back', async () => {
    const seen = onBench(<WaveFields />, order(), counter);
    await userEvent.click(screen.getByRole('button', { name: /more.*Waves|Waves.*more/i }));
    expect(seen.order.waves.count).toBe(planOf().waves.count + 1);
    await userEvent.click(
      screen.getByRole('button', { name: /less.*first|first.*less|fewer.*first|first.*fewer/i }),
    );
    expect(seen.order.waves.first).toBeLessThan(1);
    await userEvent.click(screen.getByRole('button', { name: 'as computed' }));
    expect(seen.order.waves).toEqual({ count: null, first: null });
  });
  test('all at once lasts as long as it lasts', () => {
    onBench(<WaveFields />, order({ waves: { count: 1, first: null } }), counter);
    expect(screen.getByText(/All goes out at once/)).toBeDefined();
  });
});

test('drinks are suggested, or come with the order and into the sum', async () => {
  const seen = onBench(<DrinkTable />, order(), counter);
  expect(screen.getAllByRole('row').length).toBe(1 + planOf().drinks.length);
  await userEvent.click(screen.getByRole('radio', { name: /With the order/ }));
  expect(seen.order.drinks).toBe('with the order');
});

describe('over the budget', () => {
  const { price } = planOf().sum;
  test('within it nothing is said', () => {
    onBench(<Repairs />, order({}, { budget: { amount: price + 100, per: 'total' } }), counter);
    expect(screen.queryByText('Back into the budget')).toBeNull();
  });
  test('the ways are shown when asked for, and the one that is taken saves what it says', async () => {
    const seen = onBench(<Repairs />, order({}, { budget: { amount: price - 900, per: 'total' } }), counter);
    await userEvent.click(screen.getByRole('button', { name: 'Show the ways' }));
    await screen.findAllByText(/^saves /);
    const [first] = document.querySelectorAll<HTMLElement>('[data-repair]');
    const saves = Number(/saves \D*(\d+\.\d\d)/.exec(first!.textContent!)![1]);
    await userEvent.click(first!);
    expect(price - planOf(seen.order).sum.price).toBe(Math.round(saves * 100));
  });
});

test('what is over says where it goes, and a good that leaves less is one touch', async () => {
  const seen = onBench(<OverList />, order({}, { guests: { adults: 3 } }), counter);
  const list = document.querySelector('[data-over-list]')!;
  expect(list.textContent).toMatch(/with the order|open jar|second use/);
  const less = document.querySelector<HTMLElement>('[data-leaves-less]');
  expect(less).not.toBeNull();
  await userEvent.click(less!);
  expect(seen.order.selection.goods).toContain(less!.dataset.leavesLess);
});
