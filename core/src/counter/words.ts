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
export const RIND_VERDICTS = ['none', 'eaten', 'guest decides', 'cut off', 'decoration'] as const;
export const SHAPES = [
  'wheel',
  'half wheel',
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
