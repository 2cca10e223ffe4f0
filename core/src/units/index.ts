export * from './units.js';
export * from './share.js';
export * from './reason.js';
export * from './interpolate.js';
export * from './canonical.js';
export * from './upgrade.js';
export * from './read.js';
export * from './civil.js';
