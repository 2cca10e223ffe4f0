/** @jest-environment jsdom */
import { afterEach, expect, test } from '@jest/globals';
import { cleanup, screen } from '@testing-library/react';
import { lazy } from 'react';
import { LONG, order, show } from '../testing/day';
import '../testing/threads';

// Loaded when they are shown, after the stand-in.
const PaperView = lazy(async () => ({ default: (await import('./PaperView')).PaperView }));
const OrderHeader = lazy(async () => ({ default: (await import('../frame/OrderHeader')).OrderHeader }));

afterEach(cleanup);

test('papers wait for the searched day, then hold its times', async () => {
  show(<PaperView paper="run-sheet" />, order());
  expect((await screen.findByRole('status', {}, LONG)).textContent).toContain('being timed');
  expect(await screen.findByText('By the clock', {}, LONG)).toBeTruthy();
  expect(screen.getByText('Hands 2')).toBeTruthy();
});

test('each wave has a label with the end of its safe time, and the customer a clock by the fridge', async () => {
  const long = { ...order({}, { hours: 3 }), extras: ['yoghurt-dip'] };
  show(<PaperView paper="off-labels" />, long);
  const labels = await screen.findAllByText(/^off by \d\d:\d\d$/, {}, LONG);
  expect(labels).toHaveLength(2);
  cleanup();
  show(<PaperView paper="customer-clock" />, long);
  expect(await screen.findByText('Out of the fridge', {}, LONG)).toBeTruthy();
  expect(screen.getAllByText(/^Yoghurt/)).toHaveLength(2);
  const times = screen
    .getAllByRole('row')
    .slice(1)
    .map((row) => row.textContent!.slice(0, 5));
  expect(times).toEqual([...times].sort());
});

test('where the safe time is over before it is served the header is red, and the customer gets no clock', async () => {
  const far = order({}, { travelMinutes: 150, hours: 2 });
  show(<PaperView paper="customer-clock" />, far);
  const alert = await screen.findByRole('alert', {}, LONG);
  expect(alert.textContent).toMatch(/No clock for the customer yet.*Halyard/);
  expect(screen.queryByRole('table')).toBeNull();
  cleanup();
  show(<OrderHeader />, far);
  const red = await screen.findByText(/Not to be served: the safe time is over/, {}, LONG);
  expect(red.closest('[role="alert"]')!.className).toContain('bg-wax');
  cleanup();
  show(<OrderHeader />, order());
  await screen.findByLabelText('Name of the order', {}, LONG);
  expect(screen.queryByRole('alert')).toBeNull();
});
