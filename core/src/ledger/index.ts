export { MOVED, MOVES, type Move, PROBE_ROLES, type ProbeRole, SITS, type Sits } from './words.js';
export { type Session, SessionBody, SessionFile, SessionId, SESSION_FORMAT, sessionFile } from './session.js';
export { type ChosenProbe, probesFor } from './probes.js';
export {
  isFinished,
  mergedSession,
  type NextStep,
  nextStep,
  noteOf,
  progressOf,
  reopened,
  waitUntil,
  withAlone,
  withExpected,
  withTasted,
} from './course.js';
export { evidenceOf } from './evidence.js';
export { learntOf, movesBetween, type PairMove } from './accept.js';
export { type DrinkProfile, profileOf, type ProbeResult } from './profile.js';
export { type WeightFit, fitOf, type Judged, judged, overall, overTime, type RuleChange } from './learn.js';
