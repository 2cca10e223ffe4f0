/** The public face of the computation, room after room in working order. */
export * from './units/index.js';
export * from './counter/index.js';
export * from './care/index.js';
export * from './brief/index.js';
export * from './sense/index.js';
export * from './amount/index.js';
export * from './balance/index.js';
export { keepsAll, optimise, valueOf, type Instance, type Optimum } from './solve/index.js';
export * from './pick/index.js';
export * from './pair/index.js';
export * from './cut/index.js';
export * from './portion/index.js';
export * from './plate/index.js';
export * from './walk/index.js';
export * from './menu/index.js';
export * from './ledger/index.js';
export * from './order/index.js';
export * from './papers/index.js';
