import { afterEach, beforeAll, beforeEach, expect, jest, test } from '@jest/globals';
import { OrderBody, type Order } from '@rotula/core';
import { ApiError } from '../api/client';
import { ALL_SAVED, Autosave, type SaveReport } from './autosave';
import { schema } from './schema';

const body = (title: string): OrderBody =>
  OrderBody.parse({ title, brief: { servingAt: '2026-11-28T18:30' } });
const stored = (title: string, version: number): Order => ({
  ...body(title),
  id: 'x',
  version,
  updatedAt: '',
});

function setUp(send: (version: number, order: OrderBody, leaving: boolean) => Promise<Order>, keeps = true) {
  const reports: SaveReport[] = [];
  const drafts: (string | null)[] = [];
  const start = body('start');
  const autosave = new Autosave(
    {
      send,
      restore: async () => stored('restored', 9),
      keepDraft: ({ version, order }) => drafts.push(`${version} ${order.title}`) > 0 && keeps,
      dropDraft: () => drafts.push(null),
      report: (r) => reports.push(r),
      onSaved: () => undefined,
    },
    1,
    start,
  );
  return { autosave, reports, drafts, start };
}

beforeAll(() => schema.come());
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
  // Kept once more as it is sent: it may be stored, though nobody hears so.
  expect(drafts).toEqual(['1 a', '1 b', '1 b', null]);
  expect(reports.at(-1)).toEqual(ALL_SAVED);
  autosave.changed(body('c'));
  await jest.advanceTimersByTimeAsync(500);
  expect(sent).toEqual(['1 b', '2 c']);
});

test('whoever types without a pause is saved within a second all the same', async () => {
  const sent: string[] = [];
  const { autosave } = setUp(async (version, order) => {
    sent.push(order.title);
    return stored(order.title, version + 1);
  });
  for (let i = 0; i < 10; i++) {
    autosave.changed(body(`typed ${i}`));
    await jest.advanceTimersByTimeAsync(100);
  }
  expect(sent.length).toBeGreaterThanOrEqual(2);
  await jest.advanceTimersByTimeAsync(1000);
  expect(sent.at(-1)).toBe('typed 9');
});

test('a save that was stored though its answer was lost is no conflict: what came since goes over it', async () => {
  const sent: string[] = [];
  let server = stored('start', 1);
  const { autosave, reports } = setUp(async (version, order) => {
    sent.push(`${version} ${order.title}`);
    if (version !== server.version)
      throw Object.assign(new ApiError(409, 'saved elsewhere', server), { current: server });
    server = { ...stored(order.title.trim(), version + 1) };
    // The first answers never arrive.
    if (sent.length < 2) throw new ApiError(0, 'the server does not answer');
    return server;
  });
  // A space at the end is not stored.
  autosave.changed({ ...body('a'), title: 'a ' });
  await jest.advanceTimersByTimeAsync(400);
  autosave.changed(body('ab'));
  await jest.advanceTimersByTimeAsync(10_000);
  expect(sent).toEqual(['1 a ', '1 ab', '2 ab']);
  expect(server.title).toBe('ab');
  expect(reports.every(({ conflict }) => conflict === null)).toBe(true);
  expect(reports.at(-1)).toEqual(ALL_SAVED);
});

test('so too after a reload: the draft says what was on its way', async () => {
  const server = stored('a', 2);
  const sent: string[] = [];
  const reports: SaveReport[] = [];
  const autosave = new Autosave(
    {
      send: async (version, order) => {
        sent.push(`${version} ${order.title}`);
        if (version === 1) throw new ApiError(409, 'saved elsewhere', server);
        return stored(order.title, version + 1);
      },
      restore: async () => server,
      keepDraft: () => true,
      dropDraft: () => undefined,
      report: (report) => reports.push(report),
      onSaved: () => undefined,
    },
    1,
    body('start'),
    [body('a')],
  );
  autosave.changed(body('ab'));
  await jest.advanceTimersByTimeAsync(2000);
  expect(sent).toEqual(['1 ab', '2 ab']);
  expect(reports.at(-1)).toEqual(ALL_SAVED);
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
  expect(reports.at(-1)).toEqual(ALL_SAVED);
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
  expect(drafts).toEqual(['1 a', '1 a']);
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

test('a field that cannot be stored is named and kept; the rest is saved, also after later changes', async () => {
  const sent: OrderBody[] = [];
  const { autosave, reports, drafts, start } = setUp(async (version, order) => {
    sent.push(order);
    return stored(order.title, version + 1);
  });
  const long = { ...start, customer: 'new', brief: { ...start.brief, occasion: 'x'.repeat(121) } };
  autosave.changed(long);
  await jest.advanceTimersByTimeAsync(500);
  expect(sent.map((o) => [o.customer, o.brief.occasion])).toEqual([['new', '']]);
  expect(reports.at(-1)).toMatchObject({ state: 'not saved', refused: [{ field: 'brief.occasion' }] });
  expect(drafts.at(-1)).not.toBeNull();
  autosave.changed({ ...long, title: 'renamed' });
  await jest.advanceTimersByTimeAsync(500);
  expect(sent.at(-1)).toMatchObject({ title: 'renamed', brief: { occasion: '' } });
  autosave.changed({ ...long, title: 'renamed', brief: { ...start.brief, occasion: 'short' } });
  await jest.advanceTimersByTimeAsync(500);
  expect(sent.at(-1)!.brief.occasion).toBe('short');
  expect(reports.at(-1)).toEqual(ALL_SAVED);
});

test('leaving sends at once, and says so to the browser; nothing to send sends nothing', async () => {
  const sent: string[] = [];
  const { autosave } = setUp(async (version, order, leaving) => {
    sent.push(`${order.title} ${leaving}`);
    return stored(order.title, version + 1);
  });
  autosave.flush(true);
  expect(sent).toEqual([]);
  autosave.changed(body('a'));
  autosave.flush(true);
  expect(sent).toEqual(['a true']);
  await jest.advanceTimersByTimeAsync(5000);
  expect(sent).toEqual(['a true']);
});

test('an order deleted elsewhere is said to be, and can be taken back with what was changed', async () => {
  const sent: string[] = [];
  let gone = true;
  const { autosave, reports } = setUp(async (version, order) => {
    if (gone) throw new ApiError(404, 'There is no order x; it may have been deleted.');
    sent.push(`${version} ${order.title}`);
    return stored(order.title, version + 1);
  });
  autosave.changed(body('a'));
  await jest.advanceTimersByTimeAsync(20_000);
  expect(reports.at(-1)).toMatchObject({ state: 'not saved', gone: true });
  gone = false;
  await autosave.takeBack();
  expect(sent).toEqual(['9 a']);
  expect(reports.at(-1)).toEqual(ALL_SAVED);
});

test('what somebody else saved and is just this is no conflict', async () => {
  const { autosave, reports } = setUp(async () => {
    throw new ApiError(409, 'saved elsewhere', stored('a', 4));
  });
  autosave.changed(body('a'));
  await jest.advanceTimersByTimeAsync(500);
  expect(reports.at(-1)).toEqual(ALL_SAVED);
});

test('a browser that keeps nothing is said while something is not saved', async () => {
  const { autosave, reports } = setUp(async () => {
    throw new ApiError(0, 'away');
  }, false);
  autosave.changed(body('a'));
  await jest.advanceTimersByTimeAsync(500);
  expect(reports.at(-1)).toMatchObject({ unkept: true, trouble: 'away' });
});
