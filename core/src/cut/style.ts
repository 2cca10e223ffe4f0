import type { Cheese } from '../counter/index.js';
import type { Division } from './division/index.js';
import type { KnifeId, ToolId } from './knives.js';
import type { Stock } from './stock.js';

/** What lies on the board after the cut, as the eye sees it; no two cheeses should look alike. */
export type CutLook =
  | 'whole'
  | 'pearl'
  | 'wedge'
  | 'coin'
  | 'triangle'
  | 'cube'
  | 'slice'
  | 'chunk'
  | 'nugget'
  | 'baton'
  | 'crumble'
  | 'spoonful';

export type CutStyleId =
  | 'lid off'
  | 'spooned'
  | 'opened whole'
  | 'baked whole'
  | 'pearls'
  | 'coins'
  | 'tip wedges'
  | 'first wedge out'
  | 'centre wedges'
  | 'nose to rind slices'
  | 'diagonal triangles'
  | 'long triangles'
  | 'zig-zag slices'
  | 'cubes'
  | 'fanned slices'
  | 'batons'
  | 'rough chunks'
  | 'nuggets'
  | 'crumbled blue'
  | 'small blue wedges'
  | 'spread blue'
  | 'dice'
  | 'slabs'
  | 'broken';

export interface CutStyle {
  readonly id: CutStyleId;
  readonly look: CutLook;
  readonly knife: KnifeId;
  /** What guests take it with. */
  readonly serving: ToolId;
  /** 0 never, 1 at a pinch, 2 well, 3 the usual cut. */
  readonly suits: (cheese: Cheese) => 0 | 1 | 2 | 3;
  /** Nobody's usual cut: only where the good comes hot from the oven. */
  readonly forHeat?: boolean;
  /** It stands whole, and guests cut from it. */
  readonly whole?: boolean;
  /** Every piece ends at the rim, so that a rim that is left on is a handle. */
  readonly handle?: boolean;
  /** Weight of a piece that is aimed at, g. */
  readonly piece: number;
  /** Of what is cut, the share that stays on knife, wire, board and fingers. Common practice, no source. */
  readonly loss: number;
  /** Work of one piece, seconds, by practised hands (docs/trade.md `cut/styles CUT_STYLES`). */
  readonly seconds: number;
  /** The stock cut so that a piece weighs about what is asked. */
  readonly divide: (stock: Stock, grams: number) => Division;
}
