export * from './geometry.js';
export * from './styles.js';
export * from './folds.js';
export * from './assign.js';
export * from './cuts.js';
