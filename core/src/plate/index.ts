export * from './plate.js';
export * from './children.js';
