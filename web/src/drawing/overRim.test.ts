import { expect, test } from '@jest/globals';
import type { Board, Layout, Thing } from '@rotula/core';
import { overRim } from './overRim';

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
const at = (x: number, y: number, turn: number) =>
  ({ placed: [{ id: 'k', x, y, turn }] }) as unknown as Layout;

// Geometry: a handle of 100 mm beyond the middle of its knife.
test('a handle stands over the rim by what it reaches beyond it, whichever way it is turned', () => {
  expect(overRim(BOARD, at(0, 0, 0), [knife])).toBe(0);
  expect(overRim(BOARD, at(0, 120, 0), [knife])).toBeCloseTo(70, 6);
  expect(overRim(BOARD, at(-180, 0, 90), [knife])).toBeCloseTo(80, 6);
  expect(overRim(BOARD, at(0, 120, 90), [knife])).toBe(0);
  expect(overRim(BOARD, at(0, 120, 0), [{ ...knife, traits: { kind: 'cheese' } } as Thing])).toBe(0);
});
