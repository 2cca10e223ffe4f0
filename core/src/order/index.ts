export {
  NewOrder,
  Order,
  OrderBody,
  OrderFile,
  OrderId,
  PickRequest,
  PlanRequest,
  orderFile,
} from './order.js';
export { ORDER_STATES } from './states.js';
export { ORDER_FORMAT } from './format.js';
export { defaultTitle } from './title.js';
export { type SumRow, type SumRowId, sumRows } from './sumRows.js';
export { type Side, mergeByStage, proposedSides, sameOrder, stageDifferences } from './merge.js';
export { type History, did, redo, startHistory, undo } from './history.js';
export { type Advice, type Plan, plan } from './plan.js';
export { groundOf } from './ground.js';
export { readPlan, writtenPlan, type Written, type WrittenPlan } from './writtenPlan.js';
export { STAGES } from './stages.js';
export { inReadingOrder, inStrip, ROW_LIST, ROWS } from './rows.js';
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
  labelRead,
  refreshed,
  swap,
  putDown,
  takeAway,
  takeLot,
  takeOn,
  takeProposal,
  toggleLock,
} from './moves.js';
export { overOf, type Goes, type Over } from './over.js';
export { repairsOf, type Repair, type RepairKind } from './repairs.js';
export { type Refused, type Storable, holdBack } from './holdBack.js';
export { usesGood } from './uses.js';
export { withoutIt } from './withoutIt.js';
export { CLOCK_WAYS, clockWays, type ClockWay, type ClockWayId } from './clockWays.js';
export { reachWays, type ReachWay } from './reachWays.js';
export { isShortage, shortagesOf, shortOf } from './gravity.js';
