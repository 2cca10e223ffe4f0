import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { lruMemoised } from './memoise.js';

test('the last few answers are kept, and what was asked longest ago is forgotten first', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(6), { maxLength: 40 }), fc.integer({ min: 1, max: 4 }), (asked, many) => {
      const worked: number[] = [];
      const ask = lruMemoised(
        (n: number) => {
          worked.push(n);
          return { n };
        },
        (a, b) => a === b,
        many,
      );
      // The plain way: the latest questions in their order, each once.
      const wanted: number[] = [];
      let latest: number[] = [];
      for (const n of asked) {
        if (!latest.includes(n)) wanted.push(n);
        latest = [n, ...latest.filter((other) => other !== n)].slice(0, many);
        expect(ask(n)).toEqual({ n });
        expect(ask(n)).toBe(ask(n));
      }
      expect(worked).toEqual(wanted);
    }),
  );
});
