export { keepsAll, valueOf, type Group, type Instance } from './instance.js';
export { gainer } from './greedy.js';
export { optimise } from './optimise.js';
export { type Optimum } from './search.js';
