import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isCompanion, isMain, Lot, type Main } from '../counter/index.js';
import { scoreOf } from '../pair/index.js';
import { aCheese, aCompanion, aMeat, cheeses, demoCounter } from '../testing/goods.js';
import { bitesFor } from './bites.js';
import { factsOf, pointsFor } from './points.js';
import { modelWords, printedWords, wordsFor } from './words.js';

const DAY = '2026-11-28T19:00';
const counter = demoCounter();
const mains = counter.filter(isMain);
const good = (id: string) => mains.find((main) => main.id === id)!;
const tasted = (on: string, words: readonly string[], taster = 'Ines') =>
  Lot.parse({ id: `l${on}`, grams: 500, verdict: { says: 'ready', taster, on, words } });
const texts = (words: ReturnType<typeof wordsFor>, id: string) => words.get(id)!.map(({ text }) => text);

describe('three words tell a good', () => {
  test('the last taster’s own first, then those of its page, then what the model proposes', () => {
    const cheese = aCheese(
      'c',
      {
        adjectives: ['mellow', 'Nutty', 'round'],
        lots: [tasted('2026-11-01', ['old', 'older', 'oldest']), tasted('2026-11-20', ['nutty', 'sweet'])],
      },
      { salty: 9 },
    );
    expect(wordsFor([cheese], {}).get('c')).toEqual([
      { text: 'nutty', from: 'taster' },
      { text: 'sweet', from: 'taster' },
      { text: 'mellow', from: 'page' },
    ]);
    const bare = aCheese('b', { adjectives: ['mellow'] }, { salty: 9 });
    expect(
      wordsFor([bare], {})
        .get('b')!
        .map(({ from }) => from),
    ).toEqual(['page', 'model', 'model']);
    expect(texts(wordsFor([bare], {}), 'b')).toContain('salty');
  });
  test('no two goods of a menu have the same three, however many look alike; what a person set stands', () => {
    fc.assert(
      fc.property(
        cheeses(2, 9),
        fc.array(fc.constantFrom('salty', 'nutty', 'mild'), { maxLength: 3 }),
        (some, words) => {
          const alike = some.map((cheese) => ({ ...cheese, adjectives: [...new Set(words)] }));
          const told = wordsFor(alike, { [alike[0]!.id]: ['mine', 'own'] });
          expect(texts(told, alike[0]!.id)).toEqual(['mine', 'own']);
          const keys = alike.map(({ id }) => [...texts(told, id)].sort().join());
          expect(new Set(keys).size).toBe(keys.length);
          for (const { id } of alike.slice(1)) expect(new Set(texts(told, id)).size).toBe(3);
        },
      ),
    );
  });
  test('what only the model says is not printed until somebody accepted it', () => {
    const bare = aCheese('b', { adjectives: ['mellow'] }, { salty: 9 });
    const proposed = wordsFor([bare], {}).get('b')!;
    expect(printedWords(proposed)).toEqual(['mellow']);
    const accepted = wordsFor([bare], { b: proposed.map(({ text }) => text) }).get('b')!;
    expect(printedWords(accepted)).toHaveLength(3);
    expect(printedWords(undefined)).toEqual([]);
  });
  // Facts of the trade, common practice: a chilli sausage is spicy, a smoked trout smoky, a fresh curd gentle or milky.
  test.each([
    ['ember-stick', 'spicy'],
    ['skerry-trout', 'smoky'],
    ['slate-quay', 'mould'],
    ['meadow-pearls', 'lactic'],
    ['fenland-beef', 'lean'],
  ])('of %s the model says %s', (id, word) => expect(modelWords(good(id)).slice(0, 4)).toContain(word));
});

describe('one thing to say', () => {
  test('is true of the good by its own data', () => {
    const facts = (main: Main) => factsOf(main, DAY).map(({ rule }) => rule);
    expect(facts(aCheese('a', { contents: { rennet: 'thistle' } }))).toContain('set-by-thistle');
    expect(facts(aCheese('a', { ageDays: 600 }))).toContain('long-in-the-cellar');
    expect(facts(aCheese('a', { ageDays: 100 }))).not.toContain('long-in-the-cellar');
    expect(facts(aCheese('a', { treatment: 'raw' }))).toContain('of-raw-milk');
    expect(facts(aCheese('a', { texture: 'blue' }))).toContain('pierced-for-its-veins');
    expect(facts(aMeat('m', { process: 'cold-smoked' }))).toContain('smoked-cold');
    expect(facts(aMeat('m', { contents: { ingredients: ['pork', 'salt', 'pistachio'] } }))).toContain(
      'with-something-inside',
    );
    expect(
      factsOf(aMeat('m', { contents: { ingredients: ['pork', 'salt'] } }), DAY).map(({ rule }) => rule),
    ).not.toContain('with-something-inside');
  });
  test('why the surprise surprises comes before all but a person’s own word; the shop’s note before facts', () => {
    const surprise = mains.find(({ known }) => known === 'surprise')!;
    const noted = aCheese('n', { note: 'Turned by hand each week. It is sold young.' });
    const points = pointsFor([surprise, noted], counter, DAY, {});
    expect(points.get(surprise.id)!.rule).toBe('the-surprise');
    expect(points.get('n')).toMatchObject({
      rule: 'in-the-shops-words',
      figures: { text: 'Turned by hand each week.' },
    });
    const own = pointsFor([surprise], counter, DAY, { [surprise.id]: 'Mine.' });
    expect(own.get(surprise.id)).toMatchObject({ figures: { text: 'Mine.' } });
  });
  test('goods in a row are not told the same thing while there is another', () => {
    const two = ['a', 'b'].map((id) =>
      aCheese(id, { texture: 'blue', treatment: 'raw', origin: { region: 'Hill', country: '' } }),
    );
    const points = pointsFor(two, two, DAY, {});
    expect(points.get('a')!.rule).not.toBe(points.get('b')!.rule);
  });
});

describe('bites to announce', () => {
  const beside = counter
    .filter(isCompanion)
    .filter(({ role }) => ['honey', 'preserve', 'nut', 'fruit', 'bread', 'cracker', 'brine'].includes(role));
  const board = ['halyard', 'tarpot', 'slate-quay', 'bosun-ham', 'wren-curd'].map(good);
  test('are three of different goods with different things, none a clash, the most points of all threes', () => {
    const things = beside.filter((_, i) => i % 9 === 0).slice(0, 7);
    const bites = bitesFor(board, things);
    const apart = (list: readonly (typeof bites)[number][]) =>
      new Set(list.map(({ main }) => main.id)).size === list.length &&
      new Set(list.map(({ beside: b }) => b.id)).size === list.length;
    expect(bites).toHaveLength(3);
    expect(apart(bites)).toBe(true);
    for (const { main, beside: b } of bites) expect(scoreOf(main, b)).toBeGreaterThan(0);
    // By hand: every three out of each good's own best bites.
    const single = board.flatMap((main) =>
      things.flatMap((thing) =>
        bitesFor([main], [thing, ...things.filter(({ role }) => role === 'bread' || role === 'cracker')]),
      ),
    );
    let most = 0;
    for (const a of single)
      for (const b of single)
        for (const c of single) if (apart([a, b, c])) most = Math.max(most, a.points + b.points + c.points);
    expect(bites.reduce((sum, { points }) => sum + points, 0)).toBeCloseTo(most, 9);
  });
  test('with nothing beside there is nothing to announce, and bread is no bite', () => {
    expect(bitesFor(board, [])).toEqual([]);
    expect(bitesFor(board, [aCompanion('loaf', { role: 'bread' })])).toEqual([]);
  });
});
