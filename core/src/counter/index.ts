export * from './allergens.js';
export * from './words.js';
export * from './good.js';
export * from './classes.js';
export * from './lots.js';
export * from './shapeOf.js';
