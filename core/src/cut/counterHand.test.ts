import { describe, expect, test } from '@jest/globals';
import { DEFAULT_HOUSE, House, type Brief } from '../brief/index.js';
import { densityOf, isCompanion, isMain, isWare, type Good, type Main } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, aCompanion, aMeat, demoCounter } from '../testing/goods.js';
import { practice } from '../testing/reference.js';
import { aheadOf } from './ahead.js';
import { cutsFor } from './cuts.js';
import { FOLDS, foldOf } from './folds.js';
import { kitOf, knivesFor, wearOf } from './knives.js';
import { areaOf, boundsOf, centreOf } from './plane.js';
import { produceCut } from './produce.js';
import { producePiece } from './producePiece.js';
import { cuttingOrder } from './sequence.js';
import { stepsOf } from './steps.js';
import { CUT_STYLES } from './styles.js';
import { cutTableOf, tableReasons } from './suit.js';

const counter = demoCounter();
const good = (id: string) => counter.find((g) => g.id === id) as Main;
const cutOf = (
  main: Main,
  more: Partial<Brief> | Record<string, unknown> = {},
  house = DEFAULT_HOUSE,
  eaters = 10,
) => {
  const brief = aBrief({ hours: 2, guests: { adults: 8 }, ...more });
  const asked = new Map([[main.id, { net: 240, eaters }]]);
  return cutsFor([main], asked, {}, cutTableOf(brief, house), brief.servingAt)[0]!;
};

// Common practice, no source: the trade's words on who cuts what for whom.
describe('the cut suits the table', () => {
  test('standing guests have one hand: beyond ten a wheel is cut; seated ones may cut', () => {
    const halyard = good('halyard');
    expect(cutOf(halyard, { guests: { adults: 8 } }).styleId).toBe('first wedge out');
    expect(cutOf(halyard, { guests: { adults: 30 } }).styleId).toBe('centre wedges');
    expect(cutOf(halyard, { guests: { adults: 30 }, table: 'seated' }).styleId).toBe('first wedge out');
  });
  test('the house cuts all, or leaves whole', () => {
    const halyard = good('halyard');
    expect(cutOf(halyard, {}, House.parse({ cutSchool: 'pre-cut' })).whole).toBe(false);
    expect(cutOf(halyard, { guests: { adults: 30 } }, House.parse({ cutSchool: 'whole' })).whole).toBe(true);
  });
  test('a house that has said how it cuts is not asked whether the guests sit', () => {
    const said = (table: string, cutSchool: string) => {
      const of = cutTableOf(aBrief({ table }), House.parse({ cutSchool }));
      return CUT_STYLES.flatMap((style) => tableReasons(style, of, 'x').map(({ rule }) => rule));
    };
    expect(said('seated', 'by paste')).toContain('seated');
    for (const school of ['pre-cut', 'whole'])
      expect(said('seated', school)).toEqual(said('walk around', school));
  });
  test('hard chunks are not for small children', () => {
    const rules = (more: object) => cutOf(good('grainstore'), more).reasons.map(({ rule }) => rule);
    expect(rules({ guests: { adults: 8, under5: 2 } })).toContain('hard-to-bite');
    expect(rules({})).not.toContain('hard-to-bite');
  });
  test('a piece for everybody who eats of it and a tenth more, or it is said that there are too few', () => {
    const ample = cutOf(good('hare-fell'), {}, DEFAULT_HOUSE, 20);
    expect(ample.pieces).toBeGreaterThanOrEqual(22);
    const few = cutOf(good('cinder-ewe'), { guests: { adults: 60 } }, DEFAULT_HOUSE, 60);
    expect(few.reasons.find(({ rule }) => rule === 'too-few-pieces')).toMatchObject({
      figures: { eaters: 60 },
    });
  });
  test('nothing of the counter falls through to being broken by hand', () => {
    for (const main of counter.filter(isMain))
      expect([main.id, cutOf(main).styleId]).not.toEqual([main.id, 'broken']);
  });
});

