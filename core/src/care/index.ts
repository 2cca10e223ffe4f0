export * from './risks.js';
export * from './limits.js';
export * from './cautions.js';
