export { lateness } from './cost.js';
export { EXACT_UP_TO } from './order.js';
export { changeOf, type Walk, type WalkStep, walkFor } from './walk.js';
export { cleanserFor } from './cleanser.js';
export { MOST_LEFT } from './relief.js';
export { flightOf, type Pour } from './pours.js';
export { type Pace, paceOf } from './pace.js';
