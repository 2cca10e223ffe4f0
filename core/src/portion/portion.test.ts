import { describe, expect, test } from '@jest/globals';
import { DEFAULT_HOUSE, targetsOf } from '../brief/index.js';
import type { Good, Main } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, aCompanion, aMeat } from '../testing/goods.js';
import { practice } from '../testing/reference.js';
import { mainsNet } from '../amount/index.js';
import { cutsFor, cutTableOf } from '../cut/index.js';
import { portionsFor } from './portion.js';

const mains: Main[] = [
  aCheese('mild'),
  aCheese('blue', { texture: 'blue' }),
  aCheese('known', { known: 'safe bet' }),
  aMeat('ham'),
];
const portionsOf = (
  all: readonly Main[],
  brief = aBrief(),
  beside: readonly Good[] = [],
  choices: Record<string, number> = {},
) => {
  const shares = mainsNet(all, brief, targetsOf(brief, [...all, ...beside], DEFAULT_HOUSE), choices);
  const cuts = cutsFor(all, shares, {}, cutTableOf(brief, DEFAULT_HOUSE), brief.servingAt);
  return portionsFor(all, beside, brief, shares, cuts, choices);
};
const portions = (brief = aBrief(), beside: Good[] = [], choices: Record<string, number> = {}) =>
  portionsOf(mains, brief, beside, choices);

describe('cheeses and meats', () => {
  test('12 at drinks eat 100 g of cheese and 55 g of meat each: the middle of practice', () => {
    const { low, high } = practice('cheese per adult, drinks with no dinner after');
    expect(portions().netCheese).toBe(12 * ((low + high) / 2));
    expect(portions().netMeat).toBe(12 * 55);
  });
  test('what is set by hand stands, the rest shares what is left', () => {
    const brief = aBrief();
    const net = mainsNet(mains, brief, targetsOf(brief, mains, DEFAULT_HOUSE), { blue: 300 });
    expect(net.get('blue')!.net).toBe(300);
    expect(net.get('mild')!.net + net.get('known')!.net).toBe(900);
    const all = mainsNet(mains, brief, targetsOf(brief, mains, DEFAULT_HOUSE), { blue: 5000 });
    expect(all.get('mild')!.net).toBe(0);
  });
  test('each says why it is more or less', () => {
    const why = (id: string) =>
      portions()
        .mains.find((p) => p.good.id === id)!
        .reasons.map((r) => r.rule);
    expect(why('blue')).toContain('divides-people');
    expect(why('known')).toContain('well-known');
    expect(portions(aBrief(), [], { mild: 10 }).mains[0]!.reasons[0]!.rule).toBe('by-hand');
  });
  test('a counter that holds too little is named with what is short', () => {
    const few = [{ id: 'l', grams: 100 }];
    const brief = aBrief({ kinds: { cheeses: 1, meats: 0 } });
    const cheese = aCheese('few', { lots: few });
    const [portion] = portionsOf([cheese], brief).mains;
    const stock = portion!.reasons.find((r) => r.rule === 'stock');
    expect(stock!.figures).toEqual({ onHand: 100, short: portion!.gross - 100 });
  });
});

describe('companions', () => {
  const honey = (id: string) =>
    aCompanion(id, { role: 'honey', pack: { form: 'jar', grams: 340 }, price: { amount: 680, per: 'pack' } });
  test('two that draw on one figure of practice split it without loss', () => {
    const { companions } = portions(aBrief({ guests: { adults: 13 } }), [honey('a'), honey('b')]);
    const { low, high } = practice('honey per adult');
    expect(companions.map((p) => p.net).reduce((a, b) => a + b, 0)).toBe(Math.round((13 * (low + high)) / 2));
  });
  test('jars are charged by share', () => {
    const all = portions(aBrief(), [honey('a')]);
    const [jar] = all.companions;
    expect(jar!.price).toBe(Math.round((680 * jar!.net) / 340));
  });
});

describe('what a role has no use for', () => {
  const at = (role: string, beside: Good[]) => portions(aBrief({ role }), beside).companions;
  const pickles = aCompanion('pickles', { role: 'brine' });
  const mustard = aCompanion('mustard', { role: 'mustard' });
  const rosemary = aCompanion('rosemary', { role: 'garnish' });
  // Common practice, no source: a dessert course has no brine and no mustard.
  test('a dessert course gets no pickles and no mustard, and says how to have them', () => {
    const [brine, sharp] = at('dessert', [pickles, mustard]);
    expect([brine!.net, sharp!.net]).toEqual([0, 0]);
    expect(brine!.reasons[0]!.rule).toBe('no-use-in-this-role');
  });
  test('mustard is a few grams an adult, not a slot of preserve', () => {
    const { low, high } = practice('mustard per adult');
    const [sharp] = at('drinks', [mustard]);
    expect(sharp!.net).toBe(Math.round(12 * ((low + high) / 2)));
  });
  // Common practice, no source: companions follow the role, 0.6 for a nibble, 1.3 for a meal.
  test('companions follow the role', () => {
    const net = (role: string) => at(role, [pickles])[0]!.net;
    expect(net('nibble') / net('drinks')).toBeCloseTo(0.6, 2);
    expect(net('meal') / net('drinks')).toBeCloseTo(1.3, 2);
  });
  test('a garnish weighs something and costs something', () => {
    const [sprigs] = at('drinks', [rosemary]);
    expect(sprigs!.net).toBeGreaterThan(0);
    expect(sprigs!.price).toBeGreaterThan(0);
  });
});
