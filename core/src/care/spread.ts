import {
  GLUTEN_CEREALS,
  isCompanion,
  TREE_NUTS,
  type AllergenId,
  type CompanionRole,
  type Good,
} from '../counter/index.js';

/**
 * How an allergen gets to a guest who eats nothing of it: as loose particles that fly and fall, as a smear that a knife or a hand
 * carries, or hardly at all because it is bound in what it is part of. Common practice, no source.
 */
const SPREAD_WAYS = ['loose', 'smear', 'bound'] as const;
type SpreadWay = (typeof SPREAD_WAYS)[number];

interface SpreadRow {
  readonly spread: SpreadWay;
  readonly allergens: readonly AllergenId[];
  /** Companions that shed it on the table; what has it inside only brings it to its own plate. */
  readonly shedBy: readonly CompanionRole[];
}

const SPREAD_ROWS: readonly SpreadRow[] = [
  {
    spread: 'loose',
    allergens: [...TREE_NUTS, 'peanuts'],
    shedBy: ['nut', 'dried fruit', 'seasoning', 'garnish'],
  },
  {
    spread: 'loose',
    allergens: ['sesame'],
    shedBy: ['nut', 'seasoning', 'garnish', 'bread', 'cracker'],
  },
  {
    spread: 'loose',
    allergens: GLUTEN_CEREALS,
    shedBy: ['bread', 'cracker', 'seasoning'],
  },
  {
    spread: 'smear',
    allergens: ['milk', 'eggs', 'mustard', 'fish', 'crustaceans', 'molluscs', 'soybeans'],
    shedBy: [],
  },
  { spread: 'bound', allergens: ['sulphites', 'lupin', 'celery'], shedBy: [] },
];

const rowOf = (id: AllergenId): SpreadRow => SPREAD_ROWS.find(({ allergens }) => allergens.includes(id))!;

/** How an allergen spreads; every allergen of the published list has a row (spread.test.ts). */
const spreadOf = (id: AllergenId): SpreadWay => rowOf(id).spread;

/** The worst way in which any of these spreads; null for none. */
export const worstSpread = (ids: readonly AllergenId[]): SpreadWay | null =>
  SPREAD_WAYS.find((spread) => ids.some((id) => spreadOf(id) === spread)) ?? null;

/** Would this good shed these allergens on the table, where it has them: open nuts, seeds, crumbs? */
export const sheds = (good: Good, ids: readonly AllergenId[]): boolean =>
  isCompanion(good) && ids.some((id) => rowOf(id).shedBy.includes(good.role));
