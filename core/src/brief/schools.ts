import type { Cheese } from '../counter/index.js';

/**
 * Schools of choosing, where practitioners disagree. A cover school is a list of places; each is filled by a cheese of
 * its own. Common practice, no source.
 */

export const COVER_SCHOOLS = [
  'free',
  'five families',
  'three textures',
  'hard and soft',
  'five characters',
  'three milks',
] as const;
export type CoverSchool = (typeof COVER_SCHOOLS)[number];
export const AIM_SCHOOLS = ['balance', 'contrast'] as const;
export const COMPANY_SCHOOLS = ['free', 'a safe bet', 'a safe bet and a surprise'] as const;
export const SHARE_SCHOOLS = ['by liking', 'equal'] as const;
export const CUT_SCHOOLS = ['by paste', 'pre-cut', 'whole'] as const;
export const KNIFE_SCHOOLS = ['fewest', 'one each'] as const;
export const LATE_SCHOOLS = ['blue last', 'by strength'] as const;
export type LateSchool = (typeof LATE_SCHOOLS)[number];
export type ShareSchool = (typeof SHARE_SCHOOLS)[number];
export type CompanySchool = (typeof COMPANY_SCHOOLS)[number];

/** One place that a school wants filled. */
export interface Place {
  readonly id: string;
  readonly fills: (cheese: Cheese) => boolean;
}

const family =
  (...textures: readonly Cheese['texture'][]) =>
  (cheese: Cheese) =>
    textures.includes(cheese.texture);
const place = (id: string, fills: Place['fills']): Place => ({ id, fills });
const milk = (animal: string) => place(animal, (cheese) => cheese.milk.some((m) => m.animal === animal));

export const COVERS: Record<CoverSchool, readonly Place[]> = {
  free: [],
  'five families': [
    place('fresh', family('fresh')),
    place('semi-soft', family('semi-soft')),
    place('bloomy', family('bloomy')),
    place('hard', family('hard', 'very hard')),
    place('blue', family('blue')),
  ],
  'three textures': [
    place('soft or bloomy', family('fresh', 'soft', 'bloomy')),
    place('middle', family('washed', 'semi-soft', 'firm')),
    place('hard and sharp', family('hard', 'very hard')),
  ],
  'hard and soft': [
    place('soft', family('fresh', 'soft', 'bloomy', 'washed')),
    place('hard', family('firm', 'hard', 'very hard')),
  ],
  'five characters': [
    place('soft', family('fresh', 'soft', 'bloomy')),
    place('blue', family('blue')),
    place('hard', family('hard', 'very hard')),
    place('unusual', (cheese) => cheese.known === 'surprise'),
    place(
      'sweet, with fruit in it',
      (cheese) => cheese.flavours.includes('fruity') && cheese.sense.sweet >= 3,
    ),
  ],
  'three milks': [milk('cow'), milk('sheep'), milk('goat')],
};
