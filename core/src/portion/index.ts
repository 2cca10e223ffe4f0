export { type Loss, type Portion, type Portions, portionsFor } from './portion.js';
export { goneFirst } from './goneFirst.js';
export { goneAfter, hoursUntil, MOST_WAVES, overWaves, type Waves, wavesFor } from './waves.js';
export { type Jars, jarsOf } from './jars.js';
export { DRINKS_COME } from './words.js';
export { setPortion } from './moves.js';
export type * from './fields.js';
export type { PortionPart } from './stage.js';
