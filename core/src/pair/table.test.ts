import { describe, expect, test } from '@jest/globals';
import { isDrink, isMain, type Companion, type Drink, type Main } from '../counter/index.js';
import { demoCounter } from '../testing/goods.js';
import { bottlesFor, oneOfEachColour } from './bottles.js';
import { bridgesOf, hiddenNeighbours } from './bridges.js';
import { disputesOver } from './disputed.js';
import { goesWithEverything } from './everything.js';
import { WEIGHTS } from './weights.js';
import { rankBeside, scoreOf } from './rank.js';
import { counted, SHORTLIST, shortlist } from './shortlist.js';
import { shelfOf, SHELVES } from './slots.js';

const counter = demoCounter();
const good = (id: string) => counter.find((g) => g.id === id)!;
const of = (...ids: string[]) => ids.map(good).filter(isMain);
const board = of('wren-curd', 'halyard', 'mooring', 'tarpot', 'bosun-ham', 'slate-quay');
const drinks = counter.filter(isDrink).filter(({ abv }) => abv > 0.5);
const all = counter.filter((g): g is Companion | Drink => g.kind === 'companion' || g.kind === 'drink');

describe('drinks for the table', () => {
  const worth = (set: readonly Drink[]) =>
    board.reduce((sum, main) => sum + Math.max(...set.map((drink) => counted(scoreOf(main, drink)))), 0);
  test('one, two and three bottles are the best there are, by trying all of a dozen', () => {
    const dozen = drinks.filter((_, i) => i % 3 === 0);
    const best = bottlesFor(board, dozen);
    const tried = [0, -Infinity, -Infinity, -Infinity];
    for (let bits = 1; bits < 1 << dozen.length; bits++) {
      const set = dozen.filter((_, c) => bits & (1 << c));
      if (set.length <= 3) tried[set.length] = Math.max(tried[set.length]!, worth(set));
    }
    expect(best.map(({ drinks: { length } }) => length)).toEqual([1, 2, 3]);
    best.forEach(({ drinks: set }, i) => expect(worth(set)).toBeCloseTo(tried[i + 1]!, 9));
  });
  test('each names the good it clashes with worst', () => {
    for (const { drinks: set, worst } of bottlesFor(board, drinks))
      set.forEach((drink, i) => {
        expect(worst[i]!.score).toBe(Math.min(...board.map((main) => scoreOf(main, drink))));
      });
  });
  // Source: common practice, no source: "sequence: fresh white, or a sharp beer, early; red, then fortified late".
  test('light and dry come first, fortified and sweet last', () => {
    const [, , three] = bottlesFor(
      board,
      ['old-hold', 'hull-number-nine', 'estuary-white'].map(good).filter(isDrink),
    );
    expect(three!.drinks.map(({ id }) => id)).toEqual(['estuary-white', 'hull-number-nine', 'old-hold']);
  });
  test('a sparkling, a white and a red, where the counter has all three', () => {
    const types = oneOfEachColour(board, drinks)!.drinks.map(({ type }) => type);
    expect(types.sort()).toEqual(['red', 'sparkling', 'white']);
    expect(
      oneOfEachColour(
        board,
        drinks.filter(({ type }) => type !== 'red'),
      ),
    ).toBeNull();
  });
  test('nothing to drink, or nothing to eat: nothing', () => {
    expect(bottlesFor(board, [])).toEqual([]);
    expect(bottlesFor([], drinks)).toEqual([]);
  });
});

describe('neighbours', () => {
  test('a bridge is in the better half of its kind for both, and clashes with neither', () => {
    const set = ['apple', 'fig-preserve', 'walnuts', 'baguette', 'smooth-mustard'].map(good) as Companion[];
    const bridges = bridgesOf(board, set, all);
    expect(bridges.length).toBeGreaterThan(0);
    for (const { from, to, beside } of bridges)
      for (const main of [from, to]) {
        const kind = all.filter((other) => shelfOf(other) === shelfOf(beside));
        const place = rankBeside(main, kind).findIndex((match) => match.beside.id === beside.id);
        expect(place).toBeLessThan(kind.length / 2);
        expect(scoreOf(main, beside)).toBeGreaterThanOrEqual(0);
      }
  });
  // Source: common practice, no source: "a companion stronger than what it stands by hides it: ... hot meat ... beside delicate cheese".
  test('a hot meat next to a whey cheese hides it; next to an aged cheddar it does not', () => {
    const told = (...ids: string[]) =>
      hiddenNeighbours(of(...ids)).map(({ hidden, by }) => [hidden.id, by.id]);
    expect(told('morning-basket', 'ember-stick')).toEqual([['morning-basket', 'ember-stick']]);
    expect(told('tarpot', 'ember-stick')).toEqual([]);
    expect(told('morning-basket', 'tarpot', 'ember-stick')).toEqual([]);
  });
});

test('what goes with everything is in the top third for seven tenths, clashes with none, and is two of a shelf at most', () => {
  const mains = counter.filter(isMain);
  for (const { holds } of SHELVES) {
    const shelf = all.filter(holds);
    const found = goesWithEverything(mains, shelf);
    expect(found.size).toBeLessThanOrEqual(2);
    for (const beside of found) {
      const third = Math.ceil(shelf.length / 3);
      const places = mains.map(
        (main) => shelf.filter((o) => scoreOf(main, o) > scoreOf(main, beside)).length,
      );
      expect(places.filter((place) => place < third).length).toBeGreaterThanOrEqual(0.7 * mains.length);
      for (const main of mains) expect(scoreOf(main, beside)).toBeGreaterThanOrEqual(0);
    }
  }
});

test.each([
  ['halyard', 'strawberries', ['berries']],
  ['halyard', 'apple', []],
  ['ember-stick', 'strong-red', ['chilli and alcohol']],
  ['tarpot', 'hull-number-nine', ['red wine and cheese']],
  ['butterfield', 'coarse-mustard', ['mustard and mild cheese']],
  ['tarpot', 'coarse-mustard', []],
])('%s with %s: %p', (main, beside, disputes) => {
  expect(disputesOver(good(main) as Main, good(beside) as Companion)).toEqual(disputes);
});

describe('of a counter of thousands', () => {
  // The drinks of the demo, among more than a thousand that hardly suit anything.
  const loud = good('strong-red') as Drink;
  const many = [
    ...drinks,
    ...Array.from({ length: 1400 }, (_, i) => ({ ...loud, id: `strong-red-${i}`, tannin: 7 + (i % 3) })),
  ];
  test('the bottles are chosen among the best, and what must be there is among them', () => {
    const red = (beside: { readonly kind: string }) => (beside as Drink).type === 'red';
    const list = shortlist(board, many, WEIGHTS, [red]);
    expect(list.length).toBeLessThanOrEqual(SHORTLIST + 1);
    expect(list.some(red)).toBe(true);
    const points = (set: readonly Drink[]) => bottlesFor(board, set).map((bottles) => bottles.points);
    expect(points(many)).toEqual(points(drinks));
    expect(oneOfEachColour(board, many)!.points).toBeCloseTo(oneOfEachColour(board, drinks)!.points, 9);
  });
  test('what goes with everything is told by a part of the goods, the same one each time', () => {
    const mains = Array.from({ length: 4000 }, (_, i) => {
      const main = board[i % board.length]!;
      return { ...main, id: `${main.id}-${i}` };
    });
    const shelf = all.filter(({ kind }) => kind === 'companion').slice(0, 40);
    expect([...goesWithEverything(mains, shelf)]).toEqual([...goesWithEverything([...mains], shelf)]);
  });
});
