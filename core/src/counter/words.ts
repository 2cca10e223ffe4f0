/** The tables of words that a good may use (docs/formats.md). */

export const GOOD_KINDS = ['cheese', 'meat', 'companion', 'drink', 'ware'] as const;
export type GoodKind = (typeof GOOD_KINDS)[number];

export const TEXTURES = [
  'fresh',
  'soft',
  'bloomy',
  'washed',
  'semi-soft',
  'firm',
  'hard',
  'very hard',
  'blue',
] as const;
export type Texture = (typeof TEXTURES)[number];

export const MILKS = ['cow', 'sheep', 'goat', 'buffalo'] as const;
export type Milk = (typeof MILKS)[number];

export const MEAT_ANIMALS = ['pork', 'beef', 'poultry', 'fish', 'game'] as const;
export type MeatAnimal = (typeof MEAT_ANIMALS)[number];

export const FLAVOURS = [
  'milky',
  'buttery',
  'nutty',
  'fruity',
  'earthy',
  'herbal',
  'caramel',
  'sharp',
  'spicy',
] as const;
/** Families of aroma, finer than the flavours that a board is balanced by: what pairing compares. Common practice, no source. */
export const AROMAS = [
  'lactic',
  'butter',
  'nut',
  'caramel',
  'toast',
  'roast',
  'smoke',
  'savoury',
  'game',
  'animal',
  'mould',
  'mushroom',
  'earth',
  'resin',
  'green',
  'herb',
  'anise',
  'blossom',
  'citrus',
  'orchard',
  'stone fruit',
  'berry',
  'grape',
  'tropical',
  'dried fruit',
  'tomato',
  'allium',
  'mustard',
  'pickle',
  'pepper',
  'spice',
  'sea',
] as const;
export type Aroma = (typeof AROMAS)[number];
export const RINDS = [
  'none',
  'bloomy',
  'washed',
  'natural',
  'rubbed',
  'cloth',
  'wax',
  'plastic coat',
  'ash',
  'leaf',
  'bark',
] as const;
export type Rind = (typeof RINDS)[number];
export const RIND_VERDICTS = ['none', 'eaten', 'guest decides', 'cut off', 'handle', 'decoration'] as const;
export const SHAPES = [
  'wheel',
  'half wheel',
  'quarter wheel',
  'wedge',
  'log',
  'pyramid',
  'square',
  'block',
  'drum',
  'ball',
  'tub',
  'whole sausage',
  'sliced',
] as const;
export type Shape = (typeof SHAPES)[number];

/** The scales of taste, 0 to 10. Source: the reference table scales.csv. */
export const SENSES = [
  'sweet',
  'sour',
  'salty',
  'bitter',
  'umami',
  'fat',
  'heat',
  'smoke',
  'funk',
  'intensity',
  'persistence',
] as const;

export const PRICED_PER = ['kg', 'piece', 'pack'] as const;
export const PACK_FORMS = [
  'cut to order',
  'sliced to order',
  'pre-packed',
  'whole',
  'jar',
  'loose',
  'bottle',
  'piece',
] as const;
export const RENNETS = ['animal', 'microbial', 'thistle', 'none', 'unknown'] as const;
export const CASINGS = ['none', 'pork', 'sheep', 'beef', 'plant', 'unknown'] as const;
export const GELATINES = ['none', 'pork', 'beef', 'fish', 'unknown'] as const;
export const PRESENCES = ['no', 'yes', 'unknown'] as const;
export const CERTIFICATES = ['halal', 'kosher', 'vegetarian', 'vegan', 'organic'] as const;
export const TREATMENTS = ['raw', 'thermised', 'pasteurised', 'unknown'] as const;
export const EYES = ['none', 'pin', 'small', 'large'] as const;
export const PASTES = ['supple', 'crumbly', 'brittle', 'creamy', 'runny', 'wet'] as const;
export const KNOWN = ['safe bet', 'usual', 'surprise'] as const;
export const BUILDS = ['whole muscle', 'coarse', 'fine', 'spreadable'] as const;
export const PROCESSES = [
  'air-dried',
  'fermented',
  'cooked',
  'hot-smoked',
  'cold-smoked',
  'raw spreadable',
  'pate',
] as const;
export const CALIBRES = ['large', 'medium', 'small'] as const;
export const WARE_USES = ['board', 'bowl', 'glass', 'knife', 'spoon', 'marker', 'bell'] as const;
export const WARE_MATERIALS = [
  'unknown',
  'wood',
  'slate',
  'marble',
  'metal',
  'glass',
  'ceramic',
  'salt',
  'other',
] as const;
export const TRIAL_DECISIONS = ['undecided', 'buy it', 'not again'] as const;

export const VERDICTS = ['young', 'ready', 'at its peak', 'going', 'past'] as const;
export type Verdict = (typeof VERDICTS)[number];

/** The short check of what comes in: each ticked, or the lot goes back. Common practice, no source. */
export const ARRIVAL_CHECKS = ['clean', 'fresh', 'smell', 'dates', 'temperature'] as const;
export type ArrivalCheck = (typeof ARRIVAL_CHECKS)[number];
