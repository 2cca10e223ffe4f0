import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { IDBFactory } from 'fake-indexeddb';
import { fakeStorage } from '../testing/tabs';

const g = globalThis as unknown as Record<string, unknown>;
const shared = { local: fakeStorage() };

/** A page as it is loaded: its own copy of the store, on the browser's databases. */
async function openPage(indexedDB: unknown = g.indexedDB) {
  jest.resetModules();
  Object.assign(g, {
    indexedDB,
    localStorage: shared.local,
    addEventListener: () => undefined,
    // Node's own would keep the test from ending.
    BroadcastChannel: undefined,
  });
  const { keeping, keepingIsHere } = await import('./keeping');
  const { leaveNow } = await import('./leaving');
  await keepingIsHere;
  return { keeping, leaveNow };
}
/** Until what is written is in the database: another page would find it. */
async function found(key: string, text: string | null) {
  for (let looks = 0; looks < 100; looks++) {
    const { keeping } = await openPage();
    if (keeping.read(key) === text) return;
  }
  throw new Error(`${key} is not kept as ${text}`);
}

beforeEach(() => {
  g.indexedDB = new IDBFactory();
  shared.local = fakeStorage();
});
afterEach(() => {
  for (const key of ['indexedDB', 'localStorage', 'addEventListener']) Reflect.deleteProperty(g, key);
});

test('what is written is read at once, and found by the next page; what is dropped is gone', async () => {
  const { keeping } = await openPage();
  expect(keeping.write('rotula.draft.x.a', 'one')).toBe(true);
  expect(keeping.read('rotula.draft.x.a')).toBe('one');
  expect(keeping.keys('rotula.draft.x')).toEqual(['rotula.draft.x.a']);
  await found('rotula.draft.x.a', 'one');
  keeping.drop('rotula.draft.x.a');
  expect(keeping.read('rotula.draft.x.a')).toBeNull();
  await found('rotula.draft.x.a', null);
  // Drafts are too large for the other storage.
  expect(Object.keys(shared.local)).toEqual([]);
});

test('what the database has not when a page is left is taken up by the next, in whatever order they end', async () => {
  const { keeping, leaveNow } = await openPage();
  keeping.write('rotula.draft.x.a', 'first');
  await found('rotula.draft.x.a', 'first');
  keeping.write('rotula.draft.x.a', 'last words');
  keeping.write('rotula.typed.note', 'half a wo');
  leaveNow();
  // The page ended before the database heard of it: another one that never did.
  const next = await openPage(new IDBFactory());
  expect(next.keeping.read('rotula.draft.x.a')).toBe('last words');
  expect(next.keeping.read('rotula.typed.note')).toBe('half a wo');
  expect(Object.keys(shared.local)).toEqual([]);
});

test('what several pages left is taken up in the order in which they were opened', async () => {
  const left = (words: string) => JSON.stringify([['rotula.draft.x.a', words]]);
  shared.local.setItem('rotula.leaving.000002000000000.b', left('the later'));
  shared.local.setItem('rotula.leaving.000001000000000.a', left('the earlier'));
  const { keeping } = await openPage();
  expect(keeping.read('rotula.draft.x.a')).toBe('the later');
});

test('what an earlier Rotula kept moves here; preferences stay where they are read before anything is drawn', async () => {
  shared.local.setItem('rotula.draft.y.b', 'kept');
  shared.local.setItem('rotula.language', 'en');
  const { keeping } = await openPage();
  expect(keeping.read('rotula.draft.y.b')).toBe('kept');
  await found('rotula.draft.y.b', 'kept');
  expect(Object.keys(shared.local)).toEqual(['rotula.language']);
});

test.each([
  ['none', null],
  [
    'one that is forbidden',
    {
      open: () => {
        throw new Error('denied');
      },
    },
  ],
])('without a database (%s) all of it is in the other storage', async (_, indexedDB) => {
  const { keeping } = await openPage(indexedDB);
  expect(keeping.write('rotula.draft.x.a', 'one')).toBe(true);
  expect(shared.local.getItem('rotula.draft.x.a')).toBe('one');
  expect(keeping.keys('rotula.draft')).toEqual(['rotula.draft.x.a']);
});
