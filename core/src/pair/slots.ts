import { BESIDE_OF, besidePerAdult } from '../amount/index.js';
import { mayOffer } from '../care/index.js';
import type { Brief } from '../brief/index.js';
import { drinkersOf, outOfSeason, companyOf } from '../brief/index.js';
import {
  companionsOn,
  drinksOn,
  isAlcoholic,
  type CompanionRole,
  type Drink,
  type Good,
  type Served,
} from '../counter/index.js';
import { canonicalText, memoisedBy } from '../units/index.js';
import type { Beside } from './facts.js';

/** What stands beside a good: one of each slot; of the last three only where somebody asks for it. */
export const SLOTS = [
  'sweet',
  'brine',
  'crunchy',
  'bread',
  'drink',
  'no-alcohol',
  'butter',
  'dip',
  'seasoning',
] as const;
export type Slot = (typeof SLOTS)[number];
/** Slots that a board has without being asked. */
export const USUAL_SLOTS: readonly Slot[] = SLOTS.slice(0, 6);

/** A shelf of the shop: what is ranked against what. Several shelves fill a slot. */
export interface Shelf {
  readonly id: string;
  readonly slot: Slot;
  readonly holds: (good: Good) => boolean;
}
const ofRoles =
  (...roles: readonly CompanionRole[]) =>
  (good: Good) =>
    good.kind === 'companion' && roles.includes(good.role);
const ofDrinks = (test: (drink: Drink) => boolean) => (good: Good) => good.kind === 'drink' && test(good);
const BREWED: readonly Drink['type'][] = ['beer', 'cider'];

export const SHELVES = [
  { id: 'honey', slot: 'sweet', holds: ofRoles('honey') },
  { id: 'preserve', slot: 'sweet', holds: ofRoles('preserve') },
  { id: 'fruit', slot: 'sweet', holds: ofRoles('fruit') },
  { id: 'dried fruit', slot: 'sweet', holds: ofRoles('dried fruit') },
  { id: 'chocolate', slot: 'sweet', holds: ofRoles('chocolate') },
  { id: 'brine', slot: 'brine', holds: ofRoles('brine') },
  { id: 'savoury spread', slot: 'brine', holds: ofRoles('savoury spread', 'mustard', 'chutney') },
  { id: 'nut', slot: 'crunchy', holds: ofRoles('nut') },
  { id: 'vegetable', slot: 'crunchy', holds: ofRoles('vegetable') },
  { id: 'bread', slot: 'bread', holds: ofRoles('bread', 'cracker') },
  {
    id: 'wine',
    slot: 'drink',
    holds: ofDrinks((drink) => isAlcoholic(drink) && !BREWED.includes(drink.type)),
  },
  {
    id: 'other drink',
    slot: 'drink',
    holds: ofDrinks((drink) => isAlcoholic(drink) && BREWED.includes(drink.type)),
  },
  { id: 'no-alcohol', slot: 'no-alcohol', holds: ofDrinks((drink) => !isAlcoholic(drink)) },
  { id: 'butter', slot: 'butter', holds: ofRoles('butter') },
  { id: 'dip', slot: 'dip', holds: ofRoles('dip', 'oil') },
  { id: 'seasoning', slot: 'seasoning', holds: ofRoles('seasoning') },
] as const satisfies readonly Shelf[];
export type ShelfId = (typeof SHELVES)[number]['id'];

export const shelvesOf = (slot: Slot): readonly (typeof SHELVES)[number][] =>
  SHELVES.filter((shelf) => shelf.slot === slot);

/** The shelf that a good stands on; null where it is none of what stands beside. */
export const shelfOf = (good: Good): ShelfId | null => SHELVES.find(({ holds }) => holds(good))?.id ?? null;

const inSlot = (good: Good, slot: Slot): good is Beside =>
  SHELVES.some((shelf) => shelf.slot === slot && shelf.holds(good));

/** Everything on the counter for a slot that no limit keeps off the board, by id. Nobody drinks: no drink with alcohol. */
export function candidatesFor(slot: Slot, counter: Served, brief: Brief): readonly Beside[] {
  if (slot === 'drink' && drinkersOf(brief) === 0) return [];
  const { season, south, servingAt, role } = brief;
  const { limits, country, steamed, infants } = companyOf(brief);
  const key = canonicalText([limits, country, steamed, season, south ?? false, servingAt, role, infants > 0]);
  return candidatesOf(counter)[slot](key, brief);
}

/**
 * What a person chose for a slot: a candidate, or what only the gate keeps from being one. That stays: it is a danger, or honey where
 * an infant sits, and nobody takes it away in silence.
 */
export function byHandIn(
  slot: Slot,
  id: string,
  candidates: readonly Beside[],
  counter: Served,
  brief: Brief,
): Beside | undefined {
  const known = candidates.find((beside) => beside.id === id);
  if (known) return known;
  const shelf: readonly Beside[] = [...companionsOn(counter), ...drinksOn(counter)];
  const company = companyOf(brief);
  return shelf.find((good) => good.id === id && inSlot(good, slot) && !mayOffer(good, company));
}

/** The candidates of a counter, slot by slot; worked out again only when limits, day season or role are others. */
const candidatesOf = memoisedBy((counter: Served) => {
  const shelf: readonly Beside[] = [...companionsOn(counter), ...drinksOn(counter)];
  const forSlot = (slot: Slot) => {
    const pool = shelf.filter((good) => inSlot(good, slot));
    let last: { key: string; goods: readonly Beside[] } | null = null;
    return (key: string, brief: Brief): readonly Beside[] => {
      const company = companyOf(brief);
      // In season only, where that was asked for: a strawberry at Christmas is dear and tastes of nothing.
      const may = (good: Beside) =>
        mayOffer(good, company) &&
        !(brief.season && outOfSeason(good, brief)) &&
        !(good.kind === 'companion' && besidePerAdult(brief, BESIDE_OF[good.role]) === 0);
      if (last?.key !== key) last = { key, goods: pool.filter(may) };
      return last.goods;
    };
  };
  return Object.fromEntries(SLOTS.map((slot) => [slot, forSlot(slot)])) as Record<
    Slot,
    ReturnType<typeof forSlot>
  >;
});

/** The most of each slot that a board carries, so that few jars serve many goods; small for up to 8 heads. */
export const SET_SIZE: Record<Slot, { small: number; large: number }> = {
  sweet: { small: 2, large: 3 },
  brine: { small: 1, large: 2 },
  crunchy: { small: 1, large: 2 },
  bread: { small: 2, large: 3 },
  drink: { small: 2, large: 3 },
  'no-alcohol': { small: 1, large: 2 },
  butter: { small: 0, large: 0 },
  dip: { small: 0, large: 0 },
  seasoning: { small: 0, large: 0 },
};
export const SMALL_TABLE = 8;
