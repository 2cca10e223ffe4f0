export { bellsFor, underBells } from './bells.js';
export { behindDividers, mayBeDivided } from './dividers.js';
export { BANDS, type Board, boardArea, boardsFor, isBox } from './boards.js';
export { bestWays, boardChoices } from './choices.js';
export { type PartKey, partsOf, type Spread, SPREADS } from './parts.js';
export { OTHER_FACTS, SURFACE_FACTS, type SurfaceFact } from './surfaces.js';
export { loadedWeight } from './weight.js';
export { BUILD_SCHOOLS, type BuildLine, buildOf, type BuildSchool, type BuildStep, stepOf } from './build.js';
export { isCarrier } from './besideThing.js';
export { type ClockPlace, onClock } from './clock.js';
export { BUNCH, MOST_GARNISHES, MOST_SPRIGS } from './sprigs.js';
export {
  type Garnish,
  garnishOf,
  garnishShelf,
  garnishThings,
  type GarnishRefusal,
  garnishVerdict,
  mayDecorate,
} from './garnish.js';
export type { LaidBoard, LaidBoards, PricedChoice } from './laidBoard.js';
export { lastLook, type Look, type LookRuleId, type Praise } from './lastLook.js';
export { fillOf } from './fill.js';
export { movedOutline, withinOneTurn } from './geometry.js';
export type { Patch } from './grow.js';
export { type PlateKit, plateKit } from './ownPlates.js';
export { toHire, toolKit, type ToolLine } from './kit.js';
export { layEffort } from './effort.js';
export { holding, layOut, type Layout } from './layout.js';
export { REACH } from './reach.js';
export { colourGap, handTo, SEEN_APART } from './rules/index.js';
export type { BoardRuleId, PairRuleId, PlaceRuleId, Third } from './rules/index.js';
export { judgedAsKept, type Judgement } from './judgement.js';
export type { LayQuestion, Pin } from './question.js';
export { DISH_RIM, type LaidMain, mainThing, widened } from './mainThing.js';
export {
  COLOUR_SCHOOLS,
  type ColourSchool,
  type LaySchools,
  PLACE_SCHOOLS,
  type PlaceSchool,
  USUAL_SCHOOLS,
  GROUP_SCHOOLS,
  type GroupSchool,
  MEAT_SCHOOLS,
  type MeatSchool,
} from './schools.js';
export type { Laying } from './fields.js';
export {
  bySchool,
  coverThing,
  divideThing,
  isKept,
  keepLayout,
  layAnew,
  letGo,
  type Place,
  putThing,
  sendTo,
  swapThings,
} from './moves.js';
export { asFood, baseOf, PLAIN, type Thing } from './thing.js';
export { thingsOf } from './things.js';
export { type VesselFrom, Vessels, type VesselUse } from './vessels.js';
export type { LayPart } from './stage.js';
export type * from './advice.js';
export { heightZone } from './heights.js';
