import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { mergeByStage, OrderBody, proposedSides, stageDifferences } from '@rotula/core';
import { FakeBrowser, fakeStorage } from '../testing/tabs';

const body = (title: string, more: object = {}) =>
  OrderBody.parse({ title, brief: { servingAt: '2026-11-28T18:30' }, ...more });
let browser: FakeBrowser;
const openTab = (session?: ReturnType<typeof fakeStorage>) =>
  browser.openTab(async () => {
    const { schema } = await import('./schema');
    await schema.come();
    return import('./draft');
  }, session);

beforeEach(() => {
  jest.useFakeTimers();
  browser = new FakeBrowser();
});
afterEach(() => {
  jest.useRealTimers();
  browser.close();
});

const draft = (title: string) => ({ version: 3, base: body('base'), order: body(title) });

test('a reload brings the tab’s own draft back, with the base it was made from', async () => {
  const tab = await openTab();
  const cutByHand = { ...draft('base'), order: body('base', { cuts: { a: 'cubes' } }) };
  tab.keepDraft('x', cutByHand);
  tab.leave();
  const again = await openTab(tab.session);
  expect(again.findDraft('x')).toMatchObject({ draft: cutByHand, elsewhere: false, unreadable: null });
  // The merge after a reload starts from what both started from, so the other's work stands.
  const theirs = body('base', { customer: 'theirs' });
  const mine = again.findDraft('x').draft!;
  const sides = proposedSides(stageDifferences(mine.order, theirs, mine.base));
  expect(mergeByStage(mine.order, theirs, sides)).toMatchObject({ customer: 'theirs', cuts: { a: 'cubes' } });
});

test('two open tabs keep their drafts apart, and neither drops the other’s', async () => {
  const first = await openTab();
  first.keepDraft('x', draft('first'));
  const second = await openTab();
  expect(second.findDraft('x')).toMatchObject({ draft: null, elsewhere: true });
  second.keepDraft('x', draft('second'));
  second.dropDraft('x');
  first.leave();
  const third = await openTab();
  expect(third.findDraft('x').draft!.order.title).toBe('first');
});

test('what a closed tab left behind is taken up once', async () => {
  const closed = await openTab();
  closed.keepDraft('x', draft('left'));
  closed.leave();
  const next = await openTab();
  expect(next.findDraft('x').draft!.order.title).toBe('left');
  next.dropDraft('x');
  expect(next.findDraft('x').draft).toBeNull();
});

test('a copied tab has a name of its own', async () => {
  const first = await openTab();
  first.keepDraft('x', draft('first'));
  // The browser copies the session of a tab that is still open.
  const copy = fakeStorage();
  copy.setItem('rotula.tab', first.session.getItem('rotula.tab')!);
  const second = await openTab(copy);
  expect(second.findDraft('x')).toMatchObject({ draft: null, elsewhere: true });
});

test('a field that is too long is kept through a reload; a draft without shape is offered as it is', async () => {
  const tab = await openTab();
  const long = body('x');
  tab.keepDraft('x', {
    ...draft('x'),
    order: { ...long, brief: { ...long.brief, occasion: 'y'.repeat(300) } },
  });
  expect(tab.findDraft('x').draft!.order.brief.occasion).toHaveLength(300);
  browser.shared.setItem('rotula.draft.y.gone', '{"version": 1, "order": {"title": 3}}');
  expect(tab.findDraft('y')).toMatchObject({
    draft: null,
    unreadable: expect.stringContaining('"title": 3'),
  });
  tab.dropUnreadable('y');
  expect(tab.findDraft('y').unreadable).toBeNull();
});

test('a draft of the first format is taken up and upgraded', async () => {
  const { snapshot: _s, ...old } = body('old');
  browser.shared.setItem('rotula.draft.x', JSON.stringify({ version: 2, order: old }));
  const tab = await openTab();
  expect(tab.findDraft('x').draft).toMatchObject({
    version: 2,
    order: { title: 'old', snapshot: { goods: {} } },
  });
});

test('a storage that is full or forbidden throws nowhere', async () => {
  const tab = await openTab();
  Object.assign(globalThis, {
    localStorage: {
      getItem: () => {
        throw new Error('forbidden');
      },
      setItem: () => {
        throw new Error('full');
      },
    },
  });
  // It lasts as long as the tab, and that is said.
  expect(tab.keepDraft('x', draft('x'))).toBe(false);
  expect(tab.findDraft('x').draft!.order.title).toBe('x');
  tab.dropDraft('x');
  expect(tab.findDraft('x').draft).toBeNull();
});
