export { edibleByRind, edibleShare } from './edible.js';
export { netGrams, shareOf } from './share.js';
export { type Purchase, grossFor, purchase } from './buy.js';
export { usualPurchase } from './usual.js';
export { BESIDE_OF, type BesideFigure, besideEstimate, besidePerAdult, besideTotal } from './beside.js';
