import type { CompanionRole } from '../counter/index.js';

/** What stands beside the cheese and meat of a plate; each a role of the board, one good of each. */
export const BESIDE_PARTS: readonly { readonly part: string; readonly roles: readonly CompanionRole[] }[] = [
  { part: 'bread', roles: ['bread', 'cracker'] },
  { part: 'fruit', roles: ['fruit'] },
  { part: 'sweet', roles: ['honey', 'preserve', 'dried fruit', 'chocolate'] },
  { part: 'brine', roles: ['brine'] },
  { part: 'crunchy', roles: ['nut', 'vegetable'] },
];

/** What fills a plate when neither cheese nor meat may be on it, gram for gram. Common practice, no source. */
export const IN_PLACE_ROLES: readonly (readonly CompanionRole[])[] = [
  ['savoury spread'],
  ['vegetable'],
  ['nut', 'dried fruit'],
];

/** A plate for one never has more kinds than this of cheese and of meat. */
export const MOST_KINDS = { cheese: 3, meat: 2 } as const;
/** On less than this nobody tastes a kind. Common practice, no source. */
export const LEAST_GRAMS = 15;
