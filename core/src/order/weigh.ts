import type { Weighing } from './order.js';
import { NOTHING_CUT } from './states.js';
import type { OrderBody } from './order.js';
import type { Plan } from './plan.js';

/** Moves at the scale. The first cut freezes what every good is aimed at; each weighing is an entry that is kept. */

/** Gross grams that the knife aims at for a good now. */
export const aimedAt = ({ cuts, weighed }: Plan, goodId: string): number =>
  weighed.get(goodId)?.target ?? cuts.find((cut) => cut.goodId === goodId)?.gross ?? 0;

/** A good was weighed. */
export function weigh(order: OrderBody, plan: Plan, entry: Omit<Weighing, 'target'>): OrderBody {
  const { targets, entries } = order.cutting;
  const frozen =
    Object.keys(targets).length > 0
      ? targets
      : Object.fromEntries([...plan.shares].map(([id, { net }]): [string, number] => [id, net]));
  const target = Math.round(aimedAt(plan, entry.goodId));
  return { ...order, cutting: { targets: frozen, entries: [...entries, { ...entry, target }] } };
}

/** The weighings of a good are taken back; with the last of all the targets move again. */
export function unweigh(order: OrderBody, goodId: string): OrderBody {
  const entries = order.cutting.entries.filter((entry) => entry.goodId !== goodId);
  return { ...order, cutting: entries.length > 0 ? { ...order.cutting, entries } : NOTHING_CUT };
}

/** What was cut too much or too little so far, as net grams of one kind; it can be made up on a good still uncut. */
export function overSoFar({ mains, weighed, cuts }: Plan, kind: 'cheese' | 'meat'): number {
  return mains
    .filter((main) => main.kind === kind)
    .reduce((sum, { id }) => {
      const found = weighed.get(id);
      const cut = cuts.find(({ goodId }) => goodId === id);
      return found && cut && cut.gross > 0 ? sum + found.over * (cut.net / cut.gross) : sum;
    }, 0);
}

/** Take what is over off the aim of a good still uncut, or put what is under on it. */
export function makeUp(order: OrderBody, plan: Plan, goodId: string): OrderBody {
  const main = plan.mains.find(({ id }) => id === goodId);
  if (!main) return order;
  const now = order.cutting.targets[goodId] ?? plan.shares.get(goodId)?.net ?? 0;
  const next = Math.max(0, Math.round(now - overSoFar(plan, main.kind)));
  // A weight set by hand would stand above the target.
  return { ...order, cutting: { ...order.cutting, targets: { ...order.cutting.targets, [goodId]: next } } };
}
