/** @jest-environment jsdom */
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { codeFor } from './ahead';
import { PAGES } from './pages';
import { STAGE_SCREENS } from './stageScreens';

const original = globalThis.fetch;
const asked: string[] = [];
beforeEach(() => {
  asked.length = 0;
  globalThis.fetch = jest.fn(async (path: unknown) => {
    asked.push(String(path));
    return { ok: true, status: 200, json: async () => ({}) } as Response;
  }) as never;
});
afterEach(() => {
  globalThis.fetch = original;
  jest.restoreAllMocks();
});

test('a stage that is opened by its address has its code and all its data asked for at once', async () => {
  const page = jest.spyOn(PAGES['/orders/:id/:stage'], 'comes').mockResolvedValue({} as never);
  const stage = jest.spyOn(STAGE_SCREENS.walk!, 'comes').mockResolvedValue({} as never);
  const other = jest.spyOn(STAGE_SCREENS.lay!, 'comes');
  await codeFor('/orders/choir/walk');
  expect([page, stage, other].map(({ mock }) => mock.calls.length)).toEqual([1, 1, 0]);
  expect(asked.sort()).toEqual([
    '/api/counter',
    '/api/counter/taken',
    '/api/house',
    '/api/orders/choir',
    '/api/orders/choir/plan',
  ]);
});

test('an address that is no name of an order asks for just that, never for the list of all', async () => {
  jest.spyOn(PAGES['/orders/:id/:stage'], 'comes').mockResolvedValue({} as never);
  jest.spyOn(STAGE_SCREENS.pick!, 'comes').mockResolvedValue({} as never);
  await codeFor('/orders/%20/pick');
  expect(asked.filter((path) => path.startsWith('/api/orders')).sort()).toEqual([
    '/api/orders/%20',
    '/api/orders/%20/plan',
  ]);
});

test('another page brings its own code, and asks for no order; a stage that is none is for the page to say', async () => {
  const page = jest.spyOn(PAGES['/counter/:id'], 'comes').mockResolvedValue({} as never);
  await codeFor('/counter/halyard');
  expect(page).toHaveBeenCalledTimes(1);
  expect(asked).toEqual([]);
  const order = jest.spyOn(PAGES['/orders/:id/:stage'], 'comes').mockResolvedValue({} as never);
  await codeFor('/orders/choir/tea');
  expect(order).toHaveBeenCalledTimes(1);
});
