import { PRACTICE } from '../units/index.js';
import { allergenOf, isCompanionOf, named, TREE_NUTS, type Good } from '../counter/index.js';

export type SafeForm =
  | 'finely ground'
  | 'stoned, quartered lengthways'
  | 'quartered lengthways'
  | 'in thin ribbons'
  | 'grated'
  | 'quartered'
  | 'in thin pliable slices'
  | 'casing off, in thin strips'
  | 'in thin strips across the grain';

/**
 * What a child under 5 can choke on, and the form in which it is safe. `form` null: there is none, so another good of its
 * kind is offered. Source: public-health advice on choking, widely published; the list is the trade's (whole nuts,
 * popcorn, whole grapes, cherry tomatoes, pearls, stoned olives, hard chunks, tough dry sausage, raw carrot, picks).
 */
export interface ChokingRow {
  readonly id: string;
  readonly applies: (good: Good) => boolean;
  readonly form: SafeForm | null;
  readonly source: string;
}

const CHOKING_ADVICE = 'public-health advice on choking, widely published';
/** Crunch from which raw fruit and vegetables are hard to a small child. */
const HARD_CRUNCH = 6;
/** A ball or pearl of cheese smaller than this goes down whole, grams. */
const PEARL_GRAMS = 25;

const hasNutsInside = (good: Good): boolean =>
  ['peanuts' as const, ...TREE_NUTS].some((id) => allergenOf(good, id) === 'contains');

/** The first row that fits decides. */
const CHOKING_ROWS: readonly ChokingRow[] = [
  {
    id: 'popcorn',
    applies: (good) => good.kind === 'companion' && named(good, 'popcorn'),
    form: null,
    source: CHOKING_ADVICE,
  },
  {
    id: 'whole nuts',
    applies: (good) => isCompanionOf(good, 'nut'),
    form: 'finely ground',
    source: CHOKING_ADVICE,
  },
  {
    id: 'nuts inside',
    applies: (good) =>
      good.kind !== 'drink' &&
      good.kind !== 'ware' &&
      (hasNutsInside(good) || (good.kind === 'companion' && named(good, 'nut ', 'nuts '))),
    form: null,
    source: CHOKING_ADVICE,
  },
  {
    id: 'stone fruit',
    applies: (good) => isCompanionOf(good, 'fruit', 'dried fruit') && named(good, 'cherr', 'date', 'plum'),
    form: 'stoned, quartered lengthways',
    source: CHOKING_ADVICE,
  },
  {
    id: 'olives',
    applies: (good) => isCompanionOf(good, 'brine') && named(good, 'olive', 'caperberr'),
    form: 'stoned, quartered lengthways',
    source: CHOKING_ADVICE,
  },
  {
    id: 'whole pickles',
    applies: (good) => isCompanionOf(good, 'brine') && named(good, 'gherkin', 'onion'),
    form: 'quartered lengthways',
    source: PRACTICE,
  },
  {
    id: 'grapes, tomatoes, berries',
    applies: (good) =>
      good.kind === 'companion' &&
      good.role !== 'garnish' &&
      (good.rolls || named(good, 'grape', 'cherry tomato', 'blueberr')),
    form: 'quartered lengthways',
    source: CHOKING_ADVICE,
  },
  {
    id: 'hard vegetables',
    applies: (good) =>
      isCompanionOf(good, 'vegetable') && good.kind === 'companion' && good.crunch >= HARD_CRUNCH,
    form: 'in thin ribbons',
    source: CHOKING_ADVICE,
  },
  {
    id: 'hard fruit',
    applies: (good) =>
      isCompanionOf(good, 'fruit') && good.kind === 'companion' && good.crunch >= HARD_CRUNCH,
    form: 'grated',
    source: CHOKING_ADVICE,
  },
  {
    id: 'pearls',
    applies: (good) =>
      good.kind === 'cheese' &&
      (named(good, 'pearl') || (good.form.shape === 'ball' && good.form.grams <= PEARL_GRAMS)),
    form: 'quartered',
    source: PRACTICE,
  },
  {
    id: 'hard chunks',
    applies: (good) => good.kind === 'cheese' && ['hard', 'very hard'].includes(good.texture),
    form: 'grated',
    source: CHOKING_ADVICE,
  },
  {
    id: 'firm cubes',
    applies: (good) => good.kind === 'cheese' && ['firm', 'semi-soft'].includes(good.texture),
    form: 'in thin pliable slices',
    source: CHOKING_ADVICE,
  },
  {
    id: 'sausage',
    applies: (good) => good.kind === 'meat' && good.build !== 'spreadable' && good.build !== 'whole muscle',
    form: 'casing off, in thin strips',
    source: CHOKING_ADVICE,
  },
  {
    id: 'chewy meat',
    applies: (good) => good.kind === 'meat' && good.build === 'whole muscle' && good.process !== 'cooked',
    form: 'in thin strips across the grain',
    source: PRACTICE,
  },
];

/** The row that a good falls under, or null when a small child may have it as it is. */
export const chokingRowOf = (good: Good): ChokingRow | null =>
  CHOKING_ROWS.find((row) => row.applies(good)) ?? null;
