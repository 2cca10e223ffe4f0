/** @jest-environment jsdom */
import { afterEach, expect, test } from '@jest/globals';
import { cleanup, screen, within } from '@testing-library/react';
import { newLimit } from '@rotula/core';
import { lazy } from 'react';
import { HOUSE, LONG, order, show } from '../testing/day';
import '../testing/threads';

const PaperView = lazy(async () => ({ default: (await import('./PaperView')).PaperView }));

afterEach(cleanup);

const limits = [{ ...newLimit('diet:vegetarian'), reach: 'own plate', guests: 2 }];
const boxes = order({}, { role: 'box', limits });
const packed = async () => within(await screen.findByRole('table', { name: 'What travels' }, LONG));

test('boxes travel packed and closed, with their pots, and whoever eats apart has their own', async () => {
  show(<PaperView paper="packing-list" />, boxes);
  const list = await packed();
  expect(list.getByText('Boxes, packed and closed')).toBeTruthy();
  expect(list.getAllByText(/^10 × .*lidded pot: /).length).toBeGreaterThan(0);
  expect(list.getByText(/^2 × box of its own, closed and labelled: vegetarian/)).toBeTruthy();
  expect(list.queryByText(/household|knife|blades/)).toBeNull();
  cleanup();
  // The same food on a board travels with what a board needs.
  show(<PaperView paper="packing-list" />, order({}, { limits }));
  const board = await packed();
  expect(board.getByText(/with a damp cloth/)).toBeTruthy();
  expect(board.getByText(/plate of .*vegetarian/)).toBeTruthy();
  expect(board.getByText(/blades travel wrapped/)).toBeTruthy();
});

test('the customer’s clock tells the own plate from the board; the quote charges boxes and hires none', async () => {
  show(<PaperView paper="customer-clock" />, order({}, { limits }));
  expect(
    (await screen.findAllByText('; own plate: vegetarian', { exact: false }, LONG)).length,
  ).toBeGreaterThan(0);
  cleanup();
  show(<PaperView paper="quote" />, boxes, { ...HOUSE, boxPrice: 90 as never });
  expect(await screen.findByText('Work and boxes', {}, LONG)).toBeTruthy();
  expect(document.body.textContent).toContain('€10.80');
});
