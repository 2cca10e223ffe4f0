import { expect, test } from '@jest/globals';
import type { Board, Layout, Thing } from '@rotula/core';
import { viewOf } from './viewOf';

const BOARD = { length: 400, width: 300, round: false } as Board;
const knife = {
  id: 'k',
  outline: [
    [-20, -100],
    [20, -100],
    [20, 100],
    [-20, 100],
  ],
  traits: { kind: 'tool' },
} as unknown as Thing;
const viewed = (x: number, y: number, turn: number, thing = knife) =>
  viewOf(BOARD, { placed: [{ id: 'k', x, y, turn }] } as unknown as Layout, [thing])
    .split(' ')
    .map((mm) => Math.round(Number(mm)));

// Geometry: a handle of 100 mm beyond the middle of its knife, with 6 mm beyond it; 16 mm elsewhere.
test('the view holds the board and, on each side, the handle that stands over the rim there', () => {
  const usual = [-216, -166, 432, 332];
  expect(viewed(0, 0, 0)).toEqual(usual);
  expect(viewed(0, 120, 0)).toEqual([-216, -166, 432, 392]);
  expect(viewed(-180, 0, 90)).toEqual([-286, -166, 502, 332]);
  expect(viewed(0, 120, 90)).toEqual(usual);
  expect(viewed(0, 120, 0, { ...knife, traits: { kind: 'cheese' } } as Thing)).toEqual(usual);
});
