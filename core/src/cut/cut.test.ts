import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEFAULT_HOUSE } from '../brief/index.js';
import type { Main } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, aMeat, cheeses } from '../testing/goods.js';
import { practice } from '../testing/reference.js';
import { ALIKE_COST, assignLooks, type Option } from './assign.js';
import { cutsFor } from './cuts.js';
import { cutTableOf } from './suit.js';
import { chordOf, SMALLEST_CHORD_MM, SMALLEST_WEDGE_DEGREES, wedgeAngle } from './wheel.js';
import { CUT_STYLES } from './styles.js';

const DAY = '2026-11-28T18:30';
const table = cutTableOf(aBrief({ guests: { adults: 6 }, hours: 2 }), DEFAULT_HOUSE);
const cutAll = (mains: readonly Main[], g: number, choices = {}, at = table) =>
  cutsFor(mains, new Map(mains.map(({ id }) => [id, { net: g, eaters: 6 }])), choices, at, DAY);
const cutOf = (main: Main, g = 300, choices = {}, at = table) => cutAll([main], g, choices, at)[0]!;

// Source: plane geometry; the worked values are by hand.
describe('geometry', () => {
  test('an eighth of a wheel is 45 degrees; its chord on 200 mm is 200 sin 22.5', () => {
    expect(wedgeAngle(500, 4000)).toBe(45);
    expect(chordOf(200, 45)).toBeCloseTo(200 * Math.sin(Math.PI / 8), 12);
    expect(chordOf(200, 180)).toBe(200);
    expect(chordOf(200, 60)).toBeCloseTo(100, 12);
  });
  // Fact of the trade, common practice: five 50 mm salami slices are 15 g, five large ham slices 75 g.
  test('slices weigh what the trade says they do', () => {
    const salami = aMeat('s', { slice: { mm: 1.5, diameter: 50 } });
    expect(5 * cutOf(salami).pieceGrams).toBeGreaterThan(15 * 0.9);
    expect(5 * cutOf(salami).pieceGrams).toBeLessThan(15 * 1.15);
    const ham = aMeat('h', {
      build: 'whole muscle',
      calibre: 'large',
      slice: { mm: 0.8, diameter: 150 },
      form: { shape: 'sliced', grams: 5000 },
    });
    // A slice of 150 mm is halved before it is folded.
    expect(10 * cutOf(ham).pieceGrams).toBeGreaterThan(75 * 0.9);
    expect(10 * cutOf(ham).pieceGrams).toBeLessThan(75 * 1.1);
  });
  test('the smallest wedge is that of practice', () => {
    expect(SMALLEST_WEDGE_DEGREES).toBe(practice('smallest workable wedge angle').low);
    expect(SMALLEST_CHORD_MM).toBe(practice('smallest workable chord on the rim').low);
  });
});

