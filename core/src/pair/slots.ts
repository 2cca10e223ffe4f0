import { BESIDE_OF, besidePerAdult } from '../amount/index.js';
import { exclusionsOf } from '../care/index.js';
import type { Brief } from '../brief/index.js';
import { drinkersOf, outOfSeason } from '../brief/index.js';
import {
  companionsOn,
  drinksOn,
  type Companion,
  type CompanionRole,
  type Drink,
  type Good,
} from '../counter/index.js';
import { canonicalText, rememberedBy } from '../units/index.js';

/** What stands beside a good: one of each slot. */
export const SLOTS = ['sweet', 'brine', 'crunchy', 'bread', 'drink', 'no-alcohol'] as const;
export type Slot = (typeof SLOTS)[number];
export type Beside = Companion | Drink;

const SLOT_ROLES: Record<'sweet' | 'brine' | 'crunchy' | 'bread', readonly CompanionRole[]> = {
  sweet: ['honey', 'preserve', 'fruit', 'dried fruit', 'chocolate'],
  brine: ['brine', 'savoury spread', 'mustard', 'chutney', 'dip'],
  crunchy: ['nut', 'vegetable'],
  bread: ['bread', 'cracker'],
};

/** More than this is a drink with alcohol (EU: to be declared above 1.2 %; the strict 0.5 % is used). */
export const ALCOHOL_FREE_ABV = 0.5;

export function inSlot(good: Good, slot: Slot): good is Beside {
  if (slot === 'drink') return good.kind === 'drink' && good.abv > ALCOHOL_FREE_ABV;
  if (slot === 'no-alcohol') return good.kind === 'drink' && good.abv <= ALCOHOL_FREE_ABV;
  return good.kind === 'companion' && SLOT_ROLES[slot].includes(good.role);
}

/** Everything on the counter for a slot that no limit keeps off the board, by id. Nobody drinks: no drink with alcohol. */
export function candidatesFor(slot: Slot, counter: readonly Good[], brief: Brief): readonly Beside[] {
  if (slot === 'drink' && drinkersOf(brief) === 0) return [];
  const { limits, season, south, servingAt, role } = brief;
  const asked = canonicalText([limits, season, south ?? false, servingAt, role]);
  return candidatesOf(counter)[slot](asked, brief);
}

/** The candidates of a counter, slot by slot; worked out again only when limits, day season or role are others. */
const candidatesOf = rememberedBy((counter: readonly Good[]) => {
  const shelf: readonly Beside[] = [...companionsOn(counter), ...drinksOn(counter)];
  const forSlot = (slot: Slot) => {
    const pool = shelf.filter((good) => inSlot(good, slot));
    let last: { asked: string; goods: readonly Beside[] } | null = null;
    return (asked: string, brief: Brief): readonly Beside[] => {
      // In season only, where that was asked for: a strawberry at Christmas is dear and tastes of nothing.
      const may = (good: Beside) =>
        exclusionsOf(good, brief.limits).length === 0 &&
        !(brief.season && outOfSeason(good, brief)) &&
        !(good.kind === 'companion' && besidePerAdult(brief, BESIDE_OF[good.role]) === 0);
      if (last?.asked !== asked) last = { asked, goods: pool.filter(may) };
      return last.goods;
    };
  };
  return Object.fromEntries(SLOTS.map((slot) => [slot, forSlot(slot)])) as Record<
    Slot,
    ReturnType<typeof forSlot>
  >;
});

/** How many of each slot a board carries, so that few jars serve many goods; small for up to 8 heads. */
export const SET_SIZE: Record<Slot, { small: number; large: number }> = {
  sweet: { small: 2, large: 3 },
  brine: { small: 1, large: 2 },
  crunchy: { small: 1, large: 2 },
  bread: { small: 2, large: 3 },
  drink: { small: 2, large: 3 },
  'no-alcohol': { small: 1, large: 2 },
};
export const SMALL_TABLE = 8;
