import { newLimit, newPerson, type Person, type Reach } from '../care/index.js';

/** A guest with these limits, each at its usual severity, and a reach. */
export const aGuest = (what: string | readonly string[], reach: Reach, more: Partial<Person> = {}): Person =>
  newPerson({ limits: [what].flat().map(newLimit), reach, ...more });

/** Guests whose limits clear the whole board, each with one. */
export const clearing = (...what: readonly string[]): Person[] => what.map((id) => aGuest(id, 'board'));

/** Limits that asked for a plate of their own where nobody had said anything else. */
const PLATED = ['allergen:milk', 'allergen:gluten', 'allergen:wheat'];

/** A row of limits as an API client may still send it (brief/rowsOfLimits.ts): the shortest way to a brief with one guest. */
export const limitRow = (what: string) => ({
  ...newLimit(what),
  reach: PLATED.includes(what) ? 'own plate' : 'board',
});
