import { describe, expect, test } from '@jest/globals';
import { aBrief } from '../testing/briefs.js';
import { aCheese, aMeat } from '../testing/goods.js';
import { axesOf } from './axes.js';
import { heldAxes, keepsTheme } from './theme.js';

const theme = (holds: string, is: string) => aBrief({ theme: { holds, is } });
const flight = (kind: string, of: string) => aBrief({ flight: { kind, of } });
const goat = aCheese('g', { milk: [{ animal: 'goat', share: 1 }] });
const blend = aCheese('b', {
  milk: [
    { animal: 'goat', share: 0.6 },
    { animal: 'cow', share: 0.4 },
  ],
});

// Source: common practice, no source, "theme and flight are opposites".
describe('a theme holds one axis, and only its goods may be picked', () => {
  test('one milk through and through; meats are not asked', () => {
    const milk = theme('milk', 'goat');
    expect([goat, blend, aCheese('c'), aMeat('m')].map((m) => keepsTheme(m, milk))).toEqual([
      true,
      false,
      false,
      true,
    ]);
    expect([...heldAxes(milk, 'cheese')]).toEqual(['milk']);
    expect([...heldAxes(milk, 'meat')]).toEqual([]);
  });
  test('a region holds for cheeses and meats, by region or country, in any case', () => {
    const region = theme('region', 'HERE');
    expect(keepsTheme(aCheese('a'), region)).toBe(true);
    expect(keepsTheme(aMeat('m', { origin: { region: 'there', country: 'Here' } }), region)).toBe(true);
    expect(keepsTheme(aMeat('n', { origin: { region: 'there', country: '' } }), region)).toBe(false);
  });
  test.each([
    ['family', 'blue', { texture: 'blue' }],
    ['colour', 'orange', { colours: ['#d9933d'] }],
    ['flavour', 'nutty', { flavours: ['earthy', 'nutty'] }],
  ])('%s: %s', (holds, is, more) => {
    expect(keepsTheme(aCheese('yes', more), theme(holds, is))).toBe(true);
    expect(keepsTheme(aCheese('no'), theme(holds, is))).toBe(false);
  });
  test('no theme lets everything through and holds nothing', () => {
    expect(keepsTheme(goat, aBrief())).toBe(true);
    expect(heldAxes(aBrief(), 'cheese').size).toBe(0);
  });
});

describe('a flight holds all axes but one', () => {
  test('a vertical: one line, only age is spread', () => {
    const vertical = flight('vertical', 'Harrow');
    expect(keepsTheme(aCheese('a', { line: 'harrow' }), vertical)).toBe(true);
    expect(keepsTheme(aCheese('a', { name: 'Harrow' }), vertical)).toBe(true);
    expect(keepsTheme(aCheese('b', { line: 'Beacon', maker: 'Harrow' }), vertical)).toBe(false);
    expect(
      axesOf('cheese', vertical)
        .filter((axis) => axis.weight > 0)
        .map((axis) => axis.id),
    ).toEqual(['age']);
  });
  test('a face-off: one style, makers against each other', () => {
    const faceOff = flight('face-off', 'firm cow');
    expect(keepsTheme(aCheese('a'), faceOff)).toBe(true);
    expect(keepsTheme(goat, faceOff)).toBe(false);
    expect(
      keepsTheme(aCheese('a', { tradeStyle: 'Cheddar style' }), flight('face-off', 'cheddar style')),
    ).toBe(true);
    const [origin, ...others] = axesOf('cheese', faceOff).filter((axis) => axis.weight > 0);
    expect(others).toEqual([]);
    expect(origin!.membership(aCheese('a', { maker: 'Withy Fold' }), faceOff)).toEqual({ 'Withy Fold': 1 });
    expect(origin!.membership(aCheese('a', { maker: 'Withy Fold' }), aBrief())).toEqual({ here: 1 });
  });
});
