/** @jest-environment jsdom */
import { afterEach, expect, jest, test } from '@jest/globals';
import { clockWays, House, timingOf, type OrderBody, type Timing, type TimingAsked } from '@rotula/core';
import { cleanup, screen } from '@testing-library/react';
import { Suspense, type ReactNode } from 'react';
import { SWRConfig } from 'swr';
import { aBrief, anOrder, demoCounter } from '../../../core/src/testing/goods';
import { onBench } from '../testing/bench';

// The threads' work, done here.
jest.mock('../optimiser/optimiser', () => ({
  findClockWays: async (...args: Parameters<typeof clockWays>) => clockWays(...args),
  timeDay: async (asked: TimingAsked): Promise<Timing> => ({ ...timingOf(asked), exact: true }),
  Stopped: class extends Error {},
}));
// After the stand-ins.
/* eslint-disable @typescript-eslint/no-require-imports */
const { default: RunSheet } = require('./RunSheet') as typeof import('./RunSheet');
const { default: OffLabels } = require('./OffLabels') as typeof import('./OffLabels');
const { default: CustomerClock } = require('./CustomerClock') as typeof import('./CustomerClock');
/* eslint-enable @typescript-eslint/no-require-imports */

afterEach(cleanup);
const counter = demoCounter();
const HOUSE = House.parse({ hands: 2, country: 'IE', timeZone: 'Europe/Dublin' });
const order = (
  clock: object = {},
  brief: object = {},
  goods = ['halyard', 'tarpot', 'slate-quay', 'bosun-ham'],
): OrderBody => {
  const plain = anOrder({
    brief: aBrief({ guests: { adults: 12 }, hours: 2, ...brief }),
    selection: { goods },
  });
  return { ...plain, clock: { ...plain.clock, ...clock } };
};
const show = (part: ReactNode, of: OrderBody) =>
  onBench(
    <SWRConfig value={{ provider: () => new Map(), dedupingInterval: 0 }}>
      <Suspense fallback={null}>{part}</Suspense>
    </SWRConfig>,
    of,
    counter,
    HOUSE,
  );
const LONG = { timeout: 15_000 };

test('papers wait for the searched day, then hold its times', async () => {
  show(<RunSheet />, order());
  expect(screen.getByRole('status').textContent).toContain('being timed');
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
