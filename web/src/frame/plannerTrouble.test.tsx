/** @jest-environment jsdom */
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { act, renderHook } from '@testing-library/react';
import { plan, settledOrder } from '@rotula/core';
import { usePlanner } from './plannerComes';

const original = globalThis.requestIdleCallback;
beforeEach(() => {
  jest.useFakeTimers();
  globalThis.requestIdleCallback = ((work: () => void) => setTimeout(work, 0)) as never;
});
afterEach(() => {
  jest.useRealTimers();
  globalThis.requestIdleCallback = original;
});

test('a planner that cannot be had is said to be missing, asked for again, and used once it is here', async () => {
  let isAway = true;
  jest.doMock('./planner', () => {
    if (isAway) throw new Error('Failed to fetch dynamically imported module');
    return { plan, settledOrder };
  });
  const { result } = renderHook(usePlanner);
  expect(result.current).toEqual({ planner: null, trouble: null });
  await act(() => jest.advanceTimersByTimeAsync(10));
  expect(result.current.planner).toBeNull();
  expect(String(result.current.trouble)).toContain('Failed to fetch');
  isAway = false;
  await act(() => jest.advanceTimersByTimeAsync(5000));
  expect(result.current).toEqual({ planner: { plan, settledOrder }, trouble: null });
});
