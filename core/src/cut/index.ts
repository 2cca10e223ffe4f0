export { CUT_MM, type CutStyleId } from './styles.js';
export { type FoldId } from './folds.js';
export { type Cut, cutsFor } from './cuts.js';
