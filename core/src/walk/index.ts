export * from './walk.js';
export * from './cleanser.js';
