import type { Companion } from '../counter/index.js';
import type { Grams } from '../units/index.js';
import type { Bell } from './bells.js';
import type { BoardChoice, Part } from './choices.js';
import type { Fill } from './fill.js';
import type { Garnish } from './garnish.js';
import type { Judgement } from './judgement.js';
import type { LayQuestion } from './question.js';
import type { SurfaceFact } from './surfaces.js';
import type { Thing } from './thing.js';

/** One of the boards of an order, with what lies on it. */
export interface LaidBoard extends Part {
  readonly things: readonly Thing[];
  /** Over what smells, where something delicate lies on the same board. */
  readonly bells: readonly Bell[];
  /** With its food, vessels and knives. */
  readonly weight: Grams;
  readonly facts: readonly SurfaceFact[];
  /** What the search is asked; null: nothing lies on it. */
  readonly question: LayQuestion | null;
  /** As it was kept, judged anew; null: the search has yet to find a place for something. */
  readonly kept: Judgement | null;
}

/** A way to lay it, and what it would cost to fill it as the manner asks. */
export type PricedChoice = BoardChoice & { readonly fill: Fill };

/** All boards of an order, and every way there was to lay it. */
export interface LaidBoards {
  /** The best ways, the best first, and the one that is taken. */
  readonly choices: readonly PricedChoice[];
  readonly choice: PricedChoice | null;
  /** The boards that differ; `choice.many` of each are alike. */
  readonly laid: readonly LaidBoard[];
  /** Bread and crackers that stand at a station of their own. */
  readonly apart: readonly Companion[];
  /** Baked in a dish of their own that stands between boards that are alike: there are fewer of them than boards. */
  readonly between: readonly Thing[];
  readonly garnish: readonly Garnish[];
}
