import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isMain, type Companion, type Drink, type Main, type Meat } from '../../counter/index.js';
import { demoCounter } from '../../testing/goods.js';
import { leadReason, matchOf, scoreOf } from '../rank.js';
import { companyFamiliesOf, type CompanyFamily } from './company.js';
import { HOST_FAMILIES, familiesOf } from './families.js';
import { customsOf, speaksOver } from './index.js';
import { CUSTOMS, type Custom } from './table.js';

const counter = demoCounter();
const good = <G>(id: string) => counter.find((g) => g.id === id) as G;
const mains = counter.filter(isMain);
const besides = counter.filter((g): g is Companion | Drink => g.kind === 'companion' || g.kind === 'drink');
const spokenOf = new Set(
  Object.values(CUSTOMS).flatMap((custom: Custom) => Object.values(custom).flat() as CompanyFamily[]),
);

describe('what a good is called', () => {
  // Source: the styles of pairs.csv (common practice), by the table that maps them to the demo's goods.
  const styles = JSON.parse(readFileSync('core/src/testing/reference/pair-styles.json', 'utf8')) as {
    goods: Record<string, string[]>;
    companions: Record<string, string[]>;
  };
  test.each([
    ['bloomy', 'bloomy'],
    ['triple cream', 'soft'],
    ['herbed soft', 'herbed'],
    ['fresh goat', 'tangy'],
    ['brined white', 'brined'],
    ['cheddar style, aged', 'savoury hard'],
    ['aged gouda style', 'caramelly'],
    ['firm sheep', 'sheep'],
    ['hard sheep', 'sheep'],
    ['large-eyed sweet and nutty', 'mountain'],
    ['washed', 'washed'],
    ['mild blue', 'mild blue'],
    ['smoked', 'smoked'],
    ['mortadella style', 'cooked'],
    ['cooked ham', 'cooked'],
    ['coarse salami', 'coarse'],
    ['air-dried ham', 'whole muscle'],
    ['hot salami', 'hot'],
    ['fennel salami', 'fennel'],
    ['liver pâté', 'spread'],
    ['hot-smoked trout', 'fish'],
    ['air-dried beef', 'lean'],
    ['air-dried venison', 'game'],
    ['dark chocolate', 'chocolate'],
  ] as const)('each %s is of the family %s', (style, family) => {
    for (const id of styles.goods[style]!)
      expect([id, familiesOf(good(id))]).toEqual([id, expect.arrayContaining([family])]);
  });
  test.each([
    ['bottle-fermented brut', 'sparkling'],
    ['crisp dry white', 'crisp white'],
    ['scented off-dry white', 'scented white'],
    ['full oaked white', 'rich white'],
    ['light red', 'light red'],
    ['firm dry tannic red', 'full red'],
    ['late-harvest or nobly sweet white', 'sweet wine'],
    ['sweet fortified wine', 'sweet fortified'],
    ['dry nutty fortified', 'dry fortified'],
    ['pale lager', 'pale beer'],
    ['roasted stout', 'dark beer'],
    ['dry cider', 'cider'],
    ['mild honey', 'mild honey'],
    ['scented honey', 'scented honey'],
    ['chestnut honey', 'dark honey'],
    ['berries', 'berry'],
    ['walnut', 'earthy nut'],
    ['green olive', 'olive'],
    ['gherkin', 'pickle'],
    ['plain baguette', 'plain bread'],
    ['rosemary or cheese cracker', 'herb bread'],
  ] as const)('each %s stands beside as %s', (style, family) => {
    for (const id of styles.companions[style]!)
      expect([id, companyFamiliesOf(good(id))]).toEqual([id, expect.arrayContaining([family])]);
  });
  test('every cheese and meat has a family, and every family a good of the counter', () => {
    for (const main of mains) expect([main.id, familiesOf(main).length > 0]).toEqual([main.id, true]);
    const here = new Set([...mains, good<Companion>('dark-chocolate')].flatMap(familiesOf));
    expect([...HOST_FAMILIES].filter((family) => !here.has(family))).toEqual([]);
  });
  test('what customs speak of is on the counter, and what is told apart is spoken of', () => {
    const here = new Set([...besides, ...mains.filter((g) => g.kind === 'meat')].flatMap(companyFamiliesOf));
    expect([...spokenOf].filter((family) => !here.has(family))).toEqual([]);
    // A cheese is served with no spread of meat, by custom; what is named as a host stands in the list anyway.
    expect([...here].filter((family) => !spokenOf.has(family))).toEqual(['meat, spread']);
  });
  test('a good of which no aroma is known still has its family', () => {
    const bare = <G extends object>(of: G): G => ({ ...of, aromas: [] });
    expect(familiesOf(bare(good<Main>('halyard')))).toContain('bloomy');
    expect(companyFamiliesOf(bare(good<Drink>('spray-brut')))).toEqual(['sparkling']);
    expect(companyFamiliesOf(bare(good<Companion>('walnuts')))).toEqual([]);
  });
});

describe('what customs say together', () => {
  test('no family says two things of the same', () => {
    for (const [family, custom] of Object.entries(CUSTOMS)) {
      const all = Object.values(custom).flat();
      expect([family, all.length]).toEqual([family, new Set(all).size]);
    }
  });
  test('the stronger word stands, of two as strong the warning, whichever came first', () => {
    const step = fc.constantFrom(-1, -0.5, 0, 0.5, 1);
    const over = (a: number, b: number) => (speaksOver(a, b) ? a : b);
    fc.assert(fc.property(step, step, (a, b) => over(a, b) === over(b, a)));
    expect([over(1, -0.5), over(0.5, -0.5), over(0.5, -1)]).toEqual([1, -0.5, -1]);
  });
  test('the order of the families does not matter', () => {
    const worths = (families: Parameters<typeof customsOf>[0]) =>
      [...customsOf(families)].map(([company, { worth }]) => `${company} ${worth}`).sort();
    fc.assert(
      fc.property(fc.uniqueArray(fc.constantFrom(...HOST_FAMILIES), { maxLength: 4 }), (families) => {
        expect(worths([...families].reverse())).toEqual(worths(families));
      }),
      { numRuns: 60 },
    );
  });
});

// Common practice, no source: smoked fish on fresh cheese; smoked sausage drowns it.
test('fish is smoked as a matter of course, a meat that is smoked is told as smoky', () => {
  expect(companyFamiliesOf(good<Meat>('skerry-trout'))).toEqual(['meat, fish']);
  expect(companyFamiliesOf(good<Meat>('turkey-stick'))).toContain('meat, smoky');
});

// Source: common practice, no source ("washed rind: citrus", "blue: sweet or fortified wine"; a red on bloomy clashes).
test('a custom is a reason like others: it says whose it is, and the score is still the sum', () => {
  const match = matchOf(good<Main>('halyard'), good<Drink>('spray-brut'));
  const said = match.reasons.find(({ rule }) => rule === 'by-custom')!;
  expect(said.figures).toEqual({ host: 'bloomy', company: 'sparkling', step: 'first' });
  expect(match.reasons.reduce((sum, { effect }) => sum + effect, 0)).toBeCloseTo(match.score, 9);
  const red = matchOf(good<Main>('halyard'), good<Drink>('hull-number-nine'));
  expect(red.reasons.some(({ rule }) => rule === 'against-custom')).toBe(true);
  expect(leadReason(red).effect).toBeLessThan(0);
  expect(scoreOf(good('brick-lane'), good<Companion>('tangerine'))).toBeGreaterThan(
    scoreOf(good('brick-lane'), good<Companion>('melon')),
  );
});
