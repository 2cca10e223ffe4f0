/** @jest-environment jsdom */
import { afterEach, expect, jest, test } from '@jest/globals';
import { cleanup, screen } from '@testing-library/react';
import { lazy } from 'react';
import { LONG, order, show } from '../testing/day';
import { threads } from '../testing/threads';

jest.mock('../optimiser/optimiser', () => threads);
// Loaded when they are shown, after the stand-in.
const RunSheet = lazy(() => import('./RunSheet'));
const OffLabels = lazy(() => import('./OffLabels'));
const CustomerClock = lazy(() => import('./CustomerClock'));

afterEach(cleanup);

test('papers wait for the searched day, then hold its times', async () => {
  show(<RunSheet />, order());
  expect((await screen.findByRole('status', {}, LONG)).textContent).toContain('being timed');
  expect(await screen.findByText('By the clock', {}, LONG)).toBeTruthy();
  expect(screen.getByText('Hands 2')).toBeTruthy();
});

test('each wave has a label with the end of its safe time, and the customer a clock by the fridge', async () => {
  const long = { ...order({}, { hours: 3 }), extras: ['yoghurt-dip'] };
  show(<OffLabels />, long);
  const labels = await screen.findAllByText(/^off by \d\d:\d\d$/, {}, LONG);
  expect(labels).toHaveLength(2);
  cleanup();
  show(<CustomerClock />, long);
  expect(await screen.findByText('Out of the fridge', {}, LONG)).toBeTruthy();
  expect(screen.getAllByText(/^Yoghurt/)).toHaveLength(2);
  const times = screen
    .getAllByRole('row')
    .slice(1)
    .map((row) => row.textContent!.slice(0, 5));
  expect(times).toEqual([...times].sort());
});
