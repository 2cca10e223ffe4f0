/** @jest-environment jsdom */
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { House } from '@rotula/core';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { StrictMode } from 'react';
import userEvent from '@testing-library/user-event';
import { DateField, DateTimeField } from './DateTimeField';
import { Finder } from './Finder';
import { Select } from './Select';
import { formatFor } from './format';
import { NumberField } from './NumberField';
import { Stepper } from './Stepper';
import { ZoneField } from './ZoneField';

afterEach(cleanup);

describe('a number', () => {
  const field = (value: number | string = 5) => {
    const onCommit = jest.fn();
    render(<NumberField label="Grams" value={value} min={1} max={100} onCommit={onCommit} />);
    return { onCommit, input: screen.getByRole<HTMLInputElement>('textbox', { name: 'Grams' }) };
  };
  test.each([
    ['12', 12],
    ['12,5', 12.5],
    [' 7 ', 7],
  ])('%p is taken when the field is left', async (typed, n) => {
    const { onCommit, input } = field();
    await userEvent.clear(input);
    await userEvent.type(input, `${typed}{Enter}`);
    expect(onCommit.mock.calls).toEqual([[n]]);
  });
  test.each(['0', '101', 'many', '-3'])('%p is marked and goes back to what it was', async (typed) => {
    const { onCommit, input } = field();
    await userEvent.clear(input);
    await userEvent.type(input, typed);
    expect(input.getAttribute('aria-invalid')).toBe('true');
    await userEvent.tab();
    expect([onCommit.mock.calls.length, input.value]).toEqual([0, '5']);
  });
  test('the same number is no change, and Escape takes back what was typed', async () => {
    const { onCommit, input } = field();
    await userEvent.clear(input);
    await userEvent.type(input, '5{Enter}');
    await userEvent.clear(input);
    await userEvent.type(input, '9{Escape}');
    expect([onCommit.mock.calls.length, input.value]).toEqual([0, '5']);
  });
});

describe('a stepper', () => {
  test('steps by one and stops at its ends', async () => {
    const onChange = jest.fn();
    render(<Stepper label="Adults" value={1} min={1} max={2} onChange={onChange} />);
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'fewer: Adults' }).disabled).toBe(true);
    await userEvent.click(screen.getByRole('button', { name: 'more: Adults' }));
    expect(onChange.mock.calls).toEqual([[2]]);
  });
});

describe('a day', () => {
  const shop = (country: string) => formatFor(House.parse({ country }));
  test.each([
    ['IE', '3/12/2026', '2026-12-03'],
    ['US', '12/3/2026', '2026-12-03'],
    ['IE', '03.12.26', '2026-12-03'],
  ])('in %s %s is read as it is written there', async (country, typed, day) => {
    const onCommit = jest.fn();
    render(<DateField label="Made on" value={null} format={shop(country)} onCommit={onCommit} />);
    await userEvent.type(screen.getByRole('textbox'), `${typed}{Enter}`);
    expect(onCommit.mock.calls).toEqual([[day]]);
  });
  test('a day that is none stays as typed, marked, with what would do', async () => {
    const onCommit = jest.fn();
    render(<DateField label="Made on" value={null} format={shop('IE')} onCommit={onCommit} />);
    await userEvent.type(screen.getByRole('textbox'), '31/2/2026{Enter}');
    expect(screen.getByRole('alert').textContent).toMatch(/no such day; write it like/);
    expect([onCommit.mock.calls.length, screen.getByRole<HTMLInputElement>('textbox').value]).toEqual([
      0,
      '31/2/2026',
    ]);
  });
  test('day and time are changed apart', async () => {
    const onCommit = jest.fn();
    render(<DateTimeField what="Served" value="2026-11-28T18:30" format={shop('IE')} onCommit={onCommit} />);
    const [, time] = screen.getAllByRole('textbox');
    await userEvent.clear(time!);
    await userEvent.type(time!, '19:15{Enter}');
    expect(onCommit.mock.calls).toEqual([['2026-11-28T19:15']]);
  });
});

