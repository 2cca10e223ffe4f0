import { grams, reason, type Grams, type Reason } from '../units/index.js';
import type { Answer } from './answer.js';
import type { FoldId, FoldPlan } from './folds.js';
import type { KnifeId, ToolId } from './knives.js';
import type { Polygon } from './plane.js';
import type { CutStyleId } from './style.js';
import type { WheelCut } from './wheel.js';

declare module '../units/reason.js' {
  interface Rules {
    'too-few-pieces': { pieces: number; eaters: number; piece: Grams };
  }
}

/** What a cut is asked for: grams to be eaten, and by how many. */
export interface CutRequest {
  readonly net: number;
  readonly eaters: number;
}

export interface Cut {
  readonly goodId: string;
  readonly styleId: CutStyleId | FoldId;
  readonly look: string;
  /** The blade behind the counter, and what guests take it with. */
  readonly knife: KnifeId;
  readonly serving: ToolId;
  /** g; net + trim + offcuts + handle + loss = gross, each reckoned by itself. */
  readonly net: number;
  readonly gross: number;
  /** What leaves the counter's piece for it: the gross weight, or the least wedge that is cut of a wheel. */
  readonly taken: number;
  readonly trim: number;
  readonly offcuts: number;
  /** Rind left on as a handle: weighed, not eaten. */
  readonly handle: number;
  readonly loss: number;
  readonly pieces: number;
  readonly pieceGrams: number;
  /** Lightest and heaviest piece, g; of what is broken by hand the usual range. */
  readonly range: { readonly low: number; readonly high: number };
  /** Broken by hand: means stand for pieces. */
  readonly estimated: boolean;
  /** Straight measures of a piece, the longest first, mm. */
  readonly measures: readonly [number, number, number];
  /** Share of a piece that is rind, over its kinds. */
  readonly rind: { readonly low: number; readonly mean: number; readonly high: number };
  readonly heartToRind: boolean;
  /** A piece as it lies: outline about its centre, and how high. */
  readonly outline: Polygon;
  readonly height: number;
  /** Meats only: the slice. */
  readonly sliceMm: number | null;
  readonly fold: FoldPlan | null;
  /** Cheeses only: what is divided, and how often. */
  readonly answer: Answer | null;
  readonly wheel: WheelCut | null;
  /** Unwrapping, trimming and cutting, by practised hands, s. */
  readonly seconds: number;
  /** It stands whole, and guests cut from it. */
  readonly whole: boolean;
  readonly byHand: boolean;
  readonly reasons: readonly Reason[];
  /** Other cuts that suit, the usual first, for changing it by hand. */
  readonly others: readonly (CutStyleId | FoldId)[];
}

/** What is known of a cut before its geometry: who chose it, why, and what else suits. */
export type Frame = Pick<Cut, 'byHand' | 'others'> & { readonly reasons: readonly Reason[] };

/** Unwrap, check and weigh a good, seconds (docs/trade.md `cut/cut START_SECONDS`). */
export const START_SECONDS = 90;

/** Fewer pieces than guests who eat of it. */
export function fewReasons(pieces: number, request: CutRequest, piece: number, subject: string): Reason[] {
  const eaters = Math.ceil(request.eaters);
  return pieces < eaters
    ? [
        reason(
          'too-few-pieces',
          { pieces, eaters, piece: grams(piece) },
          { subject, effect: pieces - eaters },
        ),
      ]
    : [];
}

/** It comes hot from the oven, and is not cut before. */
export const isBaked = ({ styleId }: Pick<Cut, 'styleId'>): boolean => styleId === 'baked whole';
