import { describe, expect, test } from '@jest/globals';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { besidePerAdult, besideTotal } from './index.js';
import { House } from '../brief/house.js';
import { PRACTICE_FIGURES, practiceWith, USUAL_PRACTICE, wrongFigures } from '../brief/practice.js';
import { settled } from '../brief/settle.js';
import { targetsOf } from '../brief/targets.js';

const counter = demoCounter();
const targets = (practice: Record<string, number>, more = {}) => {
  const house = House.parse({ practice });
  return targetsOf(settled(aBrief(more), house), counter, house);
};

describe('the figures of a house', () => {
  test('every figure of the tables can be set, and without own ones all is as usual', () => {
    expect(practiceWith({})).toEqual(USUAL_PRACTICE);
    expect(PRACTICE_FIGURES.length).toBeGreaterThan(45);
    expect(new Set(PRACTICE_FIGURES.map(({ path }) => path)).size).toBe(PRACTICE_FIGURES.length);
    for (const { path, usual } of PRACTICE_FIGURES) {
      expect(practiceWith({ [path]: usual })).toEqual(USUAL_PRACTICE);
      expect(practiceWith({ [path]: usual + 1 })).not.toEqual(USUAL_PRACTICE);
    }
  });
  // The sweet tooth of a brief moves only what is sweet; everything else comes at the middle of its range.
  test('brine comes at the middle of its range, honey by the sweet tooth', () => {
    const { low, high } = USUAL_PRACTICE.besidePerAdult.brine;
    const share = USUAL_PRACTICE.besideByRole.grazing;
    expect(besidePerAdult(aBrief({ role: 'grazing' }), 'brine')).toBe(((low + high) / 2) * share);
    const { honey } = USUAL_PRACTICE.besidePerAdult;
    for (const [tooth, at] of [
      [1, honey.low],
      [3, (honey.low + honey.high) / 2],
      [5, honey.high],
    ] as const)
      expect(besidePerAdult(aBrief({ role: 'grazing', sweetTooth: tooth }), 'honey')).toBe(at * share);
  });
  test('own grams, kinds and shares are followed, and nothing else moves', () => {
    const usual = targets({}, { guests: { adults: 12, children: 2 } });
    const own = targets(
      {
        'gramsPerAdult.drinks.cheese.high': 145,
        'cheeseKinds.3.usual': 4,
        'meatKinds.2.odd': 1,
        childShare: 0.25,
      },
      { guests: { adults: 12, children: 2 } },
    );
    expect([usual.cheeses.perHead, own.cheeses.perHead]).toEqual([100, 115]);
    expect([usual.cheeses.kinds, own.cheeses.kinds]).toEqual([5, 4]);
    expect([usual.meats.kinds, own.meats.kinds]).toEqual([3, 1]);
    expect([usual.eaters, own.eaters]).toEqual([13, 12.5]);
    expect(own.meats.perHead).toBe(usual.meats.perHead);
  });
  test('what stands beside follows too', () => {
    const house = House.parse({
      practice: { 'breadPerAdult.drinks.low': 20, 'breadPerAdult.drinks.high': 20 },
    });
    expect(besideTotal(settled(aBrief(), house), 'bread')).toBe(240);
    expect(besideTotal(aBrief(), 'bread')).toBe(480);
  });
  test.each([
    [{ 'gramsPerAdult.feast.cheese.low': 5 }, /no such figure/],
    [{ 'gramsPerAdult.meal.cheese.low': -1 }, /from 0 to 1000/],
    [{ 'gramsPerAdult.meal.cheese.low': 900 }, /low end \(900\) is above the high one \(180\)/],
    [{ 'cheeseKinds.0.usual': 2.5 }, /whole number of kinds/],
  ])('%j is refused with what is wrong', (own, says) => {
    expect(wrongFigures(own)[0]!.says).toMatch(says);
    expect(House.safeParse({ practice: own }).success).toBe(false);
  });
});
