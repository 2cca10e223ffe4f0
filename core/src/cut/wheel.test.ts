import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { aCheese } from '../testing/goods.js';
import { practice } from '../testing/reference.js';
import { chordOf, leastAngle, wheelCut } from './wheel.js';

const wheel = (diameter: number, height: number, grams: number, texture = 'firm') =>
  aCheese('w', {
    texture,
    form: { shape: 'wheel', grams, diameter, height },
    pack: { form: 'cut to order' },
  });
const closed = (grams: number) => ({ grams, opened: false });

// Source: plane geometry, worked by hand.
describe('from the shop’s wheel', () => {
  test('600 g of a wheel of 3.6 kg, 200 mm: 60 degrees, an arc of 104.7 and a chord of 100 mm', () => {
    const cut = wheelCut(wheel(200, 105, 3600), 600, closed(3600))!;
    expect(cut).toMatchObject({ way: 'wedge', angle: 60, parts: 1 });
    expect(cut.arcMm).toBeCloseTo((Math.PI * 200) / 6, 9);
    expect(cut.chordMm).toBeCloseTo(100, 9);
    expect(cut.left).toEqual({ grams: 3000, angle: 300 });
    // Beyond half a round the widest that lies between the cuts is the diameter itself.
    expect([chordOf(200, 180), chordOf(200, 200), chordOf(200, 300)]).toEqual([200, 200, 200]);
  });
  // Common practice, no source: within 5 % or 10 g is on target.
  test('the tolerance is 5 %, at least 10 g, and is an angle too', () => {
    const { low } = practice('cut-to-order tolerance');
    const cut = wheelCut(wheel(200, 105, 3600), 600, null)!;
    expect(cut.tolerance.grams).toBe((600 * low) / 100);
    expect(cut.tolerance.angle).toBeCloseTo(3, 9);
    expect(wheelCut(wheel(200, 30, 900), 150, null)!.tolerance.grams).toBe(
      practice('cut-to-order tolerance, least').low,
    );
  });
  test('an opened one loses its dry face first', () => {
    const opened = wheelCut(wheel(200, 105, 3600), 600, { grams: 1800, opened: true })!;
    // Two faces of 100 x 105, 2 mm: 42 000 mm3 at 3600 g in 3 298 672 mm3.
    expect(opened.facing).toBeCloseTo((42_000 * 3600) / (Math.PI * 100 ** 2 * 105), 6);
    expect(opened.left.grams).toBeCloseTo(1800 - opened.facing - 600, 6);
  });
});

// Common practice, no source: the trade's ways where a true wedge would be too thin.
describe('too thin for a wedge', () => {
  test('below 15 degrees; from 30 cm on by 40 mm of rim', () => {
    expect(leastAngle(200)).toBe(practice('smallest workable wedge angle').low);
    expect(560 * Math.sin((leastAngle(560) * Math.PI) / 360)).toBeCloseTo(
      practice('smallest workable chord on the rim').low,
      9,
    );
  });
  test('a bloomy or washed wheel is rounded up, never split by height or across', () => {
    for (const texture of ['bloomy', 'washed', 'soft']) {
      const cut = wheelCut(wheel(350, 90, 4000, texture), 60, closed(4000))!;
      expect(cut).toMatchObject({ way: 'rounded up', parts: 1 });
      expect(cut.angle).toBeCloseTo(leastAngle(350), 9);
      expect(cut.grams).toBeGreaterThan(60);
    }
  });
  test('a big cooked wheel is halved in height, then cut radially at twice the angle', () => {
    const cut = wheelCut(wheel(560, 125, 34_000), 500, closed(34_000))!;
    expect(cut).toMatchObject({ way: 'halved in height', parts: 2 });
    expect(cut.angle).toBeCloseTo((2 * 360 * 500) / 34_000, 9);
  });
  test('a tall drum gives a disc by wire, then a wedge', () => {
    const drum = aCheese('d', {
      texture: 'hard',
      form: { shape: 'drum', grams: 9000, diameter: 260, height: 160 },
    });
    const cut = wheelCut(drum, 200, closed(9000))!;
    expect(cut.way).toBe('disc, then wedge');
    expect(cut.angle).toBeGreaterThanOrEqual(15);
    expect(160 / cut.parts).toBeGreaterThanOrEqual(30);
    expect(cut.grams).toBeCloseTo(200, 6);
  });
  test('no sliver is left that cannot be sold: it goes with the order', () => {
    const cut = wheelCut(wheel(200, 105, 3600), 600, closed(700))!;
    expect(cut).toMatchObject({ way: 'the rest of it', grams: 700, left: { grams: 0, angle: 0 } });
  });
  test('whatever is ordered: what leaves and what stays are what is there, and what stays can be sold', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('bloomy', 'washed', 'semi-soft', 'firm', 'hard', 'blue'),
        fc.integer({ min: 120, max: 600 }),
        fc.integer({ min: 40, max: 200 }),
        fc.integer({ min: 20, max: 3000 }),
        fc.integer({ min: 200, max: 9000 }),
        fc.boolean(),
        (texture, diameter, height, gross, there, opened) => {
          const grams = Math.round(Math.PI * (diameter / 2) ** 2 * height * 1.08e-3);
          const cut = wheelCut(wheel(diameter, height, grams, texture), gross, { grams: there, opened })!;
          const had = Math.min(there, grams);
          expect(cut.left.grams).toBeGreaterThanOrEqual(0);
          if (cut.grams + cut.facing <= had)
            expect(cut.grams + cut.left.grams + cut.facing).toBeCloseTo(had, 6);
          if (cut.left.grams > 0 && cut.parts === 1)
            expect(cut.left.angle).toBeGreaterThanOrEqual(leastAngle(diameter) - 1e-9);
        },
      ),
    );
  });
});