describe('finding', () => {
  test('what is typed narrows the list, and what is chosen is handed over', async () => {
    const onTake = jest.fn();
    render(
      <Finder
        label="Add"
        placeholder="Add"
        items={['Tarpot', 'Halyard', 'Slate Quay']}
        keyOf={(name) => name}
        textOf={(name) => name}
        show={(name) => name}
        onTake={onTake}
      />,
    );
    await userEvent.type(await screen.findByRole('combobox'), 'slate');
    const options = await screen.findAllByRole('option');
    expect(options.map((o) => o.textContent)).toEqual(['Slate Quay']);
    await userEvent.click(options[0]!);
    expect(onTake.mock.calls).toEqual([['Slate Quay']]);
  });
  test('what no item is called stays as it was typed, and Enter takes nothing', async () => {
    const onTake = jest.fn();
    render(
      <Finder
        label="Add"
        placeholder="Add"
        items={['Tarpot']}
        keyOf={(name) => name}
        textOf={(name) => name}
        show={(name) => name}
        onTake={onTake}
      />,
    );
    await userEvent.type(await screen.findByRole('combobox'), 'zzz{Enter}');
    expect((screen.getByRole('combobox') as HTMLInputElement).value).toBe('zzz');
    expect(onTake).not.toHaveBeenCalled();
  });
  test('whoever is quicker than the list takes the first by Enter', async () => {
    const onTake = jest.fn();
    render(
      <Finder
        label="Add"
        placeholder="Add"
        items={['Tarpot', 'Halyard']}
        keyOf={(name) => name}
        textOf={(name) => name}
        show={(name) => name}
        onTake={onTake}
      />,
    );
    const plain = screen.getByRole('textbox');
    fireEvent.change(plain, { target: { value: 'hal' } });
    fireEvent.keyDown(plain, { key: 'Enter' });
    expect(onTake.mock.calls).toEqual([['Halyard']]);
    expect((plain as HTMLInputElement).value).toBe('');
  });
});

describe('choosing', () => {
  test('it opens once where effects run twice, as they do while it is worked on', async () => {
    render(
      <StrictMode>
        <Select label="Light" value="a" options={[{ value: 'a', label: 'Candle' }]} onChange={jest.fn()} />
      </StrictMode>,
    );
    await userEvent.click(screen.getByRole('button', { name: 'Light: Candle' }));
    expect(await screen.findByRole('option', { name: 'Candle' })).toBeTruthy();
  });
  test('a list comes when it is asked for, opens at once, and is gone into by the keys', async () => {
    const onChange = jest.fn();
    render(
      <Select
        label="Light"
        value="a"
        options={[
          { value: 'a', label: 'Candle' },
          { value: 'b', label: 'Daylight' },
        ]}
        onChange={onChange}
      />,
    );
    expect(screen.queryByRole('option')).toBeNull();
    screen.getByRole('button', { name: 'Light: Candle' }).focus();
    await userEvent.keyboard('{ArrowDown}');
    const options = await screen.findAllByRole('option');
    expect(options.map((o) => o.textContent)).toEqual(['Candle', 'Daylight']);
    await userEvent.click(options[1]!);
    expect(onChange.mock.calls).toEqual([['b']]);
  });
});

describe('a time zone', () => {
  const onCommit = jest.fn<(zone: string | null) => void>();
  const shown = (value: string | null, usual: string | null = 'Europe/Dublin') =>
    render(<ZoneField label="Time zone" value={value} usual={usual} onCommit={onCommit} />);
  const field = () => screen.getByRole<HTMLInputElement>('combobox', { name: 'Time zone' });
  const type = async (text: string) => {
    await userEvent.clear(field());
    await userEvent.type(field(), `${text}{Enter}`);
  };
  test('is found however it is written; emptied, that of the shop stands', async () => {
    onCommit.mockClear();
    shown(null);
    await type('america/new york');
    expect(onCommit).toHaveBeenLastCalledWith('America/New_York');
    cleanup();
    shown('America/New_York');
    await userEvent.clear(field());
    await userEvent.tab();
    expect(onCommit).toHaveBeenLastCalledWith(null);
  });
  test('what is none is said with what to type, and nothing is lost', async () => {
    onCommit.mockClear();
    shown('Europe/Paris');
    await type('Middle Earth');
    expect(screen.getByRole('alert').textContent).toMatch(
      /“Middle Earth” is no time zone.*It stays Europe\/Paris/,
    );
    expect(field().value).toBe('Europe/Paris');
    expect(onCommit).not.toHaveBeenCalled();
  });
});
