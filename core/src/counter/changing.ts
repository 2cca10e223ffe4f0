import { canonicalText, hashOf } from '../units/index.js';
import type { CounterChange } from './change.js';
import type { Good } from './good.js';

/** Making, carrying out and taking back changes of the counter; their schemas are in change.ts. */

/** The text by which two versions of a good are compared. */
export const goodMark = ({ read: _, ...good }: Good): string => hashOf(canonicalText(good));

/** A change as lines of JSON, in the order in which they are sent. */
export function* linesOf({ name, put, remove }: CounterChange): Generator<string> {
  yield JSON.stringify({ name });
  for (const one of put) yield JSON.stringify({ put: one });
  for (const one of remove) yield JSON.stringify({ remove: one });
}

type Change = Pick<CounterChange, 'put' | 'remove'>;

/** A good whose lots say when they were counted: a weight or number that differs from what was there was counted now. */
function counted(good: Good, before: Good | undefined, at: string): Good {
  const lots = good.lots.map((lot) => {
    const was = before?.lots.find(({ id }) => id === lot.id);
    const isNew = !was || was.grams !== lot.grams || was.pieces !== lot.pieces;
    return isNew && lot.countedAt === (was?.countedAt ?? null) ? { ...lot, countedAt: at } : lot;
  });
  return { ...good, lots };
}

/** The change that puts these goods over what is on the counter now. @param at ISO time of it, at which its lots were counted; null: as they say themselves */
export function changeTo(
  name: string,
  goods: readonly Good[],
  counter: ReadonlyMap<string, Good>,
  at: string | null = null,
): CounterChange {
  const put = goods.map((changedGood) => {
    const before = counter.get(changedGood.id);
    const good = at === null ? changedGood : counted(changedGood, before, at);
    return { good, was: before ? goodMark(before) : null };
  });
  return { name, put, remove: [] };
}

export const removalOf = (name: string, goods: readonly Good[]): CounterChange => ({
  name,
  put: [],
  remove: goods.map((good) => ({ id: good.id, was: goodMark(good) })),
});

/** Goods of a change that are no longer as they were when it was made; empty when it may be carried out. */
export function staleGoods({ put, remove }: Change, counter: ReadonlyMap<string, Good>): string[] {
  const isStale = (id: string, was: string | null) => {
    const now = counter.get(id);
    return (now ? goodMark(now) : null) !== was;
  };
  return [
    ...put.filter(({ good, was }) => isStale(good.id, was)).map(({ good }) => good.id),
    ...remove.filter(({ id, was }) => isStale(id, was)).map(({ id }) => id),
  ];
}

/** The counter after a change, in the order it had, new goods at the end. */
export function changed({ put, remove }: Change, counter: readonly Good[]): Good[] {
  const next = new Map(counter.map((good) => [good.id, good]));
  for (const { good } of put) next.set(good.id, good);
  for (const { id } of remove) next.delete(id);
  return [...next.values()];
}

/** The change that takes a change back. @param before the counter as it was before the change */
export function inverseOf(change: CounterChange, before: ReadonlyMap<string, Good>): CounterChange {
  const touched = [...change.put.map(({ good }) => good.id), ...change.remove.map(({ id }) => id)];
  const after = new Map(change.put.map(({ good }) => [good.id, good]));
  const back = touched.flatMap((id) => before.get(id) ?? []);
  return {
    name: change.name,
    put: back.map((good) => {
      const now = after.get(good.id);
      return { good, was: now ? goodMark(now) : null };
    }),
    remove: [...after.values()]
      .filter((good) => !before.has(good.id))
      .map((good) => ({ id: good.id, was: goodMark(good) })),
  };
}
