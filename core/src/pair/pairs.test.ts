import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { limitRow } from '../testing/guests.js';
import { isMain, type Companion, type Main } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, aCompanion, cheeses, demoCounter } from '../testing/goods.js';
import { DEFAULT_HOUSE, type Brief } from '../brief/index.js';
import { isGlutenFree } from './boardSet.js';
import { pairsFor, type PairChoices, type PairHouse } from './pairs.js';
import { matchOf, rankBeside, rankGoods } from './rank.js';
import { USUAL_SLOTS, type Slot } from './slots.js';

const counter = demoCounter();
const mains = counter
  .filter(isMain)
  .filter((m) => ['wren-curd', 'tarpot', 'slate-quay', 'bosun-ham'].includes(m.id));
const house = DEFAULT_HOUSE;
const pairsOf = (
  of: readonly Main[],
  brief: Brief,
  choices: PairChoices = {},
  also: Partial<PairHouse> = {},
) =>
  pairsFor({
    mains: of,
    counter,
    brief,
    choices,
    house: { ...house, ...also },
    kinds: null,
    may: null,
  });
const pairs = (brief = aBrief(), choices: PairChoices = {}) => pairsOf(mains, brief, choices);

test('every good has one of each slot, each with its reason', () => {
  for (const main of mains) {
    const slots = pairs().byGood.get(main.id)!;
    expect(slots.map((s) => s.slot)).toEqual([...USUAL_SLOTS]);
    for (const slot of slots) expect(slot.why?.rule.length).toBeGreaterThan(3);
  }
});

test('the reasons of a match add up to its score', () => {
  const honey = aCompanion('h', { role: 'honey' }, { sweet: 9, intensity: 4 });
  fc.assert(
    fc.property(cheeses(1, 1), ([cheese]) => {
      const match = matchOf(cheese!, honey);
      expect(match.reasons.reduce((sum, r) => sum + r.effect, 0)).toBeCloseTo(match.score, 12);
    }),
  );
});

test('limits are respected in every slot', () => {
  const limits = ['allergen:tree nuts', 'allergen:mustard', 'allergen:gluten'].map((what) => ({
    ...limitRow(what),
    reach: 'board' as const,
  }));
  const brief = aBrief({ limits });
  const { set } = pairs(brief);
  expect(set.length).toBeGreaterThan(5);
  for (const { beside } of set) {
    expect(beside.allergens.contains).not.toContain('mustard');
    expect(beside.allergens.contains).not.toContain('walnut');
    expect(isGlutenFree(beside)).toBe(true);
  }
});

test('nobody drinks: no drink with alcohol, and one without stays', () => {
  const { byGood } = pairs(aBrief({ drinkers: 0 }));
  const slot = (name: Slot) => byGood.get('tarpot')!.find((s) => s.slot === name)!;
  expect(slot('drink').match).toBeNull();
  expect(slot('no-alcohol').match).not.toBeNull();
});

test('there is always a gluten-free bread where the counter has one', () => {
  expect(pairs().set.some(({ slot, beside }) => slot === 'bread' && isGlutenFree(beside))).toBe(true);
});

test('what the person chose stands beside that good alone', () => {
  const { byGood } = pairs(aBrief(), { tarpot: { sweet: 'pear' } });
  const sweet = (id: string) => byGood.get(id)!.find((s) => s.slot === 'sweet')!;
  expect(sweet('tarpot')).toMatchObject({ byHand: true, match: { beside: { id: 'pear' } } });
  expect(sweet('slate-quay').byHand).toBe(false);
});

test('ranking is by score, then by id', () => {
  const twins = [aCompanion('b'), aCompanion('a')];
  expect(rankBeside(aCheese('c'), twins).map((m) => m.beside.id)).toEqual(['a', 'b']);
});

describe('what weighs most is said first', () => {
  test('a clash is not hidden behind a smaller praise', () => {
    const whey = counter.find((g) => g.id === 'morning-basket') as (typeof mains)[number];
    const mustard = counter.find((g) => g.id === 'smooth-mustard') as Companion;
    const match = matchOf(whey, mustard);
    expect(match.reasons.some(({ effect }) => effect > 0)).toBe(true);
    const chosen = pairsOf([whey], aBrief(), { [whey.id]: { brine: mustard.id } });
    const { why } = chosen.byGood.get(whey.id)!.find(({ slot }) => slot === 'brine')!;
    expect(why!.effect).toBeLessThan(0);
    expect(Math.abs(why!.effect)).toBe(Math.max(...match.reasons.map(({ effect }) => Math.abs(effect))));
  });
});

test('turned round: goods for one companion, by the same scores, the best first', () => {
  const honey = counter.find((g) => g.id === 'moorland-heather-honey') as Companion;
  const ranked = rankGoods(honey, mains);
  expect(ranked.map(({ main }) => main.id).sort()).toEqual(mains.map(({ id }) => id).sort());
  ranked.forEach(({ main, match }, i) => {
    expect(match.score).toBe(matchOf(main, honey).score);
    if (i > 0) expect(match.score).toBeLessThanOrEqual(ranked[i - 1]!.match.score);
  });
});