describe('how much is cut ahead', () => {
  const share = (id: string, first = 0.6, all = false) => {
    const main = good(id);
    const cut = cutOf(main);
    const ahead = aheadOf(main, cut, first, all);
    expect(ahead.now + ahead.whole + ahead.held).toBeCloseTo(cut.net, 6);
    return ahead.now / (cut.net * first);
  };
  // Common practice, no source: soft one wedge out, hard half, else the first half hour, 29 %.
  test('soft little, hard half, meat all; a house that cuts all leaves nothing whole', () => {
    expect(share('tarpot')).toBeCloseTo(0.5, 6);
    expect(share('hare-fell')).toBeCloseTo(1 - 2 ** -0.5, 6);
    expect(share('halyard')).toBeLessThan(0.2);
    expect(share('bosun-ham')).toBe(1);
    expect(share('hare-fell', 0.6, true)).toBe(1);
  });
  // Common practice, no source: of a tub nothing stands whole with a cut in it; a hard one is broken where guests like.
  test('what lies loose leaves nothing whole, and only what is cut has guide cuts', () => {
    expect(share('evening-basket')).toBe(1);
    expect(share('meadow-pearls')).toBe(1);
    const guides = (id: string) => aheadOf(good(id), cutOf(good(id)), 0.6, false).guideCuts;
    expect(guides('hare-fell')).toBe(2);
    expect(guides('tarpot')).toBe(0);
  });
});

describe('knives', () => {
  const wares = counter.filter(isWare);
  const kits = kitOf(wares, []);
  const uses = (ids: string[]) => ids.map((id) => ({ main: good(id), tool: 'butter knife' as const }));
  const wired = (ids: string[]) => ids.map((id) => ({ main: good(id), tool: 'wire' as const }));
  test('the fewest share one, but blue always has its own; one each is a school', () => {
    const few = knivesFor(uses(['halyard', 'cinder-ewe', 'blackwater-blue']), 'fewest', kits);
    expect(few.map(({ goods, own }) => [goods.length, own])).toEqual([
      [2, null],
      [1, 'blue'],
    ]);
    expect(knivesFor(uses(['halyard', 'cinder-ewe']), 'one each', kits)).toHaveLength(2);
  });
  test('what carries an allergen beyond milk touches nothing else', () => {
    const nutty = aCheese('n', { allergens: { contains: ['milk', 'walnut'], rest: 'free' } });
    const [one, two] = knivesFor(
      [
        { main: good('halyard'), tool: 'wire' },
        { main: nutty, tool: 'wire' },
      ],
      'fewest',
      kits,
    );
    expect([one!.own, two!.own]).toEqual([null, 'allergen']);
    expect(one!.kit?.name).toBe('Cutting Wire');
  });
  test('what is not in the kit is said to be missing', () => {
    expect(knivesFor([{ main: good('tarpot'), tool: 'chisel' }], 'fewest', kitOf([], []))[0]!.kit).toBeNull();
  });
  test('what the customer has is kit too, the shop’s own first', () => {
    const use = [{ main: good('tarpot'), tool: 'chisel' as const }];
    const theirs = [{ name: 'Grandmother’s chisel' }];
    expect(knivesFor(use, 'fewest', kitOf([], theirs))[0]!.kit).toMatchObject({
      whose: 'customer',
      price: 0,
    });
    expect(knivesFor(wired(['halyard']), 'fewest', kitOf(wares, [{ name: 'a wire' }]))[0]!.kit?.whose).toBe(
      'shop',
    );
  });
  test('the wear of the shop’s knives is a share of the price of each, once', () => {
    const one = knivesFor(wired(['halyard', 'cinder-ewe']), 'one each', kits);
    const prices = new Map(
      one.flatMap(({ kit }) => (kit ? [[kit.name, kit.price as number]] : [])) as [string, number][],
    );
    expect(prices.size).toBe(1);
    expect(wearOf(one, 0.01)).toBe(Math.round([...prices.values()][0]! / 100));
    expect(wearOf(one, 0)).toBe(0);
  });
});

