import { briefStage, type BriefPart } from './brief.js';
import { clockStage, type ClockPart } from './clock.js';
import { cutStage, type CutPart } from './cut.js';
import { documentStage } from './document.js';
import { layStage, type LayPart } from './lay.js';
import { menuStage } from './menu.js';
import { pairStage, type PairPart } from './pair.js';
import { pickStage, type PickPart } from './pick.js';
import { portionStage, type PortionPart } from './portion.js';
import type { AnyStage } from './row.js';
import { tableStage, type TablePart } from './table.js';
import { walkStage, type WalkPart } from './walk.js';

export {
  stage,
  type AnyStage,
  type Ground,
  type Line,
  type Parts,
  type Row,
  type Stage,
  type StageId,
  type Summary,
} from './row.js';

/** The stages of an order. A new one is a folder with its computation, a row beside these, and a line here. */
export const STAGES: readonly AnyStage[] = [
  documentStage,
  briefStage,
  pickStage,
  portionStage,
  cutStage,
  pairStage,
  walkStage,
  layStage,
  clockStage,
  menuStage,
  tableStage,
];

/** What the stages derive, laid side by side. */
export type StageParts = BriefPart &
  PickPart &
  PairPart &
  PortionPart &
  CutPart &
  WalkPart &
  LayPart &
  ClockPart &
  TablePart;
