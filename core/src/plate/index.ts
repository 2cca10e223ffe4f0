export { type OwnPlate, type PlateLine, ownPlatesFor } from './plate.js';
export { type ChildLine, childLinesFor } from './children.js';
export { platePurchases, type PlatePurchase } from './money.js';
