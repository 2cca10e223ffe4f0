import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEFAULT_HOUSE, type Brief, type PairWord } from '../brief/index.js';
import { limitRow } from '../testing/guests.js';
import { isMain, type Companion, type Drink, type Main } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { isGlutenFree, isPlain } from './boardSet.js';
import { feltIn } from './felt.js';
import { pairsFor, type PairChoices, type PairHouse } from './pairs.js';
import { scoreOf } from './rank.js';
import { rankedByHouse, wordOn, wordsWith } from './word.js';

const counter = demoCounter();
const good = (id: string) => counter.find((g) => g.id === id)!;
const mains = ['wren-curd', 'halyard', 'tarpot', 'slate-quay', 'bosun-ham'].map(good).filter(isMain);
const pairs = (
  brief: Brief = aBrief(),
  also: Partial<PairHouse> = {},
  choices: PairChoices = {},
  kinds: number | null = null,
  of: readonly Main[] = mains,
  shelf = counter,
) =>
  pairsFor({
    mains: of,
    counter: shelf,
    brief,
    choices,
    house: { ...DEFAULT_HOUSE, ...also },
    kinds,
    may: null,
  });
const inSet = (made: ReturnType<typeof pairs>, slot: string) =>
  made.set.filter((entry) => entry.slot === slot).map(({ beside }) => beside);
const word = (more: Partial<PairWord>): PairWord => ({
  good: 'tarpot',
  beside: 'bitter-orange',
  says: 'own',
  why: '',
  ...more,
});

describe('the house’s word', () => {
  test('stands above the model: its own pair is first, what it never serves is last', () => {
    const tarpot = good('tarpot') as Main;
    const sweets = counter.filter(
      (g): g is Companion => g.kind === 'companion' && ['honey', 'preserve'].includes(g.role),
    );
    const free = rankedByHouse(tarpot, sweets, []).map(({ match }) => match.beside.id);
    const own = free.at(-1)!;
    const never = free[0]!;
    const ranked = rankedByHouse(tarpot, sweets, [
      word({ beside: own }),
      word({ beside: never, says: 'never' }),
    ]);
    expect(ranked[0]).toMatchObject({ match: { beside: { id: own } }, word: { says: 'own' } });
    expect(ranked.at(-1)).toMatchObject({ match: { beside: { id: never } }, word: { says: 'never' } });
    // The model's own score stays beside it.
    expect(ranked[0]!.match.score).toBe(scoreOf(tarpot, good(own) as Companion));
  });
  test('what it always sells is on the board and beside its good; what it never serves is not beside it', () => {
    const before = pairs();
    const usual = before.byGood.get('tarpot')!.find(({ slot }) => slot === 'sweet')!.match!.beside.id;
    const always = pairs(aBrief(), { pairWords: [word({ beside: 'bitter-orange', says: 'always' })] });
    expect(inSet(always, 'sweet').map(({ id }) => id)).toContain('bitter-orange');
    expect(always.byGood.get('tarpot')!.find(({ slot }) => slot === 'sweet')).toMatchObject({
      match: { beside: { id: 'bitter-orange' } },
      word: { says: 'always' },
    });
    const never = pairs(aBrief(), { pairWords: [word({ beside: usual, says: 'never' })] });
    expect(never.byGood.get('tarpot')!.find(({ slot }) => slot === 'sweet')!.match!.beside.id).not.toBe(
      usual,
    );
  });
  test('of two that it always sells with one good both are on the board', () => {
    const both = ['bitter-orange', 'tomato-jam'].map((beside) => word({ beside, says: 'always' }));
    const sweets = inSet(pairs(aBrief({ guests: { adults: 20 } }), { pairWords: both }), 'sweet');
    expect(sweets.map(({ id }) => id)).toEqual(expect.arrayContaining(['bitter-orange', 'tomato-jam']));
  });
  test('may speak of a style; a word on the good itself goes before it', () => {
    const tarpot = good('tarpot') as Main;
    const orange = good('bitter-orange') as Companion;
    const ofStyle = word({ good: tarpot.style, says: 'never' });
    expect(wordOn([ofStyle], tarpot, orange)?.says).toBe('never');
    expect(wordOn([word({}), ofStyle], tarpot, orange)?.says).toBe('own');
    expect(wordOn([ofStyle], good('halyard') as Main, orange)).toBeNull();
  });
  test('is said anew, not twice, and can be taken back', () => {
    const said = wordsWith([word({})], word({}), { says: 'never', why: 'bitter' });
    expect(said).toEqual([word({ says: 'never', why: 'bitter' })]);
    expect(wordsWith(said, word({}), null)).toEqual([]);
  });
});

