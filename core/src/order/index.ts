export * from './order.js';
export { briefFingerprint } from './fingerprint.js';
export * from './merge.js';
export * from './history.js';
export * from './advice.js';
export * from './plan.js';
export * from './planOut.js';
export * from './lensReading.js';
