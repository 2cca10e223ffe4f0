export { type Waste, yieldOf } from './yields.js';
export { edibleByRind, edibleShare, sliceGramsOf } from './edible.js';
export { netGrams, shareOf } from './share.js';
export { type GoodShare, mainsNet, type PortionChoices, sharesOf } from './net.js';
export { type CutTake, type Purchase, grossFor, purchase } from './buy.js';
export { costAt } from './money.js';
export { type DrinkPortion, drinkPortions } from './drinks.js';
export { usualPurchase } from './usual.js';
export { BESIDE_OF, besideEstimate, besidePerAdult, besideTotal } from './beside.js';