describe('what the set always has', () => {
  test('a plain carrier and a gluten-free one; for a large table one with interest too', () => {
    const guests = (adults: number) => ({ guests: { adults, children: 0, under5: 0, infants: 0 } });
    for (const adults of [2, 6, 14, 40]) {
      const breads = inSet(pairs(aBrief(guests(adults))), 'bread');
      expect(breads.some(isPlain)).toBe(true);
      expect(breads.some(isGlutenFree)).toBe(true);
      if (breads.length >= 3) expect(breads.some((bread) => !isPlain(bread))).toBe(true);
    }
  });
  test('for frail guests a soft nut or vegetable, and a bread that can be bitten, whatever is on the board', () => {
    const frail = aBrief({ limits: [{ ...limitRow('risk:frail'), reach: 'board' }] });
    const board = fc.uniqueArray(fc.constantFrom(...counter.filter(isMain)), { minLength: 1, maxLength: 9 });
    fc.assert(
      fc.property(board, (of) => {
        const made = pairs(frail, {}, {}, null, of);
        const crunch = (slot: string) => inSet(made, slot).map((beside) => (beside as Companion).crunch);
        expect(Math.min(...crunch('crunchy'))).toBeLessThanOrEqual(6);
        expect(Math.min(...crunch('bread'))).toBeLessThanOrEqual(4);
      }),
      { numRuns: 40 },
    );
  });
  test('a wine among the drinks, and something without alcohol', () => {
    const made = pairs();
    expect(inSet(made, 'drink').some((d) => !['beer', 'cider'].includes((d as Drink).type))).toBe(true);
    expect(inSet(made, 'no-alcohol').length).toBeGreaterThan(0);
  });
});

describe('what moves the set', () => {
  test('as many things as a person says, as far as they can be had', () => {
    const free = pairs();
    const { curve } = free.choice!;
    for (const { kinds } of curve) {
      const made = pairs(aBrief(), {}, {}, kinds);
      expect(made.choice!.kinds).toBe(kinds);
      expect(made.set.length).toBeLessThanOrEqual(kinds);
    }
    expect(pairs(aBrief(), {}, {}, 1).choice!.kinds).toBe(curve[0]!.kinds);
  });
  test('the dearer a point, the less money counts: what is chosen is worth no fewer points', () => {
    const points = (pairPoint: number) => {
      const made = pairs(aBrief(), { pairPoint: pairPoint as never }, {}, 9);
      return [...made.byGood.values()].flat().reduce((sum, { match }) => sum + (match?.score ?? 0), 0);
    };
    expect(points(5000)).toBeGreaterThanOrEqual(points(1));
  });
  test('an open jar goes before its twin', () => {
    const jar = good('fig-preserve') as Companion;
    const twin = (id: string, opened: boolean): Companion => ({
      ...jar,
      id,
      lots: [{ ...jar.lots[0]!, id: `${id}-1`, opened }],
    });
    const bare = counter.filter(
      (g) =>
        g.kind !== 'companion' ||
        !['honey', 'preserve', 'fruit', 'dried fruit', 'chocolate'].includes(g.role),
    );
    const shelf = [...bare, twin('a-shut', false), twin('b-open', true)];
    expect(inSet(pairs(aBrief(), {}, {}, null, mains, shelf), 'sweet').map(({ id }) => id)).toEqual([
      'b-open',
    ]);
  });
  test('a timid table has nothing bolder beside it than an adventurous one', () => {
    const bold = (adventurous: number) =>
      Math.max(
        ...inSet(pairs(aBrief({ adventurous })), 'brine').map(({ sense }) => sense.intensity + sense.heat),
      );
    expect(bold(1)).toBeLessThanOrEqual(bold(5));
  });
  test('a theme of a region brings more that is made there', () => {
    const made = (brief: Brief) =>
      pairs(brief, {}, {}, 9).set.filter(({ beside }) => beside.origin.region === 'Saltmarsh').length;
    const plain = aBrief();
    const theme = { holds: 'region' as const, is: 'Saltmarsh' };
    expect(made({ ...plain, theme })).toBeGreaterThan(made(plain));
    expect(feltIn({ ...plain, theme })).toEqual(['theme']);
    expect(feltIn(plain)).toEqual([]);
    expect(feltIn(aBrief({ adventurous: 1, sweetTooth: 5, drinkers: 0, lowCarb: 2 }))).toEqual([
      'timid',
      'sweet tooth',
      'low carb',
      'nobody drinks',
    ]);
  });
  test('a sweet tooth may have one sweet thing more', () => {
    const most = (sweetTooth: number) => pairs(aBrief({ sweetTooth })).choice!.curve.at(-1)!.kinds;
    expect(most(5)).toBe(most(3) + 1);
  });
});

test('a good that nothing suits is named', () => {
  const whey = good('morning-basket') as Main;
  const shelf = [whey, good('smooth-mustard'), good('coarse-mustard')];
  const made = pairs(aBrief(), {}, {}, null, [whey], shelf);
  expect(made.unserved.map(({ main, slot }) => [main.id, slot])).toEqual([['morning-basket', 'brine']]);
});
