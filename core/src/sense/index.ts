export * from './sense.js';
export * from './colour.js';
