import { chance } from '../units/index.js';
import type { Board } from './boards.js';
import { discsOf, movedDiscs, patchDisc, type Disc } from './geometry.js';
import type { Ground, Placed } from './rules/index.js';
import type { LaySchools } from './schools.js';
import type { Thing } from './thing.js';

/** Where something was put by hand: it stays there. mm from the middle, degrees. */
export interface Pin {
  readonly x: number;
  readonly y: number;
  readonly turn: number;
}

export interface LayQuestion {
  readonly things: readonly Thing[];
  readonly board: Board;
  readonly carried: boolean;
  readonly sides: 1 | 2 | 4;
  /** Guests dislike food that touches. */
  readonly apart: boolean;
  readonly schools: LaySchools;
  /** Where each step of the walk stands, degrees clockwise from the top, by id. */
  readonly towards: Readonly<Record<string, number>>;
  readonly pins: Readonly<Record<string, Pin>>;
  readonly seed: number;
  /** Moves that are tried; a limit in steps, so the same question has the same answer everywhere. */
  readonly steps: number;
}

/** How the board of a question is met. */
export const groundOf = ({ board, carried, sides, apart, schools }: LayQuestion): Ground => ({
  board,
  carried,
  sides,
  apart,
  schools,
});

const shapeOf = (thing: Thing): Disc[] =>
  thing.lies === 'patch' ? [patchDisc(thing.area)] : discsOf(thing.outline);

/** From a bearing, degrees clockwise from the top, and a distance from the middle, to a place. */
function onRing(board: Board, degrees: number, out: number): readonly [number, number] {
  const a = ((degrees - 90) * Math.PI) / 180;
  return [
    (Math.cos(a) * out * board.length) / 2,
    (Math.sin(a) * out * (board.round ? board.length : board.width)) / 2,
  ];
}

/** A first layout: the walk round the rim, everything else beside what it goes with. */
export function begin({ things, board, towards, pins, seed }: LayQuestion): {
  placed: Placed[];
  shapes: Disc[][];
} {
  const random = chance(seed);
  const shapes = things.map(shapeOf);
  const placed: Placed[] = [];
  things.forEach((thing, i) => {
    const pin = pins[thing.id];
    const step = towards[thing.id] ?? null;
    const friend = placed.find((other) => thing.beside.includes(other.thing.id));
    const [x, y] = pin
      ? [pin.x, pin.y]
      : step !== null
        ? onRing(board, step, 0.6)
        : friend
          ? [friend.x * 0.55 + 40 * (random() - 0.5), friend.y * 0.55 + 40 * (random() - 0.5)]
          : onRing(board, 360 * random(), 0.4 * random());
    const turn = pin?.turn ?? step ?? 0;
    placed.push({
      thing,
      x,
      y,
      turn,
      discs: movedDiscs(shapes[i]!, x, y, turn),
      towards: step,
      pinned: pin !== undefined,
    });
  });
  return { placed, shapes };
}
