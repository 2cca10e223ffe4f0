/** @jest-environment jsdom */
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { act, renderHook } from '@testing-library/react';
import { plan, settledOrder } from '@rotula/core';
import { useLateCode } from '../ui/lateCode';
import { planner } from './planner';

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
  jest.doMock('./plannerCode', () => {
    if (isAway) throw new Error('Failed to fetch dynamically imported module');
    return { plan, settledOrder };
  });
  const { result } = renderHook(() => useLateCode(planner));
  expect(result.current).toEqual({ is: 'absent' });
  await act(() => jest.advanceTimersByTimeAsync(10));
  expect(result.current).toMatchObject({
    is: 'gone',
    why: { message: expect.stringContaining('Failed to fetch') },
  });
  expect(planner.code()).toBeNull();
  isAway = false;
  await act(() => jest.advanceTimersByTimeAsync(5000));
  expect(result.current).toEqual({ is: 'ready', code: { plan, settledOrder } });
  expect(await planner.come()).toBe(planner.code());
});
