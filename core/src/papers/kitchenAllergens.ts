import { heldBack } from './cards.js';
import type { AllergenPaper } from './allergens.js';
import type { HeldBack, Paper } from './paper.js';
import { tableList } from './tableList.js';

/** The same list for the shop's own hands: it is printed with its gaps, each by name. */
export interface KitchenAllergens extends AllergenPaper {
  /** Goods of which something is not known, and what. */
  readonly gaps: readonly HeldBack[];
}

export const kitchenAllergensPaper: Paper<KitchenAllergens> = {
  for: 'shop',
  needs: [],
  data: ({ plan }) => ({
    rows: tableList(plan, ({ name }) => name),
    plates: plan.ownPlates,
    gaps: heldBack(plan),
  }),
};
