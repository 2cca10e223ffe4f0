export * from './units.js';
export * from './share.js';
export * from './reason.js';
export * from './interpolate.js';
export * from './canonical.js';
