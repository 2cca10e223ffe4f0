import { describe, expect, test } from '@jest/globals';
import { limitRow } from '../testing/guests.js';
import { isCheese } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { aMeat, demoCounter } from '../testing/goods.js';
import { practice } from '../testing/reference.js';
import { ROLES, type Role } from './roles.js';
import { budgetTotal } from './heads.js';
import { DEFAULT_HOUSE } from './house.js';
import {
  BESIDE_PER_ADULT,
  CRACKERS_PER_ADULT,
  GRAMS_PER_ADULT,
  GRAMS_PER_KIND,
  USUAL_PRACTICE,
  type Range,
} from './practice.js';
import { eatersOf } from './plates.js';
import { familiesLeft, targetsOf } from './targets.js';

const counter = demoCounter();
const targets = (more: Record<string, unknown>, house = DEFAULT_HOUSE) =>
  targetsOf(aBrief(more), counter, house);
const adults = (n: number) => ({ guests: { adults: n } });

// Source: practice.csv, common practice.
describe('counts by heads', () => {
  test.each([
    [2, '2 people'],
    [3, '3 to 5 people'],
    [5, '3 to 5 people'],
    [6, '6 to 8 people'],
    [8, '6 to 8 people'],
    [9, '9 to 19 people'],
    [19, '9 to 19 people'],
    [20, '20 people and more'],
    [200, '20 people and more'],
  ])('%p guests', (n, row) => {
    const { low, high } = practice(`cheese kinds, ${row}`);
    for (const parity of ['odd numbers', 'any number'] as const) {
      const { kinds } = targets(adults(n), { ...DEFAULT_HOUSE, parity }).cheeses;
      expect(kinds).toBeGreaterThanOrEqual(low);
      expect(kinds).toBeLessThanOrEqual(high);
      if (parity === 'odd numbers' && low !== high) expect(kinds % 2).toBe(1);
    }
  });
});

const ROWS: Partial<Record<Role, string>> = {
  nibble: 'nibble before a meal',
  drinks: 'drinks with no dinner after',
  meal: 'the meal itself',
  dessert: 'dessert course',
};

/** The last rows of the trade table, which have no line in practice.csv but the box: the house's own figures. */
const OWN_ROWS: Partial<Record<Role, { cheese: Range; meat: Range }>> = {
  'light supper': { cheese: { low: 110, high: 140 }, meat: { low: 60, high: 80 } },
  grazing: { cheese: { low: 60, high: 85 }, meat: { low: 35, high: 50 } },
  box: { cheese: practice('cheese, box for one'), meat: practice('meat, box for one') },
};

test.each(ROLES)('grams per adult for the role "%s" lie in the range of practice', (role) => {
  for (const what of ['cheese', 'meat'] as const) {
    const range = OWN_ROWS[role]?.[what] ?? practice(`${what} per adult, ${ROWS[role]}`);
    expect(GRAMS_PER_ADULT[role][what]).toEqual(range);
    for (const amountSchool of ['per head', 'per kind'] as const) {
      const { perHead } = targets({ role }, { ...DEFAULT_HOUSE, amountSchool })[
        what === 'cheese' ? 'cheeses' : 'meats'
      ];
      expect(perHead).toBeLessThanOrEqual(range.high);
    }
  }
});

test('bread goes by the role', () => {
  const { breadPerAdult } = USUAL_PRACTICE;
  expect(breadPerAdult.drinks).toEqual(practice('bread per adult, drinks'));
  expect(breadPerAdult.meal).toEqual(practice('bread per adult, the meal itself'));
  expect(breadPerAdult['light supper']).toEqual(practice('bread per adult, light supper'));
  for (const role of ['nibble', 'dessert'] as const)
    expect(breadPerAdult[role]).toEqual(practice('bread per adult, nibble or dessert'));
});

// Common practice, no source: on less than 15 g a head nobody tastes a kind; a nibble or a dessert course takes three at the most.
test.each([
  ['nibble', 20, 3],
  ['dessert', 40, 3],
  ['drinks', 20, 5],
  ['box', 30, 3],
] as const)('%s for %d has %d cheeses', (role, adults, kinds) => {
  expect(targets({ role, guests: { adults } }).cheeses.kinds).toBe(kinds);
});

