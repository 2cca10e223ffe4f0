import { ageOn, isMain, lotOn, withLots, type Good } from '../counter/index.js';
import { reason, type Days, type Reason } from '../units/index.js';
import type { Fields } from '../stage/index.js';

declare module '../units/reason.js' {
  interface Rules {
    /** The lot that was taken is sold out, and the one that is cut in its place has another age. */
    'lot-replaced': { good: string; was: Days; is: Days; lot: string };
  }
}

/** From this share of the older one on two ages taste and cost differently. House's own figure. */
const AGES_APART = 0.2;

const isLeft = (good: Good, id: string): boolean =>
  good.lots.some((lot) => lot.id === id && (lot.grams > 0 || lot.pieces > 0));

/**
 * Picked cheeses and meats of which the lot that the order took is sold out, where another of a different age would be cut: a person
 * says whether that will do (`takeLot`), or swaps it.
 * @param goods the counter as the order holds it, by id
 */
export function replacedLots(
  {
    selection,
    snapshot,
    state,
    brief: { servingAt },
  }: Pick<Fields, 'selection' | 'snapshot' | 'state' | 'brief'>,
  goods: ReadonlyMap<string, Good>,
): Reason[] {
  if (state === 'finished') return [];
  return (selection.goods ?? []).flatMap((id) => {
    const entry = snapshot.goods[id];
    const now = goods.get(id);
    if (!entry || !now || !isMain(now) || !isMain(entry.good)) return [];
    const [kept] = withLots([entry.good] as never, entry.lot === null ? {} : { [id]: entry.lot });
    const was = kept && isMain(kept) ? lotOn(kept, servingAt) : null;
    const is = lotOn(now, servingAt);
    if (!was || !is || !kept || !isMain(kept) || was.lot.id === is.lot.id || isLeft(now, was.lot.id))
      return [];
    const [before, after] = [ageOn(kept, servingAt), ageOn(now, servingAt)];
    if (Math.abs(before - after) < AGES_APART * Math.max(before, after)) return [];
    const figures = { good: now.name, was: before, is: after, lot: is.lot.id };
    return [reason('lot-replaced', figures, { subject: id })];
  });
}
