import type { OwnPlate } from '../plate/index.js';
import { whileUnknown } from './cards.js';
import type { Paper } from './paper.js';
import { tableList, type TableRow } from './tableList.js';

/** Every allergen of the table with the goods that bring it, and who eats from a plate of their own. */
export interface AllergenPaper {
  readonly rows: readonly TableRow[];
  readonly plates: readonly OwnPlate[];
}

export const allergenPaper: Paper<AllergenPaper> = {
  for: 'guests',
  needs: [],
  hold: whileUnknown,
  data: ({ plan }) => ({ rows: tableList(plan), plates: plan.ownPlates }),
};