test('the tables are those of practice', () => {
  expect(GRAMS_PER_KIND).toEqual(practice('cheese per head per kind (school: per kind)'));
  expect(CRACKERS_PER_ADULT).toEqual(practice('crackers per adult'));
  for (const [what, row] of Object.entries({
    nuts: 'nuts',
    brine: 'olives and pickles',
    'fresh fruit': 'fresh fruit',
    'dried fruit': 'dried fruit',
    preserve: 'preserve',
    honey: 'honey',
    mustard: 'mustard',
    chutney: 'chutney',
    butter: 'butter',
    dip: 'dip',
    'dipping oil': 'dipping oil',
    'raw vegetables': 'raw vegetables',
    chocolate: 'chocolate',
  }))
    expect(BESIDE_PER_ADULT[what as keyof typeof BESIDE_PER_ADULT]).toEqual(practice(`${row} per adult`));
});

test('a child counts half and an infant nothing', () => {
  expect(practice('child under 12, share of an adult').low).toBe(0.5);
  expect(eatersOf(aBrief({ guests: { adults: 10, children: 3, under5: 1, infants: 2 } }))).toBe(12);
});

test('per kind: the cap wins over the least per kind, and that is said', () => {
  const house = { ...DEFAULT_HOUSE, amountSchool: 'per kind' as const };
  const capped = targets({ role: 'nibble', kinds: { cheeses: 5, meats: null } }, house);
  expect(capped.cheeses.perHead).toBe(60);
  expect(capped.reasons.some((r) => r.rule === 'cap-for-the-role')).toBe(true);
  expect(targets({ role: 'drinks', kinds: { cheeses: 3, meats: null } }, house).cheeses.perHead).toBeCloseTo(
    85.05,
    10,
  );
});

test('no meat where the dessert, the limits or a kosher board leave none; each with its reason', () => {
  expect(targets({ role: 'dessert' }).meats.kinds).toBe(0);
  expect(targets({ limits: [limitRow('diet:vegetarian')] }).meats.kinds).toBe(0);
  expect(targets({ limits: [limitRow('diet:kosher')] }).reasons.some((r) => r.rule === 'kosher-board')).toBe(
    true,
  );
  expect(targetsOf(aBrief(), [aMeat('m')], DEFAULT_HOUSE).meats.kinds).toBe(3);
});

test('what is left out says for whom', () => {
  const { excluded } = targets({ limits: [limitRow('taste:blue')] });
  const blues = counter.filter((g) => isCheese(g) && g.texture === 'blue').map((g) => g.id);
  expect(blues).toContain('slate-quay');
  expect(excluded.map((e) => e.goodId).sort()).toEqual(blues.sort());
  expect(excluded[0]!.because[0]!.limit.what).toBe('taste:blue');
});

test('a budget per head counts every head that eats; infants add neither kinds nor money', () => {
  expect(
    budgetTotal(aBrief({ guests: { adults: 8, infants: 2 }, budget: { amount: 1500, per: 'head' } })),
  ).toBe(12000);
  for (const adults of [2, 5, 8, 19]) {
    const kinds = (infants: number) => {
      const { cheeses, meats } = targets({ guests: { adults, infants } });
      return [cheeses.kinds, meats.kinds];
    };
    expect(kinds(4)).toEqual(kinds(0));
  }
  expect(budgetTotal(aBrief())).toBeNull();
});

test('the families that are left are those of the cheeses no limit keeps away', () => {
  const all = familiesLeft(counter, targets({}));
  const pregnant = familiesLeft(counter, targets({ limits: [limitRow('risk:pregnant')] }));
  expect([...all]).toEqual(expect.arrayContaining(['bloomy', 'blue', 'hard', 'fresh']));
  // Source: mould-ripened soft and blue cheese are out in pregnancy, hard cheese is not (NHS, foods to avoid in pregnancy).
  expect(pregnant.has('bloomy')).toBe(false);
  expect(pregnant.has('blue')).toBe(false);
  expect(pregnant.has('hard')).toBe(true);
});
