import { describe, expect, test } from '@jest/globals';
import { aCheese } from '../testing/goods.js';
import { areaOf } from './plane.js';
import { wheelView } from './views.js';
import { wheelCut } from './wheel.js';

/** The wheel as it is drawn: what is taken, left, sold and off the face is the whole round. Source: plane geometry. */

const wheel = (diameter: number, height: number, grams: number, texture: string) =>
  aCheese('w', {
    texture,
    form: { shape: 'wheel', grams, diameter, height },
    pack: { form: 'cut to order' },
  });
const viewOf = (
  [diameter, height, grams]: readonly [number, number, number],
  gross: number,
  lot: { grams: number; opened: boolean },
  texture = 'firm',
) => {
  const cut = wheelCut(wheel(diameter, height, grams, texture), gross, lot)!;
  return { cut, view: wheelView(diameter, height, cut) };
};
const area = (polygon: Parameters<typeof areaOf>[0] | null) => (polygon ? areaOf(polygon) : 0);

describe('from above', () => {
  test.each([
    [600, { grams: 3600, opened: false }],
    [600, { grams: 1800, opened: true }],
    [250, { grams: 2400, opened: true }],
  ])('%p g of what is there: the parts are the whole round', (gross, lot) => {
    const { cut, view } = viewOf([200, 105, 3600], gross, lot);
    const parts = [view.taken, view.left, view.sold, view.facing].reduce((sum, part) => sum + area(part), 0);
    expect(parts / (Math.PI * 100 ** 2)).toBeCloseTo(1, 2);
    expect(area(view.taken) / (Math.PI * 100 ** 2)).toBeCloseTo(cut.angle / 360, 3);
    expect(Math.hypot(view.chord[0][0] - view.chord[1][0], view.chord[0][1] - view.chord[1][1])).toBeCloseTo(
      cut.chordMm,
      6,
    );
  });
  test('the second cut may fall a tolerance to either side, but not into what is not there', () => {
    const { cut, view } = viewOf([200, 105, 3600], 600, { grams: 3600, opened: false });
    expect(area(view.target) / (Math.PI * 100 ** 2)).toBeCloseTo((2 * cut.tolerance.angle) / 360, 4);
    const all = viewOf([200, 105, 3600], 3600, { grams: 3600, opened: false });
    expect(area(all.view.target) / (Math.PI * 100 ** 2)).toBeCloseTo(all.cut.tolerance.angle / 360, 4);
  });
});

describe('where a wedge would be too thin', () => {
  test('a soft wheel is rounded up: what was ordered is marked inside what is cut', () => {
    const { cut, view } = viewOf([200, 35, 1000], 25, { grams: 1000, opened: false }, 'bloomy');
    expect(cut.way).toBe('rounded up');
    expect(cut.ordered).toBeCloseTo((360 * 25) / 1000, 6);
    expect(view.ordered).not.toBeNull();
    expect(view.side).toBeNull();
  });
  test('a cooked one is halved in height: the upper half is drawn, half of the side', () => {
    const { cut, view } = viewOf([350, 110, 11_000], 260, { grams: 11_000, opened: false }, 'hard');
    expect(cut.way).toBe('halved in height');
    expect(area(view.side!.part) / area(view.side!.whole)).toBeCloseTo(1 / 2, 9);
    expect(view.ordered).toBeNull();
  });
});
