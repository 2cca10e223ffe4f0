export { COVERS, type CompanySchool, type CoverSchool, type ShareSchool } from './schools.js';
export { keptHouse } from './keptHouse.js';
export { type OwnWare } from './place.js';
export { ROLES, type Role } from './roles.js';
export { Brief } from './brief.js';
export { asManyGuests, asOneGuest, freeHeads, freeKind, withPerson } from './moves.js';
export { briefLimits, companyOf, suitsAll } from './company.js';
export { type Flight, LIGHTS, MANNERS, SETTINGS, SURFACES, TABLES } from './words.js';
export { budgetTotal, drinkersOf, heads, headsThatEat, isBoxed, isTimid } from './heads.js';
export { headsOfKind, withLimits } from './kindsOfHeads.js';
export { DEFAULT_HOUSE, House } from './house.js';
export { LATE_SCHOOLS, type LateSchool } from './schools.js';
export { Learnt, PairWord } from './pairWord.js';
export { PAIR_WORDS, type PairSaying } from './words.js';
export { HOUSE_FORMAT } from './houseFormat.js';
export {
  ANY_NUMBER,
  BESIDE_PER_ADULT,
  type BesideFigure,
  CHEESE_KINDS,
  GRAMS_PER_KIND,
  MEAT_KINDS,
  NOT_BESIDE,
  PRACTICE_FIGURES,
  type Practice,
  type PracticeFigure,
  type TaskFigure,
  USUAL_PRACTICE,
  mid,
  practiceWith,
} from './practice.js';
export { inSeason, inSeasonOn, outOfSeason } from './season.js';
export { COLD_AT_MOST, journeyAirOf, roomOf, safetyOf } from './safety.js';
export { onCounter, settled } from './settle.js';
export { type Targets, familiesLeft, targetsOf } from './targets.js';
export { type BoardGroup, boardGroupsOf } from './groups.js';
export {
  type PlateGuests,
  boardEatersOf,
  childShareOf,
  eatersOf,
  headsAtBoard,
  plateGuestsOf,
  shareOfHead,
} from './plates.js';
export { briefFingerprint } from './fingerprint.js';
export type * from './fields.js';
export type { BriefPart } from './stage.js';
