import type { AllergenStatement } from './allergenStatement.js';

/** A statement in which nobody has said anything yet; a new one each time. Apart from its schema, which no order page loads. */
export const nothingSaid = (): AllergenStatement => ({
  contains: [],
  mayContain: [],
  free: [],
  unknown: [],
  rest: 'unknown',
  said: [],
});
