export { type Loss, type Portion, type Portions, portionsFor } from './portion.js';
export { goneAfter, hoursUntil, overWaves, type Waves, wavesFor } from './waves.js';
export { type Jars, jarsOf } from './jars.js';
