import { differenceCiede2000, modeLab65, modeRgb, useMode as register } from 'culori/fn';
import { memoised } from '../../units/index.js';
import type { Board } from '../boards.js';
import { insideOf, type Disc } from '../geometry.js';
import type { LaySchools } from '../schools.js';
import type { Thing } from '../thing.js';

/** A thing where it lies: its middle, its turn, and the discs that it takes there. */
export interface Placed {
  readonly thing: Thing;
  x: number;
  y: number;
  turn: number;
  discs: readonly Disc[];
  /** Where on the rim its step of the walk stands, degrees clockwise from the top; null: it has none. */
  readonly towards: number | null;
  readonly pinned: boolean;
}

/** How a board is met. */
export interface Ground {
  readonly board: Board;
  /** Carried things must not roll. */
  readonly carried: boolean;
  /** Sides that hands come from. */
  readonly sides: 1 | 2 | 4;
  /** Guests who dislike food that touches. */
  readonly apart: boolean;
  readonly schools: LaySchools;
}

/** A difference that is plainly seen (docs/trade.md `lay/rules/placed SEEN_APART`: 20 and more by CIEDE2000). */
export const SEEN_APART = 20;

// Only what is measured in: the whole library knows thirty spaces.
register(modeRgb);
register(modeLab65);
const difference = differenceCiede2000();
// By each by itself: the search asks a million times, and a key of both would be made each time.
const gapsFrom = memoised((a: string) => memoised((b: string): number => difference(a, b)));
/** How far two colours lie apart for the eye, by CIEDE2000 (ISO/CIE 11664-6). */
export const colourGap = (a: string, b: string): number => (a < b ? gapsFrom(a)(b) : gapsFrom(b)(a));

export const over = (x: number): number => (x > 0 ? x : 0);

/** Degrees clockwise from the top, as it is seen. */
export const bearing = (x: number, y: number): number => ((Math.atan2(x, -y) * 180) / Math.PI + 360) % 360;
export const turnBetween = (a: number, b: number): number => Math.abs(((((a - b) % 360) + 540) % 360) - 180);

const depthOf = ({ round, length, width }: Board): number => (round ? length : width);

/** From a thing to the nearest hand: the guest stands below; where they come from more sides, the nearest counts. mm */
export function handTo(
  { x, y }: { readonly x: number; readonly y: number },
  { board, sides }: Pick<Ground, 'board' | 'sides'>,
): number {
  const deep = depthOf(board);
  const [front, side] = [deep / 2 - y, board.length / 2 - Math.abs(x)];
  if (sides === 1) return front;
  const ends = Math.min(front, deep - front);
  return sides === 4 ? Math.min(ends, side) : ends;
}

/** How far inside the edge a thing lies. mm */
export const insideBy = (a: Placed, { board }: Ground): number => insideOf(board, a.discs);
