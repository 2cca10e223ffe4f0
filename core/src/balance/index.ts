export { CHEESE_AXES, MEAT_AXES, axesOf, tiles, type Axis } from './axes.js';
export { CHEESE_AXIS_IDS, type AxisId } from './axisIds.js';
export {
  KINDS,
  measure,
  measurer,
  partName,
  readyFor,
  type AxisScore,
  type Balance,
  type BandFill,
  type Counts,
  type MainKind,
  type Ready,
  type Remark,
} from './measure.js';
export { homeOf, originsOf, type Origins } from './origins.js';
export { bestRaw, differenceOf } from './parts.js';
export { isSameness, type SamenessRule } from './sameness.js';
export { surpriseOf, type Oddity } from './surprise.js';
export { fitsOf, qualityOf, type FitRule } from './terms.js';
export { heldAxes, keepsTheme } from './theme.js';
export { effectOf, type AxisWord, type Effect, type FeltFirmness } from './why.js';
