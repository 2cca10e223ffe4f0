import { describe, expect, test } from '@jest/globals';
import { DEFAULT_HOUSE, targetsOf } from '../brief/index.js';
import type { Good, Main } from '../counter/index.js';
import { aBrief, aCheese, aCompanion, aMeat } from '../testing/goods.js';
import { practice } from '../testing/reference.js';
import { mainsNet, portionsFor } from './portion.js';

const mains: Main[] = [
  aCheese('mild'),
  aCheese('blue', { texture: 'blue' }),
  aCheese('known', { known: 'safe bet' }),
  aMeat('ham'),
];
const portions = (brief = aBrief(), beside: Good[] = [], choices: Record<string, number> = {}) =>
  portionsFor(mains, beside, brief, targetsOf(brief, [...mains, ...beside], DEFAULT_HOUSE), choices);

describe('cheeses and meats', () => {
  test('12 at drinks eat 100 g of cheese and 55 g of meat each: the middle of practice', () => {
    const { low, high } = practice('cheese per adult, drinks with no dinner after');
    expect(portions().netCheese).toBe(12 * ((low + high) / 2));
    expect(portions().netMeat).toBe(12 * 55);
  });
  test('what is set by hand stands, the rest shares what is left', () => {
    const brief = aBrief();
    const net = mainsNet(mains, targetsOf(brief, mains, DEFAULT_HOUSE), { blue: 300 });
    expect(net.get('blue')).toBe(300);
    expect(net.get('mild')! + net.get('known')!).toBe(900);
    expect(mainsNet(mains, targetsOf(brief, mains, DEFAULT_HOUSE), { blue: 5000 }).get('mild')).toBe(0);
  });
  test('each says why it is more or less', () => {
    const why = (id: string) =>
      portions()
        .mains.find((p) => p.good.id === id)!
        .reasons.map((r) => r.rule);
    expect(why('blue')).toContain('divides people');
    expect(why('known')).toContain('well known');
    expect(portions(aBrief(), [], { mild: 10 }).mains[0]!.reasons[0]!.rule).toBe('by hand');
  });
  test('a counter that holds too little is named with what is short', () => {
    const few = [{ id: 'l', grams: 100 }];
    const brief = aBrief({ kinds: { cheeses: 1, meats: 0 } });
    const cheese = aCheese('few', { lots: few });
    const [portion] = portionsFor([cheese], [], brief, targetsOf(brief, [cheese], DEFAULT_HOUSE), {}).mains;
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
    expect(jar!.cost).toBe(Math.round((680 * jar!.net) / 340));
  });
});
