export * from './snapshot.js';
export * from './order.js';
export * from './title.js';
export { briefFingerprint } from './fingerprint.js';
export * from './merge.js';
export * from './history.js';
export * from './plan.js';
export {
  inReadingOrder,
  inStrip,
  stage,
  STAGES,
  type AnyStage,
  type Ground,
  type Line,
  type Parts,
  type Stage,
  type StageId,
  type Summary,
} from './stages/index.js';
export * from './planOut.js';
export * from './preview.js';
export * from './moves.js';
// Their rules belong to the union of reasons, though their functions stay here.
export type * from './boardAdvice.js';
export type * from './changedCautions.js';
export type * from './nextLots.js';
export * from './holdBack.js';
export * from './lensReading.js';
export { besideSteps, type BesideStep } from './besideSteps.js';
