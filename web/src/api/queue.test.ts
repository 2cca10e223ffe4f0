import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { changed, changeTo, goodsById, staleGoods, type CounterChange } from '@rotula/core';
import { aCheese } from '../../../core/src/testing/goods';
import { CounterQueue, joined, NOTHING_WAITS, withStepBack, type QueueState } from './queue';

const change = (name: string): CounterChange => ({ name, put: [], remove: [] });
class Away extends Error {}

function setUp(send: (change: CounterChange) => Promise<unknown>, keeps = true) {
  const states: QueueState[] = [];
  const kept: string[][] = [];
  const refused: string[] = [];
  const queue = new CounterQueue({
    send,
    isPassing: (fault) => fault instanceof Away,
    keep: (changes) => {
      kept.push(changes.map((c) => c.name));
      return keeps;
    },
    refused: (c) => refused.push(c.name),
    report: (state) => states.push(state),
  });
  return { queue, states, kept, refused };
}

beforeEach(() => void jest.useFakeTimers());
afterEach(() => void jest.useRealTimers());

test('edits go out one after the other, in the order in which they were made', async () => {
  const sent: string[] = [];
  let free: () => void = () => undefined;
  const { queue, kept } = setUp((c) => {
    sent.push(c.name);
    return new Promise<void>((resolve) => (free = resolve));
  });
  const done = [queue.add(change('a')), queue.add(change('b'))];
  expect(sent).toEqual(['a']);
  expect(kept.at(-1)).toEqual(['a', 'b']);
  free();
  await jest.advanceTimersByTimeAsync(0);
  expect(sent).toEqual(['a', 'b']);
  free();
  expect(await Promise.all(done)).toEqual([true, true]);
  expect(kept.at(-1)).toEqual([]);
});

test('while the server is away edits are kept and tried again; none is lost', async () => {
  let away = true;
  const sent: string[] = [];
  const { queue, states, kept } = setUp(async (c) => {
    if (away) throw new Away();
    sent.push(c.name);
  });
  expect(await queue.add(change('a'))).toBe(true);
  void queue.add(change('b'));
  await jest.advanceTimersByTimeAsync(10_000);
  expect(states.at(-1)).toMatchObject({ away: true, waiting: [{ name: 'a' }, { name: 'b' }] });
  expect(kept.at(-1)).toEqual(['a', 'b']);
  away = false;
  await jest.advanceTimersByTimeAsync(5_000);
  expect(sent).toEqual(['a', 'b']);
  expect(states.at(-1)).toEqual(NOTHING_WAITS);
});

test('what an earlier page kept goes out before what is made now', async () => {
  const sent: string[] = [];
  const { queue } = setUp(async (c) => void sent.push(c.name));
  queue.resume([change('old')]);
  await queue.add(change('new'));
  expect(sent).toEqual(['old', 'new']);
});

test('a refused edit is taken out and said; the others go on', async () => {
  const { queue, refused } = setUp(async (c) => {
    if (c.name === 'bad') throw new Error('409');
  });
  const [bad, good] = await Promise.all([queue.add(change('bad')), queue.add(change('good'))]);
  expect([bad, good]).toEqual([false, true]);
  expect(refused).toEqual(['bad']);
});

test('a browser that keeps nothing is said', async () => {
  const { queue, states } = setUp(async () => {
    throw new Away();
  }, false);
  await queue.add(change('a'));
  expect(states.at(-1)).toMatchObject({ away: true, kept: false });
});

test('two edits that were typed in one visit are taken back as one, from what the later made', () => {
  const start = [aCheese('c', { note: '' }), aCheese('other')];
  const typed = (note: string, counter: typeof start) =>
    changeTo('note', [{ ...counter[0]!, note }], goodsById(counter));
  const one = typed('smo', start);
  const first = withStepBack(one, start, 'note#1');
  const two = typed('smoky', first.next as typeof start);
  const second = withStepBack(two, first.next, 'note#1');
  const back = joined(first.back, second.back, two).change();
  // It fits what lies there now, and brings back what was there before both.
  expect(staleGoods(back, goodsById(second.next))).toEqual([]);
  expect(changed(back, second.next)).toEqual(start);
});
