import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { OrderBody, type Order } from '@rotula/core';
import { ApiError } from '../api/client';
import { Autosave, type SaveReport } from './autosave';

const body = (title: string): OrderBody =>
  OrderBody.parse({ title, brief: { servingAt: '2026-11-28T18:30' } });
const stored = (title: string, version: number): Order => ({
  ...body(title),
  id: 'x',
  version,
  updatedAt: '',
});

function setUp(send: (version: number, order: OrderBody) => Promise<Order>) {
  const reports: SaveReport[] = [];
  const drafts: (string | null)[] = [];
  const start = body('start');
  const autosave = new Autosave(
    {
      send,
      keepDraft: (version, order) => drafts.push(`${version} ${order.title}`),
      dropDraft: () => drafts.push(null),
      report: (r) => reports.push(r),
      onSaved: () => undefined,
    },
    1,
    start,
  );
  return { autosave, reports, drafts, start };
}

beforeEach(() => void jest.useFakeTimers());
afterEach(() => void jest.useRealTimers());

test('many changes become one save, from the version it was made from; then the draft is dropped', async () => {
  const sent: string[] = [];
  const { autosave, reports, drafts } = setUp(async (version, order) => {
    sent.push(`${version} ${order.title}`);
    return stored(order.title, version + 1);
  });
  autosave.changed(body('a'));
  autosave.changed(body('b'));
  await jest.advanceTimersByTimeAsync(500);
  expect(sent).toEqual(['1 b']);
  expect(drafts).toEqual(['1 a', '1 b', null]);
  expect(reports.at(-1)).toEqual({ state: 'saved', trouble: null, conflict: null });
  autosave.changed(body('c'));
  await jest.advanceTimersByTimeAsync(500);
  expect(sent).toEqual(['1 b', '2 c']);
});

test('a change that is taken back before it is sent leaves nothing to save', async () => {
  const sent: string[] = [];
  const { autosave, reports, drafts, start } = setUp(async (version, order) => {
    sent.push(order.title);
    return stored(order.title, version + 1);
  });
  autosave.changed(body('a'));
  autosave.changed(start);
  await jest.advanceTimersByTimeAsync(2000);
  expect(sent).toEqual([]);
  expect(reports.at(-1)).toEqual({ state: 'saved', trouble: null, conflict: null });
  expect(drafts.at(-1)).toBeNull();
});

test('a change that is taken back while it is sent is saved once more', async () => {
  const sent: string[] = [];
  const { autosave, start } = setUp(async (version, order) => {
    sent.push(`${version} ${order.title}`);
    return new Promise((resolve) => setTimeout(() => resolve(stored(order.title, version + 1)), 300));
  });
  autosave.changed(body('a'));
  await jest.advanceTimersByTimeAsync(500);
  autosave.changed(start);
  await jest.advanceTimersByTimeAsync(2000);
  expect(sent).toEqual(['1 a', '2 start']);
});

test('a change during a save is saved after it, over the new version', async () => {
  const sent: string[] = [];
  let answer: (order: Order) => void = () => undefined;
  const { autosave } = setUp((version, order) => {
    sent.push(`${version} ${order.title}`);
    return new Promise((resolve) => (answer = resolve));
  });
  autosave.changed(body('a'));
  await jest.advanceTimersByTimeAsync(500);
  autosave.changed(body('b'));
  await jest.advanceTimersByTimeAsync(500);
  expect(sent).toEqual(['1 a']);
  answer(stored('a', 2));
  await jest.advanceTimersByTimeAsync(500);
  expect(sent).toEqual(['1 a', '2 b']);
});

test('a dead server keeps the draft and is tried again', async () => {
  let dead = true;
  const { autosave, reports, drafts } = setUp(async (version, order) => {
    if (dead) throw new ApiError(0, 'the server does not answer');
    return stored(order.title, version + 1);
  });
  autosave.changed(body('a'));
  await jest.advanceTimersByTimeAsync(500);
  expect(reports.at(-1)).toMatchObject({ state: 'not saved', trouble: 'the server does not answer' });
  expect(drafts).toEqual(['1 a']);
  dead = false;
  await jest.advanceTimersByTimeAsync(5000);
  expect(reports.at(-1)!.state).toBe('saved');
});

test('a conflict waits for the person; what they choose goes over theirs, and theirs is not sent again', async () => {
  const sent: string[] = [];
  const conflicted = async (version: number, order: OrderBody) => {
    sent.push(`${version} ${order.title}`);
    if (version < 5) throw new ApiError(409, 'saved elsewhere', stored('theirs', 5));
    return stored(order.title, version + 1);
  };
  const mine = setUp(conflicted);
  mine.autosave.changed(body('mine'));
  await jest.advanceTimersByTimeAsync(20000);
  expect(sent).toEqual(['1 mine']);
  expect(mine.reports.at(-1)!.conflict).toMatchObject({
    theirs: { title: 'theirs', version: 5 },
    base: { title: 'start' },
  });
  mine.autosave.resolve(body('merged'));
  await jest.advanceTimersByTimeAsync(500);
  expect(sent).toEqual(['1 mine', '5 merged']);
  expect(mine.reports.at(-1)!.state).toBe('saved');

  const theirs = setUp(conflicted);
  theirs.autosave.changed(body('mine'));
  await jest.advanceTimersByTimeAsync(500);
  sent.length = 0;
  theirs.autosave.resolve(body('theirs'));
  await jest.advanceTimersByTimeAsync(500);
  expect(theirs.drafts.at(-1)).toBeNull();
  expect(theirs.reports.at(-1)!.state).toBe('saved');
  expect(sent).toEqual([]);
});

test('a refused document is not sent again until it changes', async () => {
  let n = 0;
  const { autosave } = setUp(async () => {
    n++;
    throw new ApiError(400, 'title: an order needs a name');
  });
  autosave.changed(body('a'));
  await jest.advanceTimersByTimeAsync(60000);
  expect(n).toBe(1);
});
