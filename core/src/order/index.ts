export * from './order.js';
export * from './fingerprint.js';
export * from './history.js';
export * from './advice.js';
export * from './plan.js';
export * from './planOut.js';
