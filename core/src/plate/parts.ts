import type { CompanionRole } from '../counter/index.js';

/** What stands beside the cheese and meat of a plate; each a role of the board, one good of each. */
export const BESIDE_PARTS: readonly { readonly part: string; readonly roles: readonly CompanionRole[] }[] = [
  { part: 'bread', roles: ['bread', 'cracker'] },
  { part: 'fruit', roles: ['fruit'] },
  { part: 'sweet', roles: ['honey', 'preserve', 'dried fruit', 'chocolate'] },
  { part: 'brine', roles: ['brine'] },
  { part: 'crunchy', roles: ['nut', 'vegetable'] },
];

/**
 * What fills a plate when neither cheese nor meat may be on it, gram for gram, by weight of its share. A spread comes at
 * its usual amount (nobody eats 50 g of chutney); the bulk is vegetables, nuts and bread. Common practice, no source.
 */
export const IN_PLACE: readonly { readonly roles: readonly CompanionRole[]; readonly share: number }[] = [
  { roles: ['savoury spread', 'chutney', 'dip', 'mustard'], share: 0 },
  { roles: ['vegetable'], share: 2 },
  { roles: ['nut', 'dried fruit'], share: 1 },
  { roles: ['bread', 'cracker'], share: 1 },
];

/** A plate for one never has more kinds than this of cheese and of meat. */
export const MOST_KINDS = { cheese: 3, meat: 2 } as const;
/** On less than this nobody tastes a kind. Common practice, no source. */
export const LEAST_GRAMS = 15;
