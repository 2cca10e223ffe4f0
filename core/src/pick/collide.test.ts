import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { limitRow } from '../testing/guests.js';
import { Brief, DEFAULT_HOUSE, House } from '../brief/index.js';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { findCollisions, troubleOf, type Fits } from './collide.js';
import { fits } from './wishes.js';

/** All minimal sets that cannot be kept, and all minimal sets to let go, by trying every subset. */
function bruteForce(n: number, canKeep: Fits) {
  const members = (bits: number) => [...Array(n).keys()].filter((w) => (bits >> w) & 1);
  const can = Array.from({ length: 2 ** n }, (_, bits) => canKeep(members(bits)));
  const all = 2 ** n - 1;
  const isCore = (bits: number) => !can[bits] && members(bits).every((w) => can[bits & ~(1 << w)]);
  const isWay = (bits: number) =>
    can[all & ~bits]! && members(bits).every((w) => !can[all & ~(bits & ~(1 << w))]);
  const pickOf = (test: (bits: number) => boolean) =>
    Array.from({ length: 2 ** n }, (_, bits) => bits)
      .filter(test)
      .map((bits) => members(bits).join(' '));
  return { cores: pickOf(isCore), ways: can[all] ? [] : pickOf(isWay) };
}

describe('collisions and ways out are those of brute force, over up to 10 wishes', () => {
  // A random monotone question: some sets of wishes cannot be kept together, and so neither can any set that holds one.
  const questions = fc.integer({ min: 2, max: 10 }).chain((n) =>
    fc.record({
      n: fc.constant(n),
      bad: fc.array(fc.uniqueArray(fc.integer({ min: 0, max: n - 1 }), { minLength: 1, maxLength: 4 }), {
        minLength: 0,
        maxLength: 4,
      }),
      costs: fc.array(fc.integer({ min: 1, max: 9 }), { minLength: n, maxLength: n }),
    }),
  );
  test('every collision is minimal, every way out is minimal, the cheapest first', () => {
    let interesting = 0;
    fc.assert(
      fc.property(questions, ({ n, bad, costs }) => {
        const canKeep: Fits = (kept) => !bad.some((set) => set.every((w) => kept.includes(w)));
        const expected = bruteForce(n, canKeep);
        const { collisions, waysOut } = findCollisions(costs, canKeep);
        if (expected.ways.length > 1) interesting++;
        const cost = (way: string) =>
          way
            .split(' ')
            .filter(Boolean)
            .reduce((sum, w) => sum + costs[Number(w)]!, 0);
        if (expected.ways.length <= 12)
          expect(waysOut.map((w) => w.join(' ')).sort()).toEqual(expected.ways.sort());
        else for (const way of waysOut) expect(expected.ways).toContain(way.join(' '));
        for (const collision of collisions) expect(expected.cores).toContain(collision.join(' '));
        const found = waysOut.map((w) => cost(w.join(' ')));
        expect(found).toEqual([...found].sort((a, b) => a - b));
        if (expected.ways.length > 0) expect(found[0]).toBe(Math.min(...expected.ways.map(cost)));
      }),
      { numRuns: 400, seed: 11 },
    );
    expect(interesting).toBeGreaterThan(100);
  });
});

describe('on the counter', () => {
  const counter = demoCounter();
  const ask = (brief: Record<string, unknown>, locked: string[] = []) => ({
    brief: aBrief(brief),
    wishes: { locked, leftOut: [] },
  });

  // The plates of others make what is owed a broken number of cents: the budget that is named pays for it all.
  const tables = [5, 6, 7, 8, 9, 10, 12, 13, 14];
  test.each(tables)(
    'a budget too small, %p guests: the way out names the least that helps, and it fits exactly',
    (adults) => {
      const asked = ask({
        guests: { adults },
        limits: [limitRow('allergen:milk')],
        budget: { amount: 2000, per: 'total' },
      });
      const trouble = troubleOf(asked, counter, DEFAULT_HOUSE);
      expect(trouble.collisions[0]).toContainEqual({ of: 'budget', amount: null });
      const raise = trouble.waysOut.find((way) => way.wishes.join() === 'budget')!;
      expect(fits(raise.ask, counter, DEFAULT_HOUSE)).toBe(true);
      const penny = {
        ...raise.ask,
        brief: Brief.parse({
          ...raise.ask.brief,
          budget: { amount: raise.ask.brief.budget!.amount - 1, per: 'total' },
        }),
      };
      expect(fits(penny, counter, DEFAULT_HOUSE)).toBe(false);
    },
  );

  test('an allergy, a medical and a religious limit are never among the ways out; a dislike may be', () => {
    const asked = ask({
      limits: [
        limitRow('diet:halal'),
        { ...limitRow('allergen:milk'), reach: 'board' },
        limitRow('risk:pregnant'),
        limitRow('taste:blue'),
      ],
      budget: { amount: 3000, per: 'total' },
    });
    const trouble = troubleOf(asked, counter, DEFAULT_HOUSE);
    const told = [...trouble.collisions.flat(), ...trouble.waysOut.flatMap((w) => w.words)];
    const limits = told.flatMap((word) => (word.of === 'limit' ? [word.what] : []));
    expect(limits.flat().filter((what) => what !== 'taste:blue')).toEqual([]);
    for (const { ask: after } of trouble.waysOut)
      expect(after.brief.persons.slice(0, 3)).toEqual(asked.brief.persons.slice(0, 3));
  });

  test('every way out that is offered fits', () => {
    const house = House.parse({ cover: 'five families', company: 'a safe bet and a surprise' });
    const asked = ask(
      {
        theme: { holds: 'milk', is: 'goat' },
        limits: [limitRow('taste:blue')],
        budget: { amount: 9000, per: 'total' },
      },
      ['slate-quay', 'tarpot'],
    );
    const trouble = troubleOf(asked, counter, house);
    expect(trouble.waysOut.length).toBeGreaterThan(0);
    for (const way of trouble.waysOut)
      expect({ words: way.words, fits: fits(way.ask, counter, house) }).toEqual({
        words: way.words,
        fits: true,
      });
  });
});
