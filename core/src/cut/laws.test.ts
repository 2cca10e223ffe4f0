import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { edibleShare } from '../amount/index.js';
import { isCheese, isMeat } from '../counter/index.js';
import { aCheese, demoCounter } from '../testing/goods.js';
import { answer, stockOf } from './answer.js';
import {
  coins,
  grid,
  layered,
  radial,
  ringed,
  sideRays,
  whole,
  zigzag,
  type Division,
} from './division/index.js';
import { FOLDS } from './folds.js';
import { meatCut } from './meatCut.js';
import { areaOf, centreOf, leastBox, rectangle, sector, turned } from './plane.js';
import { PYRAMID_FILLS, shellOf, volumeOf, wholeStock, type Stock } from './stock.js';
import { CUT_STYLES } from './styles.js';
import { wedges } from './ways.js';

const demo = demoCounter().filter(isCheese);
const block = (more: Partial<Stock> = {}): Stock => ({
  kind: 'box',
  height: 90,
  radius: 0,
  angle: 360,
  length: 140,
  width: 95,
  density: 1.08e-3,
  trim: 0,
  handle: false,
  rind: 0,
  top: true,
  bottom: true,
  ends: 1,
  ...more,
});
const wedge = (more: Partial<Stock> = {}): Stock =>
  block({ kind: 'sector', radius: 130, height: 100, angle: 40, ...more });
const sum = ({ pieces }: Division) => pieces.reduce((all, { count, volume }) => all + count * volume, 0);
const count = ({ pieces }: Division) => pieces.reduce((all, piece) => all + piece.count, 0);
const whatever = {
  radial: (s: Stock, k = 1) => radial(s, 6 * k),
  layered: (s: Stock, k = 1) => layered(s, 7 * k, 2, 2),
  coins: (s: Stock, k = 1) => coins(s, 10 / k),
};

describe('nothing is lost: pieces + trim + offcuts + loss are the whole, each reckoned by itself', () => {
  const asked = fc.record({
    cheese: fc.constantFrom(...demo),
    net: fc.integer({ min: 40, max: 2500 }),
    eaters: fc.integer({ min: 0, max: 120 }),
    trim: fc.constantFrom('eaten', 'cut off', 'handle', 'guest decides'),
  });
  test('for every cut that suits, of every cheese of the counter', () => {
    fc.assert(
      fc.property(asked, ({ cheese: c, net, eaters, trim }) => {
        const cheese = c.rind.mm < 3 ? { ...c, rind: { ...c.rind, verdict: trim as never } } : c;
        for (const style of CUT_STYLES.filter((row) => row.suits(cheese) > 0)) {
          const got = answer(style, cheese, net, eaters);
          const parts = got.net + got.trim + got.offcuts + got.handle + got.loss;
          expect(Math.abs(parts - got.gross)).toBeLessThanOrEqual(2e-3 * got.gross + 1e-6);
          for (const x of [got.net, got.trim, got.offcuts, got.handle, got.loss])
            expect(x).toBeGreaterThanOrEqual(0);
          expect(got.pieces).toBeGreaterThanOrEqual(0);
        }
      }),
      { numRuns: 60 },
    );
  });
  test('for every fold of every meat: net, casing and what stays on the slicer are what is bought', () => {
    for (const meat of demoCounter().filter(isMeat)) {
      const cut = meatCut(meat, { net: 300, eaters: 12 }, FOLDS[0]!, {
        byHand: false,
        reasons: [],
        others: [],
      });
      expect(cut.net + cut.trim + cut.loss).toBeCloseTo(cut.gross, 9);
      expect(cut.net / cut.gross).toBeCloseTo(edibleShare(meat), 12);
      expect(cut.trim > 0).toBe(meat.contents.casing !== 'none' && !meat.casingEaten);
    }
  });
  test('and a style gives the grams that it is asked for, to within a piece or what the wheel has', () => {
    for (const cheese of demo)
      for (const style of CUT_STYLES.filter((row) => row.suits(cheese) > 0)) {
        const got = answer(style, cheese, 300, 12);
        if (got.gross > 0.97 * cheese.form.grams) continue;
        const off = Math.abs(got.net - 300);
        const near = off <= Math.max(2 * got.piece.high, 30);
        expect({ id: cheese.id, style: style.id, off, near }).toMatchObject({ near: true });
      }
  });
});