// Source: the table of cuts, common practice.
describe('the usual cut', () => {
  const small = { grams: 250, diameter: 110, height: 27, shape: 'wheel' };
  test.each([
    [
      'bloomy wheel',
      { texture: 'bloomy', paste: 'creamy', form: small },
      ['first wedge out', 'centre wedges'],
    ],
    [
      'goat log',
      { texture: 'fresh', paste: 'creamy', form: { shape: 'log', grams: 160, diameter: 42, length: 107 } },
      ['coins'],
    ],
    [
      'alpine wheel',
      { texture: 'firm', form: { shape: 'wheel', grams: 34000, diameter: 560, height: 125 } },
      ['long triangles'],
    ],
    [
      'young block',
      { texture: 'semi-soft', form: { shape: 'block', grams: 2500, length: 290, width: 95, height: 85 } },
      ['cubes'],
    ],
    ['aged hard', { texture: 'hard', paste: 'brittle' }, ['rough chunks']],
    ['very hard', { texture: 'very hard', paste: 'brittle' }, ['nuggets']],
    ['crumbly blue', { texture: 'blue', paste: 'crumbly' }, ['crumbled blue']],
    ['creamy blue', { texture: 'blue', paste: 'creamy' }, ['small blue wedges']],
    [
      'small washed square',
      {
        texture: 'washed',
        paste: 'creamy',
        form: { shape: 'square', grams: 420, length: 105, width: 105, height: 38 },
      },
      ['diagonal triangles'],
    ],
    [
      'pyramid',
      { texture: 'soft', paste: 'creamy', form: { shape: 'pyramid', grams: 220, width: 75, height: 65 } },
      ['tip wedges'],
    ],
    ['running wheel', { texture: 'washed', paste: 'runny', form: small }, ['lid off']],
    [
      'brined block',
      {
        texture: 'fresh',
        paste: 'wet',
        form: { shape: 'block', grams: 1000, length: 120, width: 90, height: 90 },
      },
      ['dice'],
    ],
    [
      'pearls',
      { texture: 'fresh', paste: 'wet', form: { shape: 'ball', grams: 12, diameter: 28 } },
      ['pearls'],
    ],
    [
      'fresh tub',
      { texture: 'fresh', paste: 'wet', form: { shape: 'tub', grams: 250, diameter: 90, height: 60 } },
      ['spooned'],
    ],
  ])('%s', (_, more, usual) => expect(usual).toContain(cutOf(aCheese('x', more)).styleId));

  test.each([
    ['coins of a goat log', 'goat log coin', 10],
    ['cubes', 'cube of young block', 18],
  ])('%s are as thick as practice', (_, row, mm) => {
    const { low, high } = practice(row);
    expect(mm).toBeGreaterThanOrEqual(low);
    expect(mm).toBeLessThanOrEqual(high);
  });
  test('small dry sausage is cut 3 to 5 mm', () => {
    const stick = aMeat('s', {
      calibre: 'small',
      slice: { mm: 1, diameter: 28 },
      form: { shape: 'whole sausage', grams: 180, diameter: 28, length: 270 },
    });
    const { low, high } = practice('dry sausage slice');
    expect(cutOf(stick)).toMatchObject({ styleId: 'bias slices' });
    expect(cutOf(stick).sliceMm).toBeGreaterThanOrEqual(low);
    expect(cutOf(stick).sliceMm).toBeLessThanOrEqual(high);
  });
});

test('a running cheese is never wedged and every cheese has a cut', () => {
  fc.assert(
    fc.property(
      cheeses(1, 1),
      fc.constantFrom('supple', 'crumbly', 'brittle', 'creamy', 'runny', 'wet'),
      ([cheese], paste) => {
        const styles = CUT_STYLES.filter((s) => s.suits({ ...cheese!, paste: paste as never }) > 0);
        expect(styles.length).toBeGreaterThan(0);
        if (paste === 'runny') expect(styles.map((s) => s.look)).not.toContain('wedge');
      },
    ),
  );
});

test('looks are shared out as brute force would', () => {
  const option = fc.record({ look: fc.constantFrom('a', 'b', 'c'), suits: fc.integer({ min: 1, max: 3 }) });
  const goods = fc.array(fc.array(option, { minLength: 1, maxLength: 3 }), { minLength: 1, maxLength: 5 });
  const worth = (chosen: readonly Option[]) =>
    chosen.reduce(
      (sum, o, i) => sum + o.suits - (chosen.slice(0, i).some((p) => p.look === o.look) ? ALIKE_COST : 0),
      0,
    );
  fc.assert(
    fc.property(goods, (all) => {
      const options = all.map((list, g) => list.map((o, i) => ({ ...o, id: `${g}${i}` })));
      const every = options.reduce<Option[][]>(
        (sets, list) => sets.flatMap((set) => list.map((o) => [...set, o])),
        [[]],
      );
      expect(worth(assignLooks(options))).toBeCloseTo(Math.max(...every.map(worth)), 9);
    }),
  );
});

test('two cheeses that would look alike get different cuts where their pastes allow', () => {
  const block = {
    texture: 'semi-soft',
    form: { shape: 'block', grams: 2500, length: 290, width: 95, height: 85 },
  };
  const mains = [aCheese('a', block), aCheese('b', block)];
  const cuts = cutAll(mains, 200);
  expect(new Set(cuts.map((c) => c.look)).size).toBe(2);
});

test('a choice by hand stands, and one that does not suit is not taken', () => {
  const block = aCheese('a', {
    texture: 'semi-soft',
    form: { shape: 'block', grams: 2500, length: 290, width: 95, height: 85 },
  });
  expect(cutOf(block, 200, { a: 'fanned slices' })).toMatchObject({ styleId: 'fanned slices', byHand: true });
  expect(cutOf(block, 200, { a: 'coins' })).toMatchObject({ styleId: 'cubes', byHand: false });
});

