import { z } from 'zod';
import { Good, GoodId, MOST_GOODS } from './good.js';

/** One step on the counter: goods put (new or changed) and goods taken away, all or nothing. Its inverse undoes it. */

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
