export * from './slots.js';
export * from './rules.js';
export * from './rank.js';
export * from './boardSet.js';
export * from './pairs.js';
export { besideCheese, cheeseFor } from './meats.js';
