/** @jest-environment jsdom */
import { afterEach, expect, test } from '@jest/globals';
import { cleanup, screen, within } from '@testing-library/react';
import { plan } from '@rotula/core';
import { lazy } from 'react';
import { counter, HOUSE, LONG, order, show } from '../testing/day';
import '../testing/threads';

const PaperView = lazy(async () => ({ default: (await import('./PaperView')).PaperView }));

afterEach(cleanup);

const money = (text: string | null) => Number(text!.replace(/[^0-9.]/g, ''));

test('a quote shows the laid board, names what is on it, and its rows add up to the price', async () => {
  const asked = order();
  const house = { ...HOUSE, wage: 3000 as never };
  show(<PaperView paper="quote" />, asked, house);
  expect(await screen.findByRole('img', { name: 'The board as it is laid' }, LONG)).toBeTruthy();
  const rows = within(screen.getByRole('table', { name: 'What it costs' })).getAllByRole('row');
  const total = document.querySelector('[data-total]')!.textContent;
  const priced = rows.slice(0, -2).map((row) => money(row.querySelector('td:last-child')!.textContent));
  expect(priced.reduce((sum, one) => sum + one, 0)).toBeCloseTo(money(total), 1);
  const { portions, sum } = plan(asked, counter, house);
  expect(money(total)).toBeCloseTo(sum.price / 100, 2);
  for (const { good } of portions.mains) expect(document.body.textContent).toContain(good.name);
  expect(screen.getByText('Work and hire')).toBeTruthy();
  // Neither what the shop pays nor what it keeps.
  expect(document.body.textContent).not.toMatch(/margin|shop pays/);
  expect(document.body.textContent).toContain('Allergens: contains');
});

test('an agreed price stands in place of the sum; suggested drinks are named without one', async () => {
  show(<PaperView paper="quote" />, order({}, {}, undefined, { agreed: 12_300 }));
  expect(await screen.findByText('The price agreed', {}, LONG)).toBeTruthy();
  expect(money(document.querySelector('[data-total]')!.textContent)).toBe(123);
  expect(document.body.textContent).toContain('not in the price');
});

test('with nothing picked there is nothing to offer', async () => {
  show(<PaperView paper="quote" />, order({}, {}, []));
  expect(await screen.findByText(/nothing to offer yet/, {}, LONG)).toBeTruthy();
});
