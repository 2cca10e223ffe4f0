import type { Main } from '../counter/index.js';
import type { Fields } from '../stage/index.js';
import type { Weighing } from './fields.js';
import type { CutPart } from './stage.js';

/** Before the first cut. */
const NOTHING_CUT: Fields['cutting'] = { targets: {}, madeUp: {}, entries: [] };

type Cuts = Pick<Fields, 'cutting'>;
type AtTheScale = CutPart & { readonly mains: readonly Main[] };

/** Moves at the scale. The first cut freezes what every good is aimed at; each weighing is an entry that is kept. */

/** Grams that the knife aims at for a good now: what is to leave the counter's piece. */
export const aimedAt = ({ cuts, weighed }: CutPart, goodId: string): number =>
  weighed.get(goodId)?.target ?? cuts.find((cut) => cut.goodId === goodId)?.taken ?? 0;

/** A good was weighed. */
export function weigh<O extends Cuts>(order: O, plan: CutPart, entry: Omit<Weighing, 'target'>): O {
  const { cutting } = order;
  const targets =
    Object.keys(cutting.targets).length > 0
      ? cutting.targets
      : Object.fromEntries([...plan.shares].map(([id, { net }]): [string, number] => [id, net]));
  const target = Math.round(aimedAt(plan, entry.goodId));
  return { ...order, cutting: { ...cutting, targets, entries: [...cutting.entries, { ...entry, target }] } };
}

/** The weighings of a good are taken back; with the last of all the targets move again. */
export function unweigh<O extends Cuts>(order: O, goodId: string): O {
  const entries = order.cutting.entries.filter((entry) => entry.goodId !== goodId);
  return { ...order, cutting: entries.length > 0 ? { ...order.cutting, entries } : NOTHING_CUT };
}

/** Net grams of one kind that were cut too much (below nothing: too little) and not made up yet. */
export function overSoFar(
  order: Cuts,
  { mains, weighed, cuts }: AtTheScale,
  kind: 'cheese' | 'meat',
): number {
  return mains
    .filter((main) => main.kind === kind)
    .reduce((sum, { id }) => {
      const found = weighed.get(id);
      const cut = cuts.find(({ goodId }) => goodId === id);
      const over = found && cut && cut.gross > 0 ? found.over * (cut.net / cut.gross) : 0;
      return sum + over + (order.cutting.madeUp[id] ?? 0);
    }, 0);
}

/** Take what is over off the aim of a good still uncut, or put what is under on it; never below nothing. */
export function makeUp<O extends Cuts>(order: O, plan: AtTheScale, goodId: string): O {
  const main = plan.mains.find(({ id }) => id === goodId);
  if (!main || plan.weighed.has(goodId)) return order;
  const now = plan.shares.get(goodId)?.net ?? 0;
  const change = Math.max(-now, -Math.round(overSoFar(order, plan, main.kind)));
  const { madeUp } = order.cutting;
  return {
    ...order,
    cutting: { ...order.cutting, madeUp: { ...madeUp, [goodId]: (madeUp[goodId] ?? 0) + change } },
  };
}
