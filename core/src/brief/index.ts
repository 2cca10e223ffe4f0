export * from './schools.js';
export * from './brief.js';
export * from './house.js';
export * from './practice.js';
export * from './season.js';
export * from './settle.js';
export * from './targets.js';
export * from './plates.js';