// Source: solid geometry; worked by hand.
describe('closed forms', () => {
  test('a block of 140 x 95 x 90 in cubes near 18: 8 x 5 x 5, and nothing over', () => {
    const cubes = grid(block(), 18, 18, 18);
    expect(count(cubes)).toBe(200);
    expect(cubes.pieces).toHaveLength(1);
    expect(cubes.pieces[0]!.volume).toBeCloseTo((140 / 8) * 19 * 18, 6);
    expect(cubes.offcuts).toBe(0);
    expect(areaOf(cubes.pieces[0]!.outline)).toBeCloseTo((140 / 8) * 19, 6);
  });
  test('an eighth of a disc of 110 x 27 is an eighth of its volume, and runs from heart to rind', () => {
    const eight = radial(wedge({ radius: 55, height: 27, angle: 360 }), 8);
    expect(eight.pieces).toHaveLength(1);
    expect(eight.pieces[0]!.volume).toBeCloseTo((Math.PI * 55 ** 2 * 27) / 8, 6);
    expect(eight.heartToRind).toBe(true);
    // Four strokes across make eight wedges; of an odd number each goes to the middle.
    expect(eight.strokes).toHaveLength(4);
    for (const { from, to } of eight.strokes)
      expect([to[0], to[1]]).toEqual([expect.closeTo(-from[0], 6), expect.closeTo(-from[1], 6)]);
    const five = radial(wedge({ radius: 55, height: 27, angle: 360 }), 5).strokes;
    expect(five).toHaveLength(5);
    for (const { from } of five) expect(from).toEqual([0, 0]);
  });
  // A chord of a circle is 2 r sin(a / 2); what is rind of a round is what its paste leaves of it.
  test('a twelfth of a round is as wide at its back as the chord, and has its share of the rind', () => {
    const [twelfth] = radial(wedge({ radius: 100, height: 40, angle: 360, trim: 0, rind: 3 }), 12).pieces;
    expect(twelfth!.measures).toEqual([100, expect.closeTo(200 * Math.sin(Math.PI / 12), 6), 40]);
    expect(twelfth!.rind).toBeCloseTo(1 - (97 ** 2 * 34) / (100 ** 2 * 40), 6);
  });
  test('half a round in six: five strokes from its middle, 30 degrees apart', () => {
    const { strokes } = radial(wedge({ radius: 100, height: 40, angle: 180 }), 6);
    const degrees = strokes.map(({ from, to }) => {
      expect(from).toEqual([0, 0]);
      return (Math.atan2(to[1], to[0]) * 180) / Math.PI;
    });
    expect(degrees).toEqual([-60, -30, 0, 30, 60].map((angle) => expect.closeTo(angle, 6)));
  });
  test('the least box of a rectangle that lies askew is the rectangle, with the angle of its longer side', () => {
    for (const degrees of [0, 17, 35, 80, 101])
      for (const [a, b] of [
        [90, 40],
        [40, 90],
      ] as const) {
        const { long, short, turn } = leastBox(turned(rectangle(0, 0, a, b), degrees));
        expect([long, short]).toEqual([expect.closeTo(90, 6), expect.closeTo(40, 6)]);
        const along = a > b ? degrees : degrees + 90;
        expect(Math.abs(Math.sin(((turn - along) * Math.PI) / 180))).toBeLessThan(1e-6);
      }
  });
  test('a round in rings of cubes: each ring in as many parts as its middle line is cubes long', () => {
    const { pieces } = ringed(wedge({ radius: 100, height: 20, angle: 360, trim: 0 }), 20, 20, 20);
    const rings = [90, 70, 50].map((middle) => Math.round((2 * Math.PI * middle) / 20));
    expect(
      pieces
        .map(({ count }) => count)
        .sort((a, b) => b - a)
        .slice(0, 3),
    ).toEqual(rings);
  });
  // Common practice, no source: a wedge narrower than 13 mm at its back falls apart (docs/trade.md `cut/ways NARROWEST_MM`).
  test('a square of 100 mm is cut into no more wedges than its rim of 400 mm holds, however little is asked', () => {
    const square = block({ length: 100, width: 100, height: 30, ends: 2 });
    expect(count(wedges(1, 1)(square, 1))).toBe(Math.floor(400 / 13));
    expect(count(wedges(1, 1)(wedge({ radius: 50, height: 30, angle: 360, trim: 0 }), 1))).toBe(
      Math.floor((Math.PI * 100) / 13),
    );
  });
  test('eight triangles of a square by its diagonals weigh an eighth each', () => {
    const square = block({ length: 105, width: 105, height: 38, ends: 2 });
    const { pieces } = radial(square, 8);
    expect(pieces).toHaveLength(1);
    expect(pieces[0]!.volume).toBeCloseTo((105 * 105 * 38) / 8, 6);
  });
  test('a truncated pyramid of 75 with a top of half its width: 7/12 of the prism, in eight alike', () => {
    const pyramid = block({ kind: 'pyramid', length: 75, width: 75, height: 65 });
    expect(volumeOf(pyramid)).toBeCloseTo((7 / 12) * 75 ** 2 * 65, 6);
    expect(radial(pyramid, 8).pieces[0]!.volume).toBeCloseTo(((7 / 12) * 75 ** 2 * 65) / 8, 6);
  });
  test('coins of a log, triangles to and fro, and what comes off a rind', () => {
    const log = block({ kind: 'log', radius: 21, height: 107 });
    expect(count(coins(log, 10))).toBe(11);
    // A coin from the middle is rind only round its rim; a truncated pyramid fills (1 + t + t²) / 3 of its prism.
    const rinded = coins(block({ kind: 'log', radius: 21, height: 107, rind: 1 }), 10).pieces;
    expect(Math.min(...rinded.map(({ rind }) => rind))).toBeCloseTo(1 - (20 / 21) ** 2, 6);
    expect(PYRAMID_FILLS).toBeCloseTo(7 / 12, 12);
    expect(coins(log, 10).pieces[0]!.volume).toBeCloseTo((Math.PI * 21 ** 2 * 107) / 11, 6);
    const zig = zigzag(block({ height: 21, length: 136 }), 34, 7);
    expect(count(zig)).toBe(3 * (2 * 4 - 1 + 2));
    expect(sum(zig)).toBeCloseTo(136 * 95 * 21, 6);
    // Four triangles point each way: eight strokes to and fro, from one end to the other.
    expect(zig.strokes).toHaveLength(8);
    expect(zig.strokes.at(-1)!.to[0] - zig.strokes[0]!.from[0]).toBeCloseTo(136, 6);
    expect(shellOf(block({ kind: 'ball', radius: 30 }), 2)).toBeCloseTo(
      (4 / 3) * Math.PI * (30 ** 3 - 28 ** 3),
      6,
    );
    expect(shellOf(wedge(), 4)).toBeCloseTo((40 / 360) * Math.PI * (130 ** 2 * 100 - 126 ** 2 * 92), 6);
    expect(shellOf(block({ ends: 2 }), 3)).toBeCloseTo(140 * 95 * 90 - 134 * 89 * 84, 6);
  });
  test('the shell is the difference that two volumes leave, though it is reckoned otherwise', () => {
    for (const cheese of demo) {
      const stock = wholeStock(cheese);
      for (const off of [0.5, 2, 4].filter((mm) => 2 * mm < Math.min(stock.height, 60)))
        expect(shellOf(stock, off) / (volumeOf(stock) - volumeOf(stock, off))).toBeCloseTo(1, 3);
    }
  });
  // Pappus: a plane figure sweeps out its area times the way of its centre.
  test('rays on the side of a wedge give pieces of one weight, which are all of it', () => {
    const blue = wedge({ angle: 30 });
    const rays = sideRays(blue, 6);
    expect(sum(rays)).toBeCloseTo(volumeOf(blue), 0);
    for (const { volume } of rays.pieces) expect(volume / (volumeOf(blue) / 6)).toBeCloseTo(1, 6);
  });
});

