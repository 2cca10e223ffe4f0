/** @jest-environment jsdom */
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { renderHook } from '@testing-library/react';
import { isMain, leaveOut, plan, settledOrder, type Good, type OrderBody } from '@rotula/core';
import { counter, HOUSE, order } from '../testing/day';
import { useLeftOutAhead, usePlans } from './usePlan';

const PLANNER = { plan, settledOrder };
const asked = order();
const less = leaveOut(asked, 'tarpot');

test('what undo goes back to is the plan that was, and is what would be planned', () => {
  const { result, rerender } = renderHook(({ of, shelf }) => usePlans(PLANNER, shelf, HOUSE)(of), {
    initialProps: { of: asked, shelf: counter },
  });
  const before = result.current;
  rerender({ of: less, shelf: counter });
  expect(result.current.mains.map(({ id }) => id)).not.toContain('tarpot');
  rerender({ of: asked, shelf: counter });
  expect(result.current).toBe(before);
  expect(before.sum).toEqual(plan(asked, counter, HOUSE).sum);
});

test('a counter that has changed is planned anew', () => {
  const { result, rerender } = renderHook(({ shelf }) => usePlans(PLANNER, shelf, HOUSE)(asked), {
    initialProps: { shelf: counter },
  });
  const before = result.current.sum.price;
  const dearer = counter.map(
    (good) => ({ ...good, price: { ...good.price, amount: 2 * good.price.amount } }) as Good,
  );
  rerender({ shelf: dearer });
  expect(result.current.sum.price).toBeGreaterThan(1.5 * before);
});

const idle: (() => void)[] = [];
const original = globalThis.requestIdleCallback;
beforeEach(() => {
  globalThis.requestIdleCallback = ((work: () => void) => idle.push(work)) as never;
});
afterEach(() => {
  globalThis.requestIdleCallback = original;
  idle.length = 0;
});
const ahead = (wanted: boolean) => {
  const made: OrderBody[] = [];
  const page = renderHook(() => {
    const planned = usePlans(PLANNER, counter, HOUSE);
    useLeftOutAhead((of) => (made.push(of), planned(of)), asked, counter, HOUSE, wanted);
    return planned;
  });
  return { made, page };
};
const idleTurn = async () => {
  idle.pop()!();
  await new Promise((done) => setTimeout(done));
};

test('the boards without one good are planned one idle turn each, as they will be asked for', async () => {
  const { made, page } = ahead(true);
  let turns = 0;
  for (; idle.length > 0; turns++) await idleTurn();
  expect(turns).toBe(4);
  expect(made.map(({ selection }) => selection.goods!.length)).toEqual([3, 3, 3, 3]);
  // Another object that says the same: what a person's own hand then makes of it.
  const byHand = settledOrder(leaveOut(order(), 'tarpot'), counter, HOUSE);
  const before = made.find((of) => !of.selection.goods!.includes('tarpot'))!;
  expect(byHand).not.toBe(before);
  expect(page.result.current(byHand)).toBe(page.result.current(before));
});

test('nothing is planned ahead where it is not wanted, nor when the page is left', async () => {
  ahead(false);
  expect(idle).toHaveLength(0);
  const { made, page } = ahead(true);
  expect(idle).toHaveLength(1);
  page.unmount();
  await idleTurn();
  expect(made).toEqual([]);
  expect(idle).toHaveLength(0);
});

test('of a board of many goods a dozen is planned ahead, and the plan that stands is not driven out', async () => {
  const many = order(
    {},
    {},
    counter
      .filter(isMain)
      .slice(0, 24)
      .map(({ id }) => id),
  );
  const { result } = renderHook(() => {
    const planned = usePlans(PLANNER, counter, HOUSE);
    const stands = planned(many);
    useLeftOutAhead(planned, many, counter, HOUSE, true);
    return { planned, stands };
  });
  let turns = 0;
  for (; idle.length > 0; turns++) await idleTurn();
  expect(turns).toBe(12);
  expect(result.current.planned(many)).toBe(result.current.stands);
});
