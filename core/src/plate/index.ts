export { type OwnPlate, ownPlatesFor } from './plate.js';
export type { PlateLine } from './line.js';
export { platesToCut, plateWorks, type PlateToCut, type PlateWork } from './cuts.js';
export { type ChildLine, childLinesFor } from './children.js';
export { platePurchases, type PlatePurchase } from './money.js';
export type { TablePart } from './stage.js';
export type * from './nextLots.js';
