import { REACHES, type Reach } from '../care/index.js';
import type { House } from '../brief/index.js';
import type { Counted } from '../counter/index.js';
import { money, type Money } from '../units/index.js';
import type { OrderBody } from './order.js';
import { plan, type Plan } from './plan.js';

/** What choosing a reach for a guest does to the order, against one in which nothing is done for them. */
export interface ReachWay {
  readonly reach: Exclude<Reach, 'undecided'>;
  /** Cheeses and meats of the board, more or fewer. */
  readonly kinds: number;
  /** Points of the selection's figure. */
  readonly points: number;
  readonly price: Money;
  /** Names of what leaves the board and what stands beside it. */
  readonly goes: readonly string[];
  /** Own plates that come with it. */
  readonly plates: number;
}

const reaching = (order: OrderBody, person: number, reach: Reach): OrderBody => ({
  ...order,
  brief: {
    ...order.brief,
    persons: order.brief.persons.map((one, i) => (i === person ? { ...one, reach } : one)),
  },
});

const offered = ({ mains, beside }: Plan) => [...mains, ...beside];

/** Each reach that somebody can choose for a guest, with what it does. Plans the order once for each. */
export function reachWays(order: OrderBody, shelf: Counted, house: House, person: number): ReachWay[] {
  const planned = (reach: Reach) => plan(reaching(order, person, reach), shelf, house);
  const before = planned('undecided');
  return REACHES.flatMap((reach) => {
    if (reach === 'undecided') return [];
    const after = planned(reach);
    const left = new Set(offered(after).map(({ id }) => id));
    return [
      {
        reach,
        kinds: after.mains.length - before.mains.length,
        points: after.balance.dial - before.balance.dial,
        price: money(after.sum.price - before.sum.price),
        goes: offered(before)
          .filter(({ id }) => !left.has(id))
          .map(({ name }) => name),
        plates:
          after.ownPlates.reduce((sum, { guests }) => sum + guests, 0) -
          before.ownPlates.reduce((sum, { guests }) => sum + guests, 0),
      },
    ];
  });
}
