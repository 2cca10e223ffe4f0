export { type SnapshotChange } from './snapshot.js';
export {
  counterFile,
  CounterFile,
  Cutting,
  type Weighing,
  CounterHead,
  MOST_EXTRAS,
  MOST_MAINS,
  NewOrder,
  Order,
  OrderBody,
  OrderFile,
  OrderId,
  PickRequest,
  PlanRequest,
  orderFile,
} from './order.js';
export { DRINKS_COME, MOST_DESSERTS, ORDER_STATES } from './states.js';
export { weighedOf } from './weighed.js';
export { ORDER_FORMAT } from './format.js';
export { defaultTitle } from './title.js';
export { type SumRow, type SumRowId, sumRows } from './sumRows.js';
export { briefFingerprint } from './fingerprint.js';
export {
  type Side,
  type StageName,
  mergeByStage,
  proposedSides,
  sameOrder,
  stageDifferences,
} from './merge.js';
export { ofItsKind } from './sameKind.js';
export { type History, did, redo, startHistory, undo } from './history.js';
export { type Advice, type Plan, plan } from './plan.js';
export { groundOf } from './ground.js';
export { readPlan, writtenPlan } from './sentPlan.js';
export {
  stage,
  STAGES,
  type AnyStage,
  type Ground,
  type Line,
  type Parts,
  type Stage,
  type Row,
  type StageId,
  type Summary,
} from './stages/index.js';
export { inReadingOrder, inStrip, ROW_LIST, ROWS } from './rows.js';
export { foundOut, planOut, type PlanOut } from './planOut.js';
export { type Preview, type VitalFigures, previewOf, vitalFigures } from './preview.js';
export { settledOrder } from './settled.js';
export {
  addByHand,
  addExtra,
  bringBack,
  dropExtra,
  putBack,
  takeOff,
  leaveOut,
  refreshed,
  swap,
  takeLot,
  takeProposal,
  toggleLock,
} from './moves.js';
// Their rules belong to the union of reasons, though their functions stay here.
export type * from './boardAdvice.js';
export type * from './changedCautions.js';
export type * from './clockAdvice.js';
export type * from './layAdvice.js';
export type * from './nextLots.js';
export { aimedAt, makeUp, overSoFar, setPortion, unweigh, weigh } from './weigh.js';
export { overOf, type Goes, type Over } from './over.js';
export { repairsOf, type Repair, type RepairKind } from './repairs.js';
export { type Refused, type Storable, holdBack } from './holdBack.js';
export { readLenses } from './lensReading.js';
export { besideSteps, type BesideStep } from './besideSteps.js';
export { usesGood } from './uses.js';
export { withoutIt } from './withoutIt.js';
export { CLOCK_WAYS, clockWays, type ClockWay, type ClockWayId } from './clockWays.js';
