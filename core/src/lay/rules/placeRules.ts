import type { Millimetres } from '../../units/index.js';
import { insideOf } from '../geometry.js';
import type { Thing } from '../thing.js';
import { bearing, handTo, insideBy, over, turnBetween, type Ground, type Placed } from './placed.js';
import { REACH } from '../reach.js';

interface PlaceRuleRow {
  readonly good: string;
  readonly gap: Millimetres;
}

declare module '../../units/reason.js' {
  interface Rules {
    'over-the-rim': PlaceRuleRow;
    'rolls-near-the-rim': PlaceRuleRow;
    'bowl-at-the-rim': PlaceRuleRow;
    'jam-far-from-the-rim': PlaceRuleRow;
    'against-the-walk': PlaceRuleRow;
    'out-of-reach': PlaceRuleRow;
    'face-turned-away': PlaceRuleRow;
  }
}

export type PlaceRuleId =
  | 'over-the-rim'
  | 'rolls-near-the-rim'
  | 'bowl-at-the-rim'
  | 'jam-far-from-the-rim'
  | 'against-the-walk'
  | 'out-of-reach'
  | 'face-turned-away';

export interface PlaceRule {
  readonly rule: PlaceRuleId;
  readonly hard: boolean;
  readonly cost: (a: Placed, ground: Ground) => number;
}

/** Distance from the rim in mm at which what rolls is safe (docs/trade.md `lay/rules/placeRules ROLLS_WITHIN`). */
const ROLLS_WITHIN = { still: 40, carried: 80 };
const BOWL = 20;
/** A rim so high keeps in what rolls. House's own figure. */
const HOLDS_IN = 8;
/** Jam and honey near an edge: no further in than this. House's own figure. */
const NEAR_EDGE = 110;
/** A patch gives way at the rim as it does to its neighbours. */
const [PATCH_OVER, GIVES] = [0.35, 0.3];
/** Distance inside the rim that a whole thing keeps, mm. House's own figure. */
const CLEAR = 2;

/** Angle past the nearest guest at which a face is seen yet, degrees. House's own figure. */
const FACES = 35;
/** In the middle of a board no side is outwards, mm. House's own figure. */
const MIDDLE_MM = 40;

/** In which direction the nearest guest stands, degrees clockwise from the top; null: all round alike. */
function guestOf({ x, y }: Placed, { sides }: Ground): number | null {
  if (sides === 1) return 180;
  if (sides === 2) return Math.abs(y) < MIDDLE_MM ? null : y > 0 ? 180 : 0;
  return Math.hypot(x, y) < MIDDLE_MM ? null : bearing(x, y);
}

/** How far a thing keeps inside the rim: a patch gives way and is grown inside it, of a knife only the blade counts. */
function keepsInside(a: Placed, ground: Ground): number {
  if (a.thing.lies === 'patch') return insideBy(a, ground) + PATCH_OVER * a.discs[0]!.r;
  // The blade is the first half of its row of discs.
  if (a.thing.traits.kind === 'tool')
    return insideOf(ground.board, a.discs.slice(0, Math.ceil(a.discs.length / 2)));
  return insideBy(a, ground) - CLEAR;
}

/** Distance inside the rim at which a thing that rolls is kept; 0: it does not roll, or the rim holds it. mm */
export const rimRoom = ({ traits }: Thing, { board, carried }: Ground): number =>
  traits.rolls && board.rim < HOLDS_IN ? (carried ? ROLLS_WITHIN.carried : ROLLS_WITHIN.still) : 0;

export const PLACE_RULES: readonly PlaceRule[] = [
  {
    rule: 'over-the-rim',
    hard: true,
    cost: (a, ground) => over(-keepsInside(a, ground)) / 8,
  },
  {
    rule: 'rolls-near-the-rim',
    hard: true,
    cost: (a, ground) => {
      const room = rimRoom(a.thing, ground);
      // A patch is grown away from the rim; its disc may come nearer than its edge will.
      const gives = a.thing.lies === 'patch' ? GIVES * a.discs[0]!.r : 0;
      return room === 0 ? 0 : over(room - insideBy(a, ground) - gives) / 20;
    },
  },
  {
    rule: 'bowl-at-the-rim',
    hard: true,
    cost: (a, ground) =>
      a.thing.lies === 'vessel' && ground.board.rim < HOLDS_IN ? over(BOWL - insideBy(a, ground)) / 10 : 0,
  },
  {
    // So that it does not drip across.
    rule: 'jam-far-from-the-rim',
    hard: false,
    cost: (a, ground) =>
      a.thing.traits.drips ? Math.min(1, over(insideBy(a, ground) - NEAR_EDGE) / 120) : 0,
  },
  {
    rule: 'against-the-walk',
    hard: false,
    // Meats in a pattern of their own leave it.
    cost: (a, { schools }) =>
      a.towards === null || (a.thing.traits.kind === 'meat' && schools.meats !== 'as they go')
        ? 0
        : over(turnBetween(bearing(a.x, a.y), a.towards) - 10) / 30,
  },
  {
    // Whole pieces stand with the cut face outwards: guests see what is in it.
    rule: 'face-turned-away',
    hard: false,
    cost: (a, ground) => {
      const { face } = a.thing.traits;
      const guest = face === null ? null : guestOf(a, ground);
      return face === null || guest === null
        ? 0
        : Math.min(1, over(turnBetween(a.turn + face, guest) - FACES) / 120);
    },
  },
  {
    rule: 'out-of-reach',
    hard: false,
    cost: (a, ground) => (a.thing.traits.kind === 'tool' ? 0 : over(handTo(a, ground) - REACH) / 100),
  },
];
