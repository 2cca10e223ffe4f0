import type { House } from '../brief/index.js';
import type { Good, Counted } from '../counter/index.js';
import { money, type Money } from '../units/index.js';
import { takeOff } from './moves.js';
import type { OrderBody } from './order.js';
import { plan, type Plan } from './plan.js';

/** What the board would be without a companion or drink. */
export interface WithoutIt {
  /** Points of the pairing that it costs, over all goods and slots. */
  readonly loses: number;
  /** What the customer pays less; below nothing: more, since what comes in its place is dearer. */
  readonly saves: Money;
  /** What comes in its place. */
  readonly instead: readonly Good[];
}

/** How well the goods of a board are served by what stands beside them. */
const pairingOf = ({ pairs }: Plan): number =>
  [...pairs.byGood.values()].flat().reduce((sum, { match }) => sum + (match?.score ?? 0), 0);

/** Planned out, so that what is said is what happens when it is taken off. */
export function withoutIt(order: OrderBody, now: Plan, shelf: Counted, house: House, id: string): WithoutIt {
  const then = plan(takeOff(order, id), shelf, house);
  const had = new Set(now.pairs.set.map(({ beside }) => beside.id));
  return {
    loses: pairingOf(now) - pairingOf(then),
    saves: money(now.sum.price - then.sum.price),
    instead: then.pairs.set.map(({ beside }) => beside).filter((beside) => !had.has(beside.id)),
  };
}
