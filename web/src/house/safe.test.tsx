/** @jest-environment jsdom */
import { afterEach, expect, jest, test } from '@jest/globals';
import { House } from '@rotula/core';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { SWRConfig } from 'swr';
import { formatFor } from '../ui/format';
import { SafeFields } from './SafeFields';

afterEach(cleanup);
const LIMIT = { what: 'dry-cured whole muscle', minutes: 240, ground: 'aw 0.90', source: 'maker’s sheet' };
function show(house: House) {
  const onSet = jest.fn<(part: Partial<House>) => void>();
  render(
    <SWRConfig value={{ fallback: { counter: { goods: [], unreadable: [] } } }}>
      <SafeFields house={house} format={formatFor(house)} onSet={onSet} />
    </SWRConfig>,
  );
  return onSet;
}

test('a limit of the house is only entered with its ground and its source', async () => {
  const onSet = show(House.parse({}));
  const enter = screen.getByRole<HTMLButtonElement>('button', { name: 'Enter the limit' });
  expect(enter.disabled).toBe(true);
  await userEvent.type(screen.getByLabelText('Ground'), 'aw 0.85');
  expect(enter.disabled).toBe(true);
  await userEvent.type(screen.getByLabelText('Source'), 'maker’s sheet');
  await userEvent.click(enter);
  expect(onSet.mock.calls[0]![0]).toEqual({
    safeLimits: [
      { what: 'hard low-moisture cheese', minutes: 240, ground: 'aw 0.85', source: 'maker’s sheet' },
    ],
  });
  // The next one begins empty.
  expect(screen.getByLabelText<HTMLInputElement>('Ground').value).toBe('');
});

test('what was entered is shown with its ground, and dropped with one touch', async () => {
  const onSet = show(House.parse({ safeLimits: [LIMIT] }));
  expect(screen.getByText('aw 0.90; maker’s sheet')).toBeTruthy();
  await userEvent.click(screen.getByLabelText('drop the limit of dry-cured whole muscle'));
  expect(onSet.mock.calls[0]![0]).toEqual({ safeLimits: [] });
});

test('the written procedure is chosen with its minutes and source, or left to the country', async () => {
  const onSet = show(House.parse({ procedure: 'time as control' }));
  await userEvent.click(screen.getByLabelText(/^Written procedure: four hours: time as a control/));
  await userEvent.click(await screen.findByRole('option', { name: /^as the country says/ }));
  expect(onSet.mock.calls[0]![0]).toEqual({ procedure: null });
});

test('a film that was measured is kept within bounds, and goes back to the size', async () => {
  const onSet = show(House.parse({ film: 9 }));
  const field = screen.getByLabelText('Film to still air');
  await userEvent.clear(field);
  await userEvent.type(field, '200{enter}');
  expect(onSet).not.toHaveBeenCalled();
  await userEvent.clear(field);
  await userEvent.type(field, '11{enter}');
  expect(onSet.mock.calls[0]![0]).toEqual({ film: 11 });
  await userEvent.click(screen.getByText('by size'));
  expect(onSet.mock.calls[1]![0]).toEqual({ film: null });
});

test('no limit without a ground passes the schema, and none of a good that nobody could name', () => {
  const ok = (safeLimits: unknown[]) => House.safeParse({ safeLimits }).success;
  expect(ok([LIMIT])).toBe(true);
  expect(ok([{ ...LIMIT, ground: '' }])).toBe(false);
  expect(ok([{ ...LIMIT, minutes: 0 }])).toBe(false);
  expect(ok([{ ...LIMIT, what: 'Not An Id' }])).toBe(false);
});
