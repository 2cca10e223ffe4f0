import { briefStage } from '../brief/stage.js';
import { clockStage } from '../clock/stage.js';
import { cutStage } from '../cut/stage.js';
import { layStage } from '../lay/stage.js';
import { pairStage } from '../pair/stage.js';
import { pickStage } from '../pick/stage.js';
import { portionStage } from '../portion/stage.js';
import type { AnyStage, Parts, StageId } from '../stage/index.js';
import { tableStage } from '../plate/stage.js';
import { walkStage } from '../walk/stage.js';

/** The stages of an order. A new one is a folder with its computation, and a line here. */
export const STAGES: readonly AnyStage[] = [
  briefStage,
  pickStage,
  portionStage,
  cutStage,
  pairStage,
  walkStage,
  layStage,
  clockStage,
  tableStage,
];

type Whole<P> = (P extends unknown ? (part: P) => void : never) extends (whole: infer W) => void ? W : never;

/** What the stages derive, laid side by side. */
export type StageParts = Whole<Parts[StageId]>;
