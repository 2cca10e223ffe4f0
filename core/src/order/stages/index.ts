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

/** Those with a screen, in the order of the strip. */
export const inStrip = (stages: readonly AnyStage[] = STAGES): AnyStage[] =>
  stages.filter(({ place }) => place !== null).sort((a, b) => a.place! - b.place!);

/**
 * The stages with each after those that it reads.
 * @throws RangeError when a stage reads one that is not there, or two read each other
 */
export function inReadingOrder(stages: readonly AnyStage[]): AnyStage[] {
  const done: AnyStage[] = [];
  let left = [...stages];
  while (left.length > 0) {
    const ready = left.filter(({ reads }) => reads.every((id) => done.some((row) => row.id === id)));
    if (ready.length === 0)
      throw new RangeError(
        `these stages read each other, or one that is not there: ${left.map((row) => row.id).join(', ')}`,
      );
    done.push(...ready);
    left = left.filter((row) => !ready.includes(row));
  }
  return done;
}
