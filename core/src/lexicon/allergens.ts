/**
 * The allergens that must be declared, cereals and nuts named singly.
 * Source: Regulation (EU) 1169/2011 Annex II; US FALCPA (2004) and FASTER Act (2021).
 * `spelt` and `kamut` are wheats, so a wheat allergy covers them.
 */
export const ALLERGENS = [
  { id: 'wheat', eu: true, us: true },
  { id: 'rye', eu: true, us: false },
  { id: 'barley', eu: true, us: false },
  { id: 'oats', eu: true, us: false },
  { id: 'spelt', eu: true, us: true },
  { id: 'kamut', eu: true, us: true },
  { id: 'crustaceans', eu: true, us: true },
  { id: 'eggs', eu: true, us: true },
  { id: 'fish', eu: true, us: true },
  { id: 'peanuts', eu: true, us: true },
  { id: 'soybeans', eu: true, us: true },
  { id: 'milk', eu: true, us: true },
  { id: 'almond', eu: true, us: true },
  { id: 'hazelnut', eu: true, us: true },
  { id: 'walnut', eu: true, us: true },
  { id: 'cashew', eu: true, us: true },
  { id: 'pecan', eu: true, us: true },
  { id: 'brazil nut', eu: true, us: true },
  { id: 'pistachio', eu: true, us: true },
  { id: 'macadamia', eu: true, us: true },
  { id: 'celery', eu: true, us: false },
  { id: 'mustard', eu: true, us: false },
  { id: 'sesame', eu: true, us: true },
  { id: 'sulphites', eu: true, us: false },
  { id: 'lupin', eu: true, us: false },
  { id: 'molluscs', eu: true, us: false },
] as const;

export type AllergenId = (typeof ALLERGENS)[number]['id'];

export const GLUTEN_CEREALS: readonly AllergenId[] = ['wheat', 'rye', 'barley', 'oats', 'spelt', 'kamut'];
export const WHEATS: readonly AllergenId[] = ['wheat', 'spelt', 'kamut'];
export const TREE_NUTS: readonly AllergenId[] = [
  'almond',
  'hazelnut',
  'walnut',
  'cashew',
  'pecan',
  'brazil nut',
  'pistachio',
  'macadamia',
];

export type AllergenState = 'contains' | 'may contain' | 'free' | 'unknown';

/** What is declared of a good, as its schema reads it (allergenStatement.ts). */
interface Declared {
  readonly contains: readonly AllergenId[];
  readonly mayContain: readonly AllergenId[];
  readonly free: readonly AllergenId[];
  readonly unknown: readonly AllergenId[];
  readonly rest: 'free' | 'unknown';
}

/** The state of one allergen; where a statement names it twice, the stricter word wins. */
export function allergenState(statement: Declared, id: AllergenId): AllergenState {
  if (statement.contains.includes(id)) return 'contains';
  if (statement.unknown.includes(id)) return 'unknown';
  if (statement.mayContain.includes(id)) return 'may contain';
  if (statement.free.includes(id)) return 'free';
  return statement.rest;
}

/** All allergens sorted by state, in the order of the table. */
export function allergensByState(statement: Declared): Record<AllergenState, AllergenId[]> {
  const out: Record<AllergenState, AllergenId[]> = {
    contains: [],
    'may contain': [],
    free: [],
    unknown: [],
  };
  for (const { id } of ALLERGENS) out[allergenState(statement, id)].push(id);
  return out;
}
