/** Words of a tasting session, apart from its schema. */

/** What may move in a drink when something is eaten with it. */
export const MOVES = ['acid', 'sweet', 'tannin', 'heat', 'body'] as const;
export type Move = (typeof MOVES)[number];

/** How well two sit together, from a clash to one that nobody forgets. */
export const SITS = [-2, -1, 0, 1, 2] as const;
export type Sits = (typeof SITS)[number];

/** Less, the same, more. */
export const MOVED = [-1, 0, 1] as const;
export type Moved = (typeof MOVED)[number];

/** The fixed set of probes, in the order of tasting before heat and salt are looked at (common practice, no source). */
export const PROBE_ROLES = [
  'sharp fruit',
  'creamy',
  'sharp cheese',
  'sweet fruit',
  'matched good',
  'mild cured',
  'hot cured',
] as const;
export type ProbeRole = (typeof PROBE_ROLES)[number];

export const MOST_TASTERS = 8;
