import type { BuildStep, LaidBoard } from '@rotula/core';
import type { Laid } from './useLaid';

/** The board that is looked at, as it is laid, and which of its things has the eye. */
export interface OnBoard {
  readonly board: LaidBoard;
  readonly laid: Laid;
  readonly focus: string | null;
  readonly onFocus: (id: string | null) => void;
}

/** The step of building that is shown; null: all of it. */
export interface Building {
  readonly step: BuildStep | null;
  readonly onStep: (step: BuildStep | null) => void;
}
