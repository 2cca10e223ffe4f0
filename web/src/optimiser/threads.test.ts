/** @jest-environment jsdom */
import { beforeEach, expect, jest, test } from '@jest/globals';
import type { ThreadQuestion, Heard } from './threads';

/** A thread that says what the test has it say. */
class FakeWorker {
  static all: FakeWorker[] = [];
  onmessage: ((event: { data: Heard }) => void) | null = null;
  onerror: ((event: { preventDefault: () => void }) => void) | null = null;
  onmessageerror = null;
  asked: ThreadQuestion[] = [];
  ended = false;
  constructor() {
    FakeWorker.all.push(this);
  }
  postMessage(asked: ThreadQuestion) {
    this.asked.push(asked);
  }
  terminate() {
    this.ended = true;
  }
  hear(data: Heard) {
    this.onmessage!({ data });
  }
}

jest.mock('./startThread', () => ({ startThread: () => new FakeWorker() }));
Object.defineProperty(navigator, 'hardwareConcurrency', { value: 3 });

let threads: typeof import('./threads');
beforeEach(async () => {
  FakeWorker.all = [];
  jest.resetModules();
  threads = await import('./threads');
});

const question = {} as never;
const lane = (name: string, more = {}) => ({ lane: name, ...more });
const answer = (text: string): Heard => ({ answer: { ways: [text] } as never });
const all = () => FakeWorker.all;

test('a thread that has answered takes the next question; no more are started than there is room for', async () => {
  const first = threads.runInThread('ways', question, lane('a'));
  all()[0]!.hear(answer('first'));
  expect(await first).toEqual({ ways: ['first'] });
  for (const name of ['b', 'c', 'd', 'e']) void threads.runInThread('ways', question, lane(name));
  expect(all()).toHaveLength(3);
  all()[1]!.hear(answer('c'));
  expect(all().map(({ asked }) => asked.length)).toEqual([2, 2, 1]);
});

test('a newer question of a lane ends the one before with its thread, and other lanes go on', async () => {
  const old = threads.runInThread('ways', question, lane('lay', { replaces: true }));
  const other = threads.runInThread('ways', question, lane('other'));
  const young = threads.runInThread('ways', question, lane('lay', { replaces: true }));
  await expect(old).rejects.toBeInstanceOf(threads.Stopped);
  expect(all().map(({ ended }) => ended)).toEqual([true, false, false]);
  all()[1]!.hear(answer('other'));
  all()[2]!.hear(answer('young'));
  expect([await other, await young]).toEqual([{ ways: ['other'] }, { ways: ['young'] }]);
});

test('what is only looked up beside leaves a thread for what a person waits for', async () => {
  for (const name of ['a', 'b', 'c'])
    void threads.runInThread('ways', question, lane(name, { beside: true }));
  expect(all()).toHaveLength(2);
  const waited = threads.runInThread('ways', question, lane('pick'));
  expect(all()).toHaveLength(3);
  all()[2]!.hear(answer('at once'));
  expect(await waited).toEqual({ ways: ['at once'] });
});

test('what is taken back while it waits never begins', async () => {
  for (const name of ['a', 'b', 'c']) void threads.runInThread('ways', question, lane(name));
  const waits = threads.runInThread('ways', question, lane('late'));
  threads.stop('late');
  await expect(waits).rejects.toBeInstanceOf(threads.Stopped);
  all()[0]!.hear(answer('a'));
  expect(all()[0]!.asked).toHaveLength(1);
});

test('the best so far is told; a fault is said in its words, and a thread that dies is followed by another', async () => {
  const soFar: unknown[] = [];
  const first = threads.runInThread(
    'pick',
    question,
    lane('pick', { onProgress: (is: unknown) => soFar.push(is) }),
  );
  all()[0]!.hear({ soFar: 0.5 });
  all()[0]!.hear({ fault: 'no such good' });
  await expect(first).rejects.toThrow('no such good');
  expect(soFar).toEqual([0.5]);
  const second = threads.runInThread('ways', question, lane('a'));
  all()[0]!.onerror!({ preventDefault: () => undefined });
  await expect(second).rejects.toThrow(/thread died/);
  const third = threads.runInThread('ways', question, lane('a'));
  all()[1]!.hear(answer('again'));
  expect(await third).toEqual({ ways: ['again'] });
});
