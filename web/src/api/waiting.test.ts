import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import type { CounterChange } from '@rotula/core';
import { FakeBrowser, type fakeStorage } from '../testing/tabs';

let browser: FakeBrowser;
const openTab = (session?: ReturnType<typeof fakeStorage>) =>
  browser.openTab(() => import('./waiting'), session);
const change = (name: string): CounterChange => ({ name, put: [], remove: [] });
const names = (changes: readonly CounterChange[]) => changes.map(({ name }) => name);

beforeEach(() => {
  jest.useFakeTimers();
  browser = new FakeBrowser();
});
afterEach(() => {
  jest.useRealTimers();
  browser.close();
});

test('a reload takes up what was not stored', async () => {
  const tab = await openTab();
  tab.keepWaiting([change('a'), change('b')]);
  tab.leave();
  expect(names((await openTab(tab.session)).takeUpWaiting())).toEqual(['a', 'b']);
});

test('two open tabs neither send nor delete what waits in the other', async () => {
  const first = await openTab();
  first.keepWaiting([change('mine')]);
  const second = await openTab();
  expect(second.takeUpWaiting()).toEqual([]);
  second.keepWaiting([change('yours')]);
  second.keepWaiting([]);
  first.leave();
  expect(names((await openTab(first.session)).takeUpWaiting())).toEqual(['mine']);
});

test('what a closed tab left is taken up once, by the next', async () => {
  const closed = await openTab();
  closed.keepWaiting([change('left')]);
  closed.leave();
  const next = await openTab();
  expect(names(next.takeUpWaiting())).toEqual(['left']);
  const third = await openTab();
  expect(third.takeUpWaiting()).toEqual([]);
  // And it outlives the one that took it up.
  next.leave();
  expect(names((await openTab(next.session)).takeUpWaiting())).toEqual(['left']);
});

test('what an earlier Rotula kept for all tabs is taken up; what cannot be read is neither taken nor thrown away', async () => {
  browser.shared.setItem('rotula.counter.waiting', JSON.stringify([change('old')]));
  browser.shared.setItem('rotula.counter.waiting.gone', '[{"put": 3}]');
  expect(names((await openTab()).takeUpWaiting())).toEqual(['old']);
  expect(browser.shared.getItem('rotula.counter.waiting')).toBeNull();
  expect(browser.shared.getItem('rotula.counter.waiting.gone')).toBe('[{"put": 3}]');
});

test('more than a browser keeps is not kept, and that is said', async () => {
  const tab = await openTab();
  const removed = Array.from({ length: 501 }, (_, i) => ({ id: `g${i}`, was: 'x' }));
  const large = { ...change('large'), remove: removed };
  expect(tab.keepWaiting([change('before'), large])).toBe(false);
  expect(names(tab.takeUpWaiting())).toEqual(['before']);
  // What was stored meanwhile does not come back.
  expect(tab.keepWaiting([large])).toBe(false);
  expect(tab.takeUpWaiting()).toEqual([]);
});
