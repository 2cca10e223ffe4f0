export * from './sense.js';
export * from './colour.js';
export * from './lenses.js';
