import type { Brief } from '../brief/index.js';
import type { Companion } from '../counter/index.js';
import { purchase } from '../amount/index.js';
import { grams, type Grams, type Money } from '../units/index.js';
import { BANDS, boardArea } from './boards.js';
import type { BoardChoice } from './choices.js';
import type { Thing } from './thing.js';

/** What feeds the guests against what makes a board look as full as the manner asks. */
export interface Fill {
  /** Grams that lie on all boards in the first wave. */
  readonly feed: Grams;
  /** What more of the cheapest filler would fill them to the manner's band; null: they are full enough. */
  readonly filler: { readonly good: Companion; readonly grams: Grams; readonly price: Money } | null;
}

/** So little of the board is not worth filling. */
const HARDLY = 0.03;

/** A board too large is the dear mistake: what it would cost to fill it, by the filler that is cheapest for the area that it covers. */
export function fillOf(
  brief: Brief,
  { parts, many, fullness }: BoardChoice,
  things: readonly Thing[],
  beside: readonly Companion[],
): Fill {
  const feed = grams(Math.round(many * things.reduce((sum, thing) => sum + thing.grams, 0)));
  const area = many * parts.reduce((sum, { board }) => sum + boardArea(board), 0);
  const missing = (BANDS[brief.manner][0] - fullness) * area;
  if (missing <= HARDLY * area) return { feed, filler: null };
  const fillers = beside.flatMap((good) => {
    const thing = things.find(({ id, lies }) => id === good.id && lies === 'patch');
    if (!thing || thing.area <= 0) return [];
    const more = grams(Math.ceil((missing * thing.grams) / thing.area));
    return [{ good, grams: more, price: purchase(good, more, brief.practice).price }];
  });
  const [filler] = fillers.sort((a, b) => a.price - b.price || (a.good.id < b.good.id ? -1 : 1));
  return { feed, filler: filler ?? null };
}
