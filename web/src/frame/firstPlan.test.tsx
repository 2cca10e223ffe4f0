/** @jest-environment jsdom */
import { expect, test } from '@jest/globals';
import { act, render, renderHook, screen } from '@testing-library/react';
import { Suspense } from 'react';
import { groundOf, plan, settledOrder, writtenPlan } from '@rotula/core';
import { counter, HOUSE, order } from '../testing/day';
import { plannerComes, withPlanner } from './plannerComes';
import { usePlan } from './usePlan';

/** A page that opens: what stands in it before the planner has come, and after. */

const asked = order();
const made = plan(asked, counter, HOUSE);
const PLANNER = { plan, settledOrder };
/** A plan that no planner would make, to tell whose it is. */
const sent = JSON.parse(
  writtenPlan(
    { version: 4, plan: { ...made, sum: { ...made.sum, price: 77 as never } } },
    groundOf(asked, counter, HOUSE).goods,
  ),
);

test('what is done before the planner has come is done when it comes, in the order of doing', async () => {
  const done: string[] = [];
  withPlanner(() => done.push('first'));
  withPlanner(() => done.push('second'));
  expect(done).toEqual([]);
  await plannerComes();
  expect(done).toEqual(['first', 'second']);
  withPlanner(() => done.push('at once'));
  expect(done).toHaveLength(3);
});

test('until the planner is here the plan of the server stands, its goods those of this counter; then our own', () => {
  const { result, rerender } = renderHook(
    ({ here }) => usePlan(asked, counter, HOUSE, here, { version: 4, sent }),
    { initialProps: { here: null as typeof PLANNER | null } },
  );
  expect(result.current.plan.sum.price).toBe(77);
  expect(result.current.planned).toBeNull();
  const { goods } = groundOf(asked, counter, HOUSE);
  for (const main of result.current.plan.mains) expect(goods.get(main.id)).toBe(main);
  rerender({ here: PLANNER });
  expect(result.current.plan).toEqual(made);
  expect(result.current.planned!(asked)).toBe(result.current.plan);
});

test.each([
  ['none came', { version: 4, sent: null }],
  ['it is of another version', { version: 5, sent }],
])('where %s the page waits for its own planner', async (_, first) => {
  const Page = () => <p>{usePlan(asked, counter, HOUSE, null, first).plan.sum.price}</p>;
  await act(async () => {
    render(
      <Suspense fallback="on its way">
        <Page />
      </Suspense>,
    );
  });
  expect(await screen.findByText(String(made.sum.price))).toBeTruthy();
});
