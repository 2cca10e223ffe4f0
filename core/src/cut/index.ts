export { type Point, type Polygon, areaOf, boundsOf, centred, rectangle, sector } from './plane.js';
export { isRound, outlineOf, PYRAMID_FILLS, roundGrams, spanOf, type Stock } from './stock.js';
export { type Division, type Pieces, type Stroke } from './division/index.js';
export { type Answer } from './answer.js';
export { type View, type WheelView, viewsOf, wheelView } from './views.js';
export { type CutStyleId } from './style.js';
export { type FoldId, type FoldPlan } from './folds.js';
export { type CutRequest, type Cut } from './cut.js';
export { cutsFor } from './cuts.js';
export { type WheelCut, type WheelWay } from './wheel.js';
export { type Table as CutTable, cutTableOf, type TableRule } from './suit.js';
export { type Ahead, aheadOf } from './ahead.js';
export { produceCut } from './produce.js';
export { stepsOf } from './steps.js';
export { type CuttingStep, cuttingOrder } from './sequence.js';
export {
  type Kit,
  type KnifeId,
  type KnifeSchool,
  type Tool,
  type ToolId,
  kitOf,
  knivesFor,
  STAND_INS,
  wearOf,
} from './knives.js';
// Its rules belong to the union of reasons, though its functions stay here.
export type * from './bite.js';
export type * from './cheeseCut.js';
export type * from './meatCut.js';
export type * from './steps.js';
export type * from './produce.js';
export { type ProduceForm, type ProducePiece } from './producePiece.js';
export {
  hotHolding,
  hotRow,
  type HotRow,
  HOT_WAYS,
  type HotWay,
  hotWayOf,
  OVEN_HEATS,
  OVEN_TRAYS,
} from './hot.js';
export { Cutting, type Weighing } from './fields.js';
export { aimedAt, makeUp, overSoFar, unweigh, weigh } from './moves.js';
export { weighedOf } from './weighed.js';
export type { CutPart } from './stage.js';
