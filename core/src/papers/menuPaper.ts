import { heads } from '../brief/index.js';
import type { AllergenId, Companion } from '../counter/index.js';
import type { Bite } from '../menu/index.js';
import { guestCards, whileUnknown, type GuestCard } from './cards.js';
import { nameOnBoard } from './claims.js';
import { menuOf } from './menu.js';
import type { Paper } from './paper.js';
import { tableList } from './tableList.js';

/** Everything that has a number: the tasting in its order and the dessert after it. */
export interface MenuStep {
  readonly card: GuestCard;
  /** The palate is cleared before it. */
  readonly cleanse: boolean;
  /** Names of what to try with it, and of what to drink. */
  readonly tryWith: string | null;
  readonly drink: readonly string[];
}

/** For the guests: the tasting in its order, the bites to try, and what is on this table. */
export interface TastingMenu {
  readonly steps: readonly MenuStep[];
  readonly cleanser: Companion | null;
  readonly bites: readonly Bite[];
  readonly contains: readonly AllergenId[];
  readonly mayContain: readonly AllergenId[];
  readonly hasGuests: boolean;
}

export const menuPaper: Paper<TastingMenu> = {
  for: 'guests',
  needs: [],
  hold: whileUnknown,
  data: ({ plan, order, counter }) => {
    const menu = menuOf(plan, order, counter);
    const entryOf = new Map(menu.entries.map((entry) => [entry.goodId, entry]));
    const cleansed = new Set(plan.walk.steps.filter(({ cleanse }) => cleanse).map(({ number }) => number));
    const rows = tableList(plan);
    return {
      steps: guestCards(plan, menu)
        .filter(({ number }) => number !== null)
        .sort((a, b) => a.number! - b.number!)
        .map((card) => {
          const entry = entryOf.get(card.good.id);
          return {
            card,
            cleanse: cleansed.has(card.number!),
            tryWith: entry?.tryWith ? nameOnBoard(entry.tryWith.beside) : null,
            drink: [entry?.drink, entry?.noAlcohol].flatMap((match) =>
              match ? [nameOnBoard(match.beside)] : [],
            ),
          };
        }),
      cleanser: plan.cleanser,
      bites: menu.bites,
      contains: rows.filter((row) => row.contains.length > 0).map(({ id }) => id),
      mayContain: rows.filter((row) => row.contains.length === 0).map(({ id }) => id),
      hasGuests: heads(order.brief) > 0,
    };
  },
};
