export { lateness } from './cost.js';
export { EXACT_UP_TO } from './order.js';
export { changeOf, type Walk, type WalkStep, walkFor } from './walk.js';
export { cleanserFor, type Cleansing, reliefOf } from './cleanser.js';
export { type DessertStep, dessertsFor, dessertSteps } from './dessert.js';
export { pathOf, type PathStop } from './path.js';
export { MOST_LEFT } from './relief.js';
export { flightOf, type Pour } from './pours.js';
export { type Pace, paceOf } from './pace.js';