describe('irregular pieces, against chance', () => {
  // Monte Carlo: points thrown into the box around a wedge; a hundred thousand agree to half a per cent.
  test('what cubes leave of a wedge', () => {
    const stock = wedge({ angle: 50, trim: 4, rind: 4 });
    const cubes = ringed(stock, 18, 18, 18);
    let seed = 7;
    const chance = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
    let [inside, thrown] = [0, 0];
    const radius = stock.radius - 4;
    for (; thrown < 100_000; thrown++) {
      const [x, y] = [chance() * radius, (chance() - 0.5) * 2 * radius];
      if (Math.hypot(x, y) <= radius && Math.abs(Math.atan2(y, x)) <= (25 * Math.PI) / 180) inside++;
    }
    const volume = (inside / thrown) * radius * 2 * radius * (100 - 8);
    expect((sum(cubes) + cubes.offcuts) / volume).toBeCloseTo(1, 1);
    expect(Math.abs((sum(cubes) + cubes.offcuts) / volume - 1)).toBeLessThan(0.01);
    expect(ringed(wedge({ angle: 12 }), 18, 18, 18).offcuts).toBeGreaterThan(0);
    expect(sum(cubes) / volume).toBeGreaterThan(0.8);
  });
  test('a polygon of an arc has the area of the round sector', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 359, noNaN: true }),
        fc.double({ min: 5, max: 300, noNaN: true }),
        (angle, r) => {
          expect(areaOf(sector(r, 0, angle)) / ((angle / 360) * Math.PI * r * r)).toBeCloseTo(1, 9);
          // Centre of a sector: 4 R sin(θ/2) / 3θ from its point.
          const half = (angle * Math.PI) / 360;
          if (angle < 180)
            expect(Math.hypot(...centreOf(sector(r, 0, angle)))).toBeCloseTo(
              (2 * r * Math.sin(half)) / (3 * half),
              0,
            );
        },
      ),
    );
  });
});