/** Figures that were found wrong. Source: plane and solid geometry; worked by hand. */
describe('what a piece is', () => {
  const rind = (mm: number, verdict: string) => ({ kind: 'natural', mm, verdict });
  const wheel = { shape: 'wheel', grams: 2500, diameter: 200, height: 80 };
  const firm = (more: Record<string, unknown>) =>
    aCheese('f', { texture: 'firm', paste: 'supple', pack: { form: 'cut to order' }, form: wheel, ...more });

  test('a rind that comes off is in no triangle: so much more is taken of the wheel for the same grams', () => {
    const off = cutOf(firm({ rind: rind(5, 'cut off') }), 400, { f: 'long triangles' });
    const eaten = cutOf(firm({ rind: rind(5, 'eaten') }), 400, { f: 'long triangles' });
    // 5 mm off the radius of 100 and off both faces of 80: 0.95² × 0.875 = 0.79 is left.
    const left = 0.95 ** 2 * 0.875;
    expect(off.gross / eaten.gross).toBeCloseTo(1 / left, 2);
    expect(off.trim / off.gross).toBeCloseTo(1 - left, 9);
    expect(off.pieces * off.pieceGrams).toBeCloseTo(off.net, 6);
    expect(off.measures[0]).toBeLessThan(eaten.measures[0] - 4);
  });
  test('the wedges of a small cheese with its rind off weigh what is left of it, all together', () => {
    const small = { shape: 'wheel', grams: 300, diameter: 100, height: 40 };
    const c = aCheese('s', {
      texture: 'bloomy',
      paste: 'creamy',
      rind: rind(4, 'cut off'),
      form: small,
      pack: { form: 'whole', grams: 300 },
    });
    const { pieceGrams } = cutOf(c, 200, { s: 'centre wedges' });
    const left = 300 * 0.92 ** 2 * 0.8 * (1 - 0.015);
    const n = left / pieceGrams;
    expect(n).toBeCloseTo(Math.round(n), 6);
    expect(Math.round(n) % 2).toBe(0);
  });
  test('a half wheel gives the triangles of the wheel that it is half of', () => {
    const half = firm({ form: { ...wheel, shape: 'half wheel', grams: 1250 }, rind: rind(0, 'eaten') });
    const whole = firm({ rind: rind(0, 'eaten') });
    const of = (main: typeof half) => cutOf(main, 150, { f: 'long triangles' });
    expect(of(half).pieceGrams).toBeCloseTo(of(whole).pieceGrams, 9);
    expect(of(half).wheel?.angle).toBe(of(whole).wheel?.angle);
  });
  test('pearls and an opened ball do not count as alike', () => {
    const ball = { texture: 'fresh', paste: 'wet' };
    const pearls = aCheese('p', { ...ball, form: { shape: 'ball', grams: 12, diameter: 28 } });
    const large = aCheese('l', { ...ball, form: { shape: 'ball', grams: 125, diameter: 62 } });
    const cuts = cutAll([pearls, large], 200);
    expect(cuts.flatMap(({ reasons }) => reasons).map(({ rule }) => rule)).not.toContain('looks-alike');
  });
  test('a supple washed block is sliced, not broken by hand', () => {
    const form = { shape: 'block', grams: 2000, length: 250, width: 100, height: 75 };
    const block = aCheese('w', { texture: 'washed', paste: 'supple', form });
    expect(cutOf(block).styleId).toBe('fanned slices');
    expect(cutOf(block).others).toEqual(['broken']);
  });
  test('thick slices of smoked trout lie in a row; they do not roll', () => {
    const trout = { build: 'whole muscle', process: 'hot-smoked', calibre: 'medium' };
    const cut = (mm: number) => cutOf(aMeat('t', { ...trout, slice: { mm, diameter: 60 } })).styleId;
    expect(cut(6)).toBe('shingles');
    expect(cut(1)).toBe('roll');
    // A small dry sausage is cut thick on the slant, casing off: common practice, no source.
    const stick = { calibre: 'small', slice: { mm: 4, diameter: 28 }, build: 'coarse' };
    expect(cutOf(aMeat('s', stick)).styleId).toBe('bias slices');
  });
});
