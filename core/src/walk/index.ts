export { type Walk, type WalkStep, walkFor } from './walk.js';
export { cleanserFor } from './cleanser.js';
