/** @jest-environment jsdom */
import { expect, test } from '@jest/globals';
import { act, render, renderHook, screen, waitFor } from '@testing-library/react';
import { Suspense } from 'react';
import { groundOf, leaveOut, plan, settledOrder, writtenPlan } from '@rotula/core';
import { counter, HOUSE, order } from '../testing/day';
import type { LateState } from '../ui/lateCode';
import { useOrderDocument } from './useOrderDocument';
import { usePlan } from './usePlan';

/** A page that opens: what stands in it before the planner has come, and after. */

const asked = order();
const made = plan(asked, counter, HOUSE);
const PLANNER = { plan, settledOrder };
/** A plan that no planner would make, to tell whose it is. */
const sent = writtenPlan(
  { ...made, sum: { ...made.sum, price: 77 as never } },
  groundOf(asked, counter, HOUSE).goods,
  4,
);
const READY = { is: 'ready', code: PLANNER } as const;
const gone = { is: 'gone', why: new Error('away') } as const;

test('what is changed before the planner has come is saved at once, shown when it comes, and then settled', async () => {
  const sentOut: string[] = [];
  const fetched = globalThis.fetch;
  globalThis.fetch = (async (_: string, { method, body }: { method: string; body: string }) => {
    if (method === 'PUT') sentOut.push(JSON.parse(body).order.selection.goods.join(' '));
    const answer = { ...asked, id: 'x', version: 5, updatedAt: '2026-11-28T10:00' };
    return { ok: true, status: 200, json: async () => answer };
  }) as never;
  const loaded = { ...asked, id: 'x', version: 4, updatedAt: '2026-11-28T10:00' };
  const { result, rerender, unmount } = renderHook(
    ({ here }) => useOrderDocument(loaded, counter, HOUSE, here),
    { initialProps: { here: null as typeof PLANNER | null } },
  );
  act(() => result.current.change('leave out', (o) => leaveOut(o, 'tarpot')));
  expect(result.current.order.selection.goods).toContain('tarpot');
  expect(result.current.undoes).toBe('leave out');
  await waitFor(() => expect(sentOut.at(-1)).toBe('halyard slate-quay bosun-ham'));
  rerender({ here: PLANNER });
  expect(result.current.order.selection.goods).not.toContain('tarpot');
  // Settled: what it uses is kept as the counter has it now.
  expect(Object.keys(result.current.order.snapshot.goods).sort()).toEqual([
    'bosun-ham',
    'halyard',
    'slate-quay',
  ]);
  act(() => result.current.undo());
  expect(result.current.order.selection.goods).toContain('tarpot');
  unmount();
  globalThis.fetch = fetched;
});

test('until the planner is here the plan of the server stands, its goods those of this counter; then our own', () => {
  const { result, rerender } = renderHook(
    ({ late }) => usePlan(asked, counter, HOUSE, late, { version: 4, sent }),
    { initialProps: { late: { is: 'loading' } as LateState<typeof PLANNER> } },
  );
  expect(result.current).toMatchObject({ is: 'sent', plan: { sum: { price: 77 } } });
  const { goods } = groundOf(asked, counter, HOUSE);
  for (const main of result.current.plan.mains) expect(goods.get(main.id)).toBe(main);
  rerender({ late: gone });
  expect(result.current).toMatchObject({ is: 'gone', plan: { sum: { price: 77 } }, why: gone.why });
  rerender({ late: READY });
  expect(result.current.plan).toEqual(made);
  expect(result.current.is === 'ready' && result.current.plans(asked)).toBe(result.current.plan);
});

test.each([
  ['none came', { version: 4, sent: null }],
  ['it is of another version', { version: 5, sent }],
])('where %s the page waits for its own planner', async (_, first) => {
  const Page = () => <p>{usePlan(asked, counter, HOUSE, { is: 'loading' }, first).plan.sum.price}</p>;
  await act(async () => {
    render(
      <Suspense fallback="on its way">
        <Page />
      </Suspense>,
    );
  });
  expect(await screen.findByText(String(made.sum.price))).toBeTruthy();
});
