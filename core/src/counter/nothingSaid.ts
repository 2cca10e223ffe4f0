import type { AllergenStatement } from './allergenStatement.js';

/** An empty allergen statement: no allergen is named, all are unknown. Kept out of allergenStatement.ts so that order pages do not load Zod. */
export const nothingSaid = (): AllergenStatement => ({
  contains: [],
  mayContain: [],
  free: [],
  unknown: [],
  rest: 'unknown',
  said: [],
});
