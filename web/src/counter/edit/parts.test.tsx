/** @jest-environment jsdom */
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import {
  House,
  isIn,
  takenOf,
  UNCHECKED,
  type Arrival,
  type Cheese,
  type Good,
  type Lot,
} from '@rotula/core';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { aCheese } from '../../../../core/src/testing/goods';
import { formatFor } from '../../ui/format';
import { ArrivalCheck } from './ArrivalCheck';
import { FieldRow } from './FieldRow';
import { Lots } from './Lots';
import { SellingDays } from './SellingDays';

afterEach(cleanup);
const metric = formatFor(House.parse({}));
const us = formatFor(House.parse({ units: 'US customary', currency: 'USD', country: 'US' }));

describe('a guess looks like one', () => {
  const field = { path: 'form.shape', label: 'Shape', is: 'one', of: ['wheel', 'log'] } as const;
  const row = (good: Good, onSo = jest.fn()) =>
    render(<FieldRow field={field} good={good} format={metric} onSet={jest.fn()} onSo={onSo} />);
  test('what is typical says so, and one touch states it', async () => {
    const onSo = jest.fn();
    row(aCheese('c', { from: { shape: 'typical' } }), onSo);
    expect(screen.getByText('usual for what is so called')).toBeDefined();
    await userEvent.click(screen.getByRole('button', { name: 'it is so' }));
    expect(onSo).toHaveBeenCalledWith('shape');
  });
  test('a place holder cannot be taken as it is', () => {
    row(aCheese('c', { from: { shape: 'not known' } }));
    expect(screen.getByText('not known: a place holder')).toBeDefined();
    expect(screen.queryByRole('button', { name: 'it is so' })).toBeNull();
  });
  test('what somebody stated has no note', () => {
    row(aCheese('c'));
    expect(document.querySelector('[data-basis]')).toBeNull();
  });
});

describe('what came in is checked', () => {
  const seen: { arrival: Arrival } = { arrival: UNCHECKED };
  function Check() {
    const [arrival, setArrival] = useState(UNCHECKED);
    seen.arrival = arrival;
    return <ArrivalCheck arrival={arrival} format={us} onEdit={(_, next) => setArrival(next)} />;
  }
  test('it is in when all five are ticked, and not before', async () => {
    render(<Check />);
    expect(screen.getByText(/41 °F or below/)).toBeDefined();
    const ticks = screen.getAllByRole('checkbox');
    expect(ticks).toHaveLength(5);
    for (const tick of ticks) {
      expect(isIn({ arrival: seen.arrival } as Lot)).toBe(false);
      await userEvent.click(tick);
    }
    expect(isIn({ arrival: seen.arrival } as Lot)).toBe(true);
    expect(screen.getByText('Checked and in.')).toBeDefined();
  });
  test('it goes back, and can be looked at again', async () => {
    render(<Check />);
    await userEvent.click(screen.getByRole('button', { name: 'send it back' }));
    expect(screen.getByText(/Not accepted/)).toBeDefined();
    await userEvent.click(screen.getByRole('button', { name: 'look at it again' }));
    expect(seen.arrival.refused).toBe(false);
  });
});

describe('lots', () => {
  test('a lot that came in waits for its check', async () => {
    const onSet = jest.fn<(what: string, lots: readonly Lot[]) => void>();
    render(
      <Lots good={aCheese('c')} counter={[]} takings={[]} format={metric} today="2026-11-26" onSet={onSet} />,
    );
    await userEvent.click(screen.getByRole('button', { name: /A lot came in/ }));
    const [, [lot]] = onSet.mock.calls[0] as [string, [Lot]];
    expect(lot).toMatchObject({ id: 'c-1', receivedOn: '2026-11-26', arrival: UNCHECKED });
  });
  test('what orders cut since the count is said, and what is left; topped up to the last count it is a new count', async () => {
    const onSet = jest.fn<(what: string, lots: readonly Lot[]) => void>();
    const lots = [{ id: 'l', grams: 2000, countedAt: null, arrival: null, verdict: null } as Lot];
    const takings = [{ id: 'w', order: 'o', goodId: 'c', lot: 'l', grams: 430, at: '2026-11-26T10:00' }];
    render(
      <Lots
        good={aCheese('c', { lots })}
        counter={[]}
        takings={takings}
        format={metric}
        today="2026-11-26"
        onSet={onSet}
      />,
    );
    expect(document.querySelector('[data-taken]')!.textContent).toMatch(/430 g cut .* 1.57 kg left/);
    const field = screen.getByRole<HTMLInputElement>('textbox', { name: 'Weight counted' });
    expect(field.value).toBe('1570');
    await userEvent.clear(field);
    await userEvent.type(field, '2000{Enter}');
    const [, [lot]] = onSet.mock.calls[0] as [string, [Lot]];
    expect(lot.grams).toBe(2000);
    expect(takenOf('c', lot, takings)).toEqual([]);
  });
  test('the ages at which its line is sold are days of the house', () => {
    const young = aCheese('young', { line: 'L', ageDays: 90 });
    const lot = { madeOn: '2026-09-01' } as Lot;
    render(
      <SellingDays
        cheese={young}
        lot={lot}
        counter={[young, aCheese('old', { line: 'L', ageDays: 365 })]}
        format={us}
        today="2026-12-01"
      />,
    );
    expect(document.querySelector('[data-selling-days]')!.textContent).toMatch(
      /3 months since Mon, November 30, 2026 · 12 months on Wed, September 1, 2027/,
    );
  });
});

describe('a price', () => {
  const field = { path: 'price.amount', label: 'Price', is: 'money' } as const;
  const cheese: Good = aCheese('c', { price: { amount: 2000, per: 'kg' } }) as Cheese;
  test('is shown and stored by the kilogram, typed by the pound where the house weighs so', async () => {
    const onSet = jest.fn();
    render(<FieldRow field={field} good={cheese} format={us} onSet={onSet} />);
    const input = screen.getByRole<HTMLInputElement>('textbox', { name: 'Price' });
    expect(input.value).toBe('9.07');
    await userEvent.clear(input);
    await userEvent.type(input, '10{Enter}');
    expect(onSet.mock.calls).toEqual([[2205]]);
  });
  test('of a piece is the same everywhere', () => {
    const piece = aCheese('c', { price: { amount: 820, per: 'piece' } });
    render(<FieldRow field={field} good={piece} format={us} onSet={() => undefined} />);
    expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Price' }).value).toBe('8.2');
  });
});
