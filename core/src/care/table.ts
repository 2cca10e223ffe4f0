import { ALLERGENS, allergensOf, type AllergenId, type AllergenState, type Good } from '../counter/index.js';

/** One allergen of a table, and the goods that bring it. */
export interface AllergenOnTable {
  readonly id: AllergenId;
  readonly goods: readonly string[];
}

/** The allergens of everything on a table, in the order of the published list. Nothing here is ever "free". */
export interface TableAllergens {
  readonly contains: readonly AllergenOnTable[];
  /** Also where another good surely contains it: each good is asked for by itself. */
  readonly mayContain: readonly AllergenOnTable[];
  /** Goods of which at least one allergen is not known, with what is not. No paper is printed while there is one. */
  readonly unknown: readonly { readonly goodId: string; readonly ids: readonly AllergenId[] }[];
}

/**
 * What a guest at this table could meet: every good that stands on it, hidden contents included. Of wares only what is
 * known to be on them counts (a board oiled with walnut oil), as something that may be carried over.
 * Source: Regulation (EU) 1169/2011 Annex II for the list; common practice for the shared board.
 */
export function allergensOnTable(goods: readonly Good[]): TableAllergens {
  const states = goods.map((good) => ({ good, states: statesOf(good) }));
  const bringing = (id: AllergenId, state: AllergenState) =>
    states.filter(({ states: s }) => s[state].includes(id)).map(({ good }) => good.id);
  const rows = (state: AllergenState) =>
    ALLERGENS.map(({ id }) => ({ id, goods: bringing(id, state) })).filter((row) => row.goods.length > 0);
  return {
    contains: rows('contains'),
    mayContain: rows('may contain'),
    unknown: states
      .filter(({ states: s }) => s.unknown.length > 0)
      .map(({ good, states: s }) => ({ goodId: good.id, ids: s.unknown })),
  };
}

function statesOf(good: Good): Record<AllergenState, readonly AllergenId[]> {
  const states = allergensOf(good);
  if (good.kind !== 'ware') return states;
  return {
    contains: [],
    'may contain': [...states.contains, ...states['may contain']],
    free: [],
    unknown: [],
  };
}

/**
 * What a card says of one good on a shared board: what is in it, what may be, and what else lies within reach of the
 * same knives. It never says "free": a shared board is not.
 */
export interface AllergenLine {
  readonly contains: readonly AllergenId[];
  readonly mayContain: readonly AllergenId[];
  /** Not an ingredient of this good; something on the same board brings it. */
  readonly sharesWith: readonly AllergenId[];
  readonly unknown: readonly AllergenId[];
}

export function allergenLine(good: Good, table: TableAllergens): AllergenLine {
  const own = allergensOf(good);
  const said = new Set<AllergenId>([...own.contains, ...own['may contain'], ...own.unknown]);
  return {
    contains: own.contains,
    mayContain: own['may contain'],
    sharesWith: [...new Set([...table.contains, ...table.mayContain].map(({ id }) => id))]
      .filter((id) => !said.has(id))
      .sort((a, b) => orderOf(a) - orderOf(b)),
    unknown: own.unknown,
  };
}

const orderOf = (id: AllergenId) => ALLERGENS.findIndex((row) => row.id === id);
