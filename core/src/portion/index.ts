export { type Loss, type Portion, type Portions, portionsFor } from './portion.js';
export { goneFirst } from './goneFirst.js';
export { goneAfter, hoursUntil, MOST_WAVES, overWaves, type Waves, wavesFor } from './waves.js';
export { type Jars, jarsOf } from './jars.js';
