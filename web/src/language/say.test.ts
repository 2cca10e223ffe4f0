import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';

/** The language is read once, when the page is loaded: each case loads it anew. */
const load = () => import('./say');
let kept: string | null = null;
beforeEach(() => {
  jest.resetModules();
  Object.defineProperty(globalThis, 'localStorage', {
    configurable: true,
    value: { getItem: () => kept },
  });
});
afterEach(() => {
  kept = null;
  Reflect.deleteProperty(globalThis, 'localStorage');
});

describe('what is said', () => {
  test('in English it is what was written, braces and all', async () => {
    const { say, word } = await load();
    expect(say`${2} of {mm} for ${'Halyard'}`).toBe('2 of {mm} for Halyard');
    expect(word('washed')).toBe('washed');
  });
  test('the stand-in marks it, figures inside, and a figure that looks like a place is left alone', async () => {
    kept = 'stand-in';
    const { say, word } = await load();
    expect(say`${'{1}'} beside ${'Tarpot'}`).toBe('⟦{1} beside Tarpot⟧');
    expect(say`${say`one`} more`).toBe('⟦⟦one⟧ more⟧');
    expect([word('washed'), word('')]).toEqual(['⟦washed⟧', '']);
  });
  test('a language that nobody knows, and a browser that keeps nothing, are English', async () => {
    kept = 'klingon';
    expect((await load()).spoken).toBe('en');
    jest.resetModules();
    Object.defineProperty(globalThis, 'localStorage', {
      configurable: true,
      value: {
        getItem: () => {
          throw new Error('forbidden');
        },
      },
    });
    expect((await load()).spoken).toBe('en');
  });
  test('a worker is told by its name', async () => {
    Reflect.deleteProperty(globalThis, 'localStorage');
    Object.defineProperty(globalThis, 'name', { configurable: true, value: 'stand-in' });
    expect((await load()).spoken).toBe('stand-in');
    Reflect.deleteProperty(globalThis, 'name');
  });
});