test('mild before strong, blue last; at the slicer pepper last; clean between', () => {
  const mains = ['blackwater-blue', 'tarpot', 'wren-curd', 'bosun-ham'].map(good);
  const peppered = counter.filter(isMain).find(({ name }) => name === 'Quayside Peppered')!;
  const turns = cuttingOrder([...mains, peppered]);
  expect(turns.map(({ main }) => main.id)).toEqual([
    'wren-curd',
    'tarpot',
    'blackwater-blue',
    'bosun-ham',
    peppered.id,
  ]);
  expect(turns.map(({ cleanFirst }) => cleanFirst)).toEqual([false, true, true, true, true]);
});

describe('folds', () => {
  const fold = (id: string) => FOLDS.find((row) => row.id === id)!;
  const salami = (diameter: number) => aMeat('s', { slice: { mm: 1.5, diameter } });
  // Common practice, no source: a rose on a 45 mm rim with 50 mm slices is 25 to 35 g; on a wine glass 55 to 100 g, 70 to 80 mm across.
  test('a rose weighs what the trade says, on the small rim and on the wine glass', () => {
    const small = foldOf(fold('rose'), salami(50));
    expect(small.grams).toBeGreaterThanOrEqual(25);
    expect(small.grams).toBeLessThanOrEqual(35);
    expect(small.length).toBeGreaterThanOrEqual(50);
    expect(small.length).toBeLessThanOrEqual(60);
    const large = foldOf(fold('rose'), salami(70));
    expect(large.grams).toBeGreaterThanOrEqual(55);
    expect(large.grams).toBeLessThanOrEqual(100);
    expect(large.length).toBeLessThanOrEqual(80);
    expect(areaOf(large.outline) / ((Math.PI / 4) * large.length ** 2)).toBeCloseTo(1, 2);
  });
  test('the fold sets the slicer: ham ribbons thin, salami folds a little thicker, coins by hand', () => {
    const ham = aMeat('h', { build: 'whole muscle', calibre: 'large', slice: { mm: 1.4, diameter: 155 } });
    const { low, high } = practice('air-dried ham slice, thickness');
    expect(foldOf(fold('ribbon'), ham).sliceMm).toBe(high);
    expect(foldOf(fold('ribbon'), { ...ham, slice: { ...ham.slice, mm: 0.4 as never } }).sliceMm).toBe(low);
    expect(foldOf(fold('ribbon'), ham).halved).toBe(true);
    expect(foldOf(fold('river'), salami(60)).halved).toBe(false);
  });
  test('a slice too wide for a hand is halved: half of its disc in grams, and lies half as wide', () => {
    const ham = aMeat('h', { build: 'whole muscle', calibre: 'large', slice: { mm: 1, diameter: 160 } });
    const { grams, length } = foldOf(fold('river'), ham);
    const disc = (Math.PI / 4) * 160 ** 2 * foldOf(fold('river'), ham).sliceMm! * densityOf(ham.form);
    expect(grams).toBeCloseTo(disc / 2, 6);
    expect(length).toBeLessThanOrEqual(80);
  });
  test('hot-smoked fish can be flaked', () => {
    const trout = counter.filter(isMain).find(({ name }) => name === 'Skerry Trout')!;
    expect(cutOf(trout).others).toContain('flakes');
  });
});

// Common practice, no source: grapes in clusters, pears late, bread last, sticks one dip long.
test.each([
  ['Black Grapes', 'in clusters of 3 to 6', 'ahead'],
  ['Ripe Pears', 'in thin slices', 'late'],
  ['Celery Batons', 'in sticks one dip long', 'ahead'],
  ['Long Loaf', 'in slices a finger thick', 'last'],
  ['Breadsticks', 'snapped to a cracker’s width', 'last'],
  ['Gherkins', 'drained, in a bowl', 'ahead'],
  ['Orchard Blossom', 'in a bowl, with its spoon', 'ahead'],
])('%s: %s, %s', (name, form, when) => {
  const companion = counter.find((g: Good) => g.name === name)!;
  expect(produceCut(companion as never, 300)).toMatchObject({ form, when });
});
test('pieces are counted where the weight of one is known', () => {
  const grape = aCompanion('g', { style: 'grape', piece: { grams: 6 } });
  expect(produceCut(grape, 300).wholes).toBe(50);
  expect(produceCut(aCompanion('x'), 300).pieces).toBeNull();
});

