export { keepsAll, valueOf, type Group, type Instance } from './instance.js';
export { gainer } from './greedy.js';
export { optimise, type Optimum } from './optimise.js';
