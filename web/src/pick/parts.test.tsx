/** @jest-environment jsdom */
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { familiesLeft, homeOf, House, plan, troubleOf, type WayOut } from '@rotula/core';
import { cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { aBrief } from '../../../core/src/testing/briefs';
import { demoCounter } from '../../../core/src/testing/goods';
import { anOrder } from '../../../core/src/testing/orders';
import { onBench } from '../testing/bench';
import { BalanceBars } from './BalanceBars';
import { Lenses } from './Lenses';
import { SelectionList } from './SelectionList';
import { TroublePanel } from './TroublePanel';

afterEach(cleanup);
const counter = demoCounter();
const goods = ['meadow-pearls', 'tarpot', 'slate-quay', 'bosun-ham'];

describe('the picked goods', () => {
  const order = anOrder({ selection: { goods } });
  test('stand in the order of tasting; a good that divides a table is marked optional', () => {
    onBench(<SelectionList />, order, counter);
    const rows = screen.getAllByRole('listitem');
    expect(rows[0]!.textContent).toContain('Meadow Pearls');
    expect(
      rows.filter((row) => row.textContent!.includes('optional')).map((row) => row.dataset.good),
    ).toEqual(['slate-quay']);
  });
  test('the one in focus is locked and left out by a touch', async () => {
    const seen = onBench(<SelectionList />, order, counter);
    const name = seen.order.selection.goods![0]!;
    const row = document.querySelector<HTMLElement>(`[data-good="${name}"]`)!;
    await userEvent.click(within(row).getByRole('button', { name: /^Lock/ }));
    expect(seen.order.selection.locked).toEqual([name]);
    await userEvent.click(screen.getByRole('button', { name: /^Leave out/ }));
    expect(seen.order.selection.leftOut).toHaveLength(1);
    expect(seen.order.selection.goods).toHaveLength(3);
  });
});

describe('the bars of balance', () => {
  const show = (brief = {}) => {
    const order = anOrder({ brief: aBrief(brief), selection: { goods } });
    const { balance, mains, targets } = plan(order, counter, House.parse({}));
    render(
      <BalanceBars
        balance={balance}
        families={familiesLeft(counter, targets)}
        reach={null}
        mains={mains}
        on={order.brief.servingAt}
        home={homeOf(counter)}
      />,
    );
  };
  test('each axis is told as a share of its best, home ground against travelled', () => {
    show();
    expect(screen.getByRole('img', { name: /^milk: \d+ of 100$/ })).toBeDefined();
    expect(screen.getByText(/^\d regions?, (all the Coast|\d home, \d travelled)$/)).toBeDefined();
  });
  test('a held axis has no bar', () => {
    show({ theme: { holds: 'milk', is: 'cow' } });
    expect(screen.getByText('held')).toBeDefined();
    expect(screen.queryByRole('img', { name: /^milk/ })).toBeNull();
  });
});

describe('a lens', () => {
  test('what is missing is added, and taken away again', async () => {
    const seen = onBench(<Lenses />, anOrder({ selection: { goods } }), counter);
    await userEvent.click(screen.getByRole('button', { name: /^Lens: / }));
    const lacking = (await screen.findAllByRole('option')).filter((option) =>
      /\d missing/.test(option.textContent!),
    );
    await userEvent.click(lacking[0]!);
    const [add] = await screen.findAllByRole('button', { name: /^Add / });
    expect(add).toBeDefined();
    await userEvent.click(add!);
    expect(seen.order.extras).toHaveLength(1);
    await userEvent.click(screen.getByRole('button', { name: / ×$/ }));
    expect(seen.order.extras).toEqual([]);
  });
});

describe('nothing-fits', () => {
  test('the wishes that collide are named, and each way out is one touch', async () => {
    const house = House.parse({});
    const ask = {
      brief: aBrief({ budget: { amount: 3000, per: 'total' } }),
      wishes: { locked: [], leftOut: [] },
    };
    const trouble = troubleOf(ask, counter, house);
    const onTake = jest.fn<(way: WayOut) => void>();
    onBench(
      <TroublePanel trouble={trouble} onTake={onTake} />,
      anOrder({ brief: ask.brief }),
      counter,
      house,
    );
    expect(document.querySelector('[data-collision]')!.textContent).toMatch(/the budget/);
    await userEvent.click(screen.getByRole('button', { name: /^a budget of €\d+\.\d\d in all$/ }));
    expect(onTake.mock.calls[0]![0].wishes).toEqual(['budget']);
    expect(screen.getByText(/Allergies, medical and religious limits stay/)).toBeDefined();
  });
});