describe('laws', () => {
  test('when every length scales, the sizes of the cut too, volumes scale with its cube', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.4, max: 3, noNaN: true }), (k) => {
        const big = (stock: Stock): Stock => ({
          ...stock,
          height: stock.height * k,
          radius: stock.radius * k,
          length: stock.length * k,
          width: stock.width * k,
          trim: stock.trim * k,
          rind: stock.rind * k,
        });
        const pairs: [Division, Division][] = [
          [whatever.radial(wedge()), whatever.radial(big(wedge()))],
          [whatever.layered(wedge({ trim: 3 })), whatever.layered(big(wedge({ trim: 3 })))],
          [grid(block({ trim: 2 }), 18, 18, 18), grid(big(block({ trim: 2 })), 18 * k, 18 * k, 18 * k)],
          [ringed(wedge(), 18, 18, 18), ringed(big(wedge()), 18 * k, 18 * k, 18 * k)],
          [zigzag(block(), 34, 7), zigzag(big(block()), 34 * k, 7 * k)],
          [sideRays(wedge(), 5), sideRays(big(wedge()), 5)],
          [whole(block()), whole(big(block()))],
        ];
        for (const [one, other] of pairs) {
          expect(sum(other) / sum(one)).toBeCloseTo(k ** 3, 6);
          expect(count(other)).toBe(count(one));
          if (one.trim > 0) expect(other.trim / one.trim).toBeCloseTo(k ** 3, 6);
          if (one.offcuts > 0) expect(other.offcuts / one.offcuts).toBeCloseTo(k ** 3, 6);
        }
      }),
      { numRuns: 40 },
    );
  });
  test('a rim left on as a handle is weighed and not eaten: a shell of the rim, on every piece alike', () => {
    const [firm] = demo.filter(({ id }) => id === 'hare-fell');
    const cheese = {
      ...firm!,
      rind: { kind: 'natural' as const, mm: 4 as never, verdict: 'handle' as const },
    };
    const off = { ...cheese, rind: { ...cheese.rind, verdict: 'cut off' as const } };
    const style = CUT_STYLES.find(({ id }) => id === 'long triangles')!;
    const [left, bare] = [answer(style, cheese, 400, 20), answer(style, off, 400, 20)];
    const { radius, height, angle, density } = left.stock;
    const shell = (angle / 360) * Math.PI * (radius ** 2 - (radius - 4) ** 2) * (height - 8) * density;
    expect(left.handle).toBeCloseTo(shell, 6);
    // As much is eaten, and as much has to be bought: only what is in the bin and what is on the plate differ.
    expect(left.net / left.gross).toBeCloseTo(bare.net / bare.gross, 2);
    expect(left.handle + left.trim).toBeCloseTo(bare.trim, -1);
    expect(left.piece.mean).toBeGreaterThan(bare.piece.mean);
    // A cube has no rim to hold: there it comes off all round.
    expect(
      answer(
        CUT_STYLES.find(({ id }) => id === 'cubes')!,
        cheese,
        400,
        20,
      ).handle,
    ).toBe(0);
  });
  test('radial cuts are fair: each piece’s share of rind is within 5 % of the mean', () => {
    const round = (n: number, r: number, h: number, rind: number) =>
      radial(wedge({ radius: r, height: h, angle: 360, rind }), n);
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 24 }).map((n) => 2 * n),
        fc.integer({ min: 25, max: 300 }),
        fc.integer({ min: 20, max: 150 }),
        fc.double({ min: 0.5, max: 5, noNaN: true }),
        (n, r, h, rind) => {
          const { pieces } = round(n, r, h, rind);
          const mean = pieces.reduce((all, p) => all + p.rind * p.count, 0) / n;
          for (const piece of pieces) expect(Math.abs(piece.rind / mean - 1)).toBeLessThan(0.05);
          // The shell over the whole, by closed form.
          const paste = ((r - rind) / r) ** 2 * ((h - 2 * rind) / h);
          expect(mean).toBeCloseTo(1 - paste, 2);
        },
      ),
    );
  });
  test('of squares and layers the spread of rind is shown, not hidden', () => {
    const layers = layered(wedge({ rind: 2 }), 6, 2);
    const rinds = layers.pieces.map(({ rind }) => rind);
    expect(Math.max(...rinds)).toBeGreaterThan(1.5 * Math.min(...rinds));
  });
  test('a wedge of the wheel has the angle that its weight asks', () => {
    const cheese = aCheese('w', { form: { shape: 'wheel', grams: 3600, diameter: 200, height: 105 } });
    expect(stockOf(cheese, 600).angle).toBeCloseTo(60, 9);
    expect(volumeOf(stockOf(cheese, 600)) * stockOf(cheese, 600).density).toBeCloseTo(600, 6);
  });
});

test('a piece of absurd measures is cut in no time, and into finite pieces', () => {
  // One of each shape and texture: what a cut asks of its cheese.
  const each = new Map(demo.map((cheese) => [`${cheese.form.shape} ${cheese.texture}`, cheese]));
  for (const cheese of each.values())
    for (const mm of [1e-6, 0.1, 1e9])
      for (const key of ['diameter', 'height', 'length', 'width'] as const) {
        if (cheese.form[key] === null) continue;
        const odd = { ...cheese, form: { ...cheese.form, [key]: mm as never } };
        for (const style of CUT_STYLES.filter((row) => row.suits(odd) > 0)) {
          const got = answer(style, odd, 300, 12);
          expect([got.net, got.gross, got.piece.mean].every(Number.isFinite)).toBe(true);
          // A bounded number of kinds: a loop over every millimetre of a thousand kilometres would never end.
          expect(got.division.pieces.length).toBeLessThan(2000);
        }
      }
});
