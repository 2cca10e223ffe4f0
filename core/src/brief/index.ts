export * from './brief.js';
export * from './house.js';
export * from './practice.js';
export * from './targets.js';
