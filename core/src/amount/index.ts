export * from './edible.js';
export * from './share.js';
export * from './buy.js';
export * from './usual.js';
export * from './beside.js';
