export * from './risks.js';
export * from './limits.js';
export * from './cautions.js';
export * from './table.js';
export * from './choking.js';
export * from './propose.js';
