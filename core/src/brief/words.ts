/** Words of the brief, apart from its schema. */

/** Where it is eaten; heat shortens the time out and melts what is soft. */
export const SETTINGS = ['indoors', 'outdoors', 'outdoors, hot'] as const;
export const TABLES = ['walk around', 'against a wall', 'seated', 'passed round'] as const;
export const LIGHTS = ['bright', 'dim'] as const;
export const MANNERS = ['plain', 'usual', 'lavish'] as const;
export const SURFACES = [
  'wood',
  'slate',
  'marble',
  'metal',
  'plate',
  'salt block',
  'tiered stand',
  'several small boards',
  'bare table',
  'boxes',
] as const;
export const THEME_HOLDS = ['milk', 'family', 'region', 'colour', 'flavour'] as const;
export const FLIGHTS = ['vertical', 'face-off'] as const;
export type ThemeHolds = (typeof THEME_HOLDS)[number];
export type Flight = (typeof FLIGHTS)[number];

/** What the house says of a pair: it always sells it, never serves it, or calls it its own. */
export const PAIR_WORDS = ['always', 'own', 'never'] as const;
export type PairSaying = (typeof PAIR_WORDS)[number];
