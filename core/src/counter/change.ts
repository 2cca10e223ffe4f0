import { z } from 'zod';
import { canonicalText, hashOf } from '../units/index.js';
import { Good, GoodId, MOST_GOODS } from './good.js';

/** One step on the counter: goods put (new or changed) and goods taken away, all or nothing. Its inverse undoes it. */

/** The text by which two versions of a good are told apart. */
export const goodMark = (good: Good): string => hashOf(canonicalText(good));

const Was = z.string().max(32).nullable();

const ChangeName = z.string().trim().min(1).max(200);
const Put = z.object({ good: Good, was: Was.describe('mark of the good that it replaces; null: a new one') });
const Remove = z.object({ id: GoodId, was: Was.unwrap() });

export const CounterChange = z.object({
  name: ChangeName,
  put: z.array(Put).max(MOST_GOODS).default([]),
  remove: z.array(Remove).max(MOST_GOODS).default([]),
});
export type CounterChange = z.infer<typeof CounterChange>;

/** One line of a large change that is sent as a stream: its name first, then goods. */
export const CounterLine = z.union([
  z.strictObject({ name: ChangeName }),
  z.strictObject({ put: Put }),
  z.strictObject({ remove: Remove }),
]);
export type CounterLine = z.infer<typeof CounterLine>;

/** The schema of one line by its key, so that a good is not tried as everything else first; null for no such line. */
export function lineSchema(value: unknown): z.ZodType<CounterLine> | null {
  const [key, ...more] = typeof value === 'object' && value !== null ? Object.keys(value) : [];
  const at = ['name', 'put', 'remove'].indexOf(key ?? '');
  return at < 0 || more.length > 0 ? null : (CounterLine.options[at] as z.ZodType<CounterLine>);
}

/** A change as lines of JSON, in the order in which they are sent. */
export function* linesOf({ name, put, remove }: CounterChange): Generator<string> {
  yield JSON.stringify({ name });
  for (const one of put) yield JSON.stringify({ put: one });
  for (const one of remove) yield JSON.stringify({ remove: one });
}

type Change = Pick<CounterChange, 'put' | 'remove'>;

/** The change that puts these goods over what is on the counter now. */
export function changeTo(
  name: string,
  goods: readonly Good[],
  counter: ReadonlyMap<string, Good>,
): CounterChange {
  const put = goods.map((good) => {
    const before = counter.get(good.id);
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
