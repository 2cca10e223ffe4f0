import fc from 'fast-check';
import type { Board, Thing } from './index.js';
import { piecesIn } from './pieces.js';

const CELL = 5;
const BOARD: Board = {
  id: 'b',
  name: 'board',
  material: 'wood',
  length: 400,
  width: 300,
  round: false,
  rim: 0,
  thick: 20,
  count: 1,
};
const thing = (pieces: number, half = 4): Thing =>
  ({
    pieces,
    outline: [
      [-half, -half],
      [half, -half],
      [half, half],
      [-half, half],
    ],
  }) as unknown as Thing;

/** A bent patch: two arms of 60 mm along two sides of the board. */
const bent: [number, number][] = [];
for (let x = -180; x < 180; x += CELL)
  for (let y = -140; y < 140; y += CELL) if (x < -120 || y < -80) bent.push([x, y]);
const AREA = bent.length * CELL * CELL;

describe('the pieces of a patch', () => {
  test('lie evenly: cells are on the average hardly further from a piece than in a honeycomb, the best there is', () => {
    fc.assert(
      fc.property(fc.integer({ min: 8, max: 60 }), fc.integer(), (many, seed) => {
        const pieces = piecesIn(thing(many), bent, CELL, BOARD, seed);
        expect(pieces).toHaveLength(many);
        const far2 = bent.map(([x, y]) => Math.min(...pieces.map((p) => (p.x - x) ** 2 + (p.y - y) ** 2)));
        const mean = far2.reduce((sum, d) => sum + d, 0) / far2.length;
        // Second moment of the hexagonal lattice, 5 / (36 √3) a dimension (Conway and Sloane, Sphere Packings, table 2.3).
        const honeycomb = ((2 * 5) / (36 * Math.sqrt(3))) * (AREA / many);
        expect(mean).toBeLessThan(1.45 * honeycomb);
      }),
      { numRuns: 30 },
    );
  });

  test('lie on the patch, in its bend too, and none hangs over the rim', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.integer(), (many, seed) => {
        for (const { x, y } of piecesIn(thing(many), bent, CELL, BOARD, seed))
          expect(Math.min(...bent.map(([cx, cy]) => Math.hypot(cx - x, cy - y)))).toBeLessThan(2 * CELL);
        for (const { x, y } of piecesIn(thing(many, 40), bent, CELL, BOARD, seed)) {
          expect(Math.abs(x)).toBeLessThan(200 - 28);
          expect(Math.abs(y)).toBeLessThan(150 - 28);
        }
      }),
      { numRuns: 30 },
    );
  });

  test('are no more than there are, and the same for the same seed', () => {
    expect(piecesIn(thing(5), bent, CELL, BOARD, 3)).toEqual(piecesIn(thing(5), bent, CELL, BOARD, 3));
    expect(piecesIn(thing(5), bent.slice(0, 3), CELL, BOARD, 3)).toHaveLength(3);
    expect(piecesIn(thing(5), [], CELL, BOARD, 3)).toEqual([]);
  });
});