// Common practice, no source: two bites are up to 120 mm long with the other two measures within 40 mm.
test('a slice of bread is parted until it is two bites, a wide cracker is snapped, and each says so', () => {
  const slice = aCompanion('b', { role: 'bread', piece: { grams: 16, length: 85, width: 70, height: 10 } });
  const cut = produceCut(slice, 160);
  expect(cut).toMatchObject({ parts: 2, wholes: 10, pieces: 20 });
  expect(cut.piece!.measures).toEqual([85, 35, 10]);
  expect(cut.reasons.map(({ rule }) => rule)).toEqual(['parted-for-a-bite']);
  const round = aCompanion('o', { role: 'cracker', piece: { grams: 12, diameter: 62, height: 6 } });
  expect(produceCut(round, 120)).toMatchObject({
    form: 'snapped to a cracker’s width',
    parts: 2,
    pieces: 20,
  });
  const small = aCompanion('s', { role: 'cracker', piece: { grams: 4, diameter: 50, height: 4 } });
  expect(produceCut(small, 120)).toMatchObject({ form: 'whole', parts: 1, reasons: [] });
  const stick = aCompanion('l', { role: 'cracker', piece: { grams: 5, length: 190, diameter: 9 } });
  expect(produceCut(stick, 50).piece!.measures).toEqual([47.5, 9, 9]);
});
test('a round cracker snapped in two is two half discs, in four four quarters', () => {
  const round = (parts: { along: number; across: number }) =>
    producePiece(
      aCompanion('o', { role: 'cracker', piece: { grams: 12, diameter: 62, height: 6 } }),
      'snapped to a cracker’s width',
      parts,
    )!;
  const disc = Math.PI * 31 ** 2;
  expect(areaOf(round({ along: 1, across: 2 }).outline) / disc).toBeCloseTo(1 / 2, 2);
  const quarter = round({ along: 2, across: 2 });
  expect(areaOf(quarter.outline) / disc).toBeCloseTo(1 / 4, 2);
  expect(quarter.grams).toBe(3);
});
test('every piece of produce on the counter has its outline and is eaten in two bites, or says what is too much', () => {
  for (const companion of counter.filter(isCompanion)) {
    const { piece, reasons, form } = produceCut(companion, 200);
    if (!piece) continue;
    const [x, y] = centreOf(piece.outline);
    expect(Math.hypot(x, y)).toBeLessThan(1e-6);
    const { min, max } = boundsOf(piece.outline);
    const across = [max[0] - min[0], max[1] - min[1], piece.height].sort((a, b) => b - a);
    piece.measures.forEach((mm, i) => expect(across[i]! / mm).toBeCloseTo(1, 2));
    const fits = piece.measures[0] <= 122.4 && piece.measures[1] <= 40.8 && (piece.grams ?? 0) <= 30.6;
    const isHandled = ['fruit', 'dried fruit', 'bread', 'chocolate', 'nut'].includes(companion.role);
    if (isHandled && form !== 'in clusters of 3 to 6')
      expect(reasons.some(({ rule }) => /piece$/.test(rule))).toBe(!fits);
  }
});

test('the steps run from the wheel to what is held back', () => {
  const main = good('tarpot');
  const cut = cutOf(main);
  const rules = stepsOf(main, cut, aheadOf(main, cut, 0.6, false)).map(({ rule }) => rule);
  expect(rules[0]).toBe('face-the-dry-side');
  expect(rules).toEqual(expect.arrayContaining(['mark-the-rim', 'rind-off', 'divide', 'keep-whole']));
  expect(rules.at(-1)).toBe('hold-back');
  const ham = good('bosun-ham');
  const folded = stepsOf(ham, cutOf(ham), aheadOf(ham, cutOf(ham), 1, false)).map(({ rule }) => rule);
  expect(folded).toEqual(['set-the-slicer', 'halve-the-slices', 'divide', 'keep-meat']);
});
