import { z } from 'zod';
import { lineText } from '../units/index.js';
import { garnishTrouble } from './garnishes.js';
import { Good, GoodId, MOST_GOODS } from './good.js';

/** One step on the counter: goods put (new or changed) and goods taken away, all or nothing. Its inverse undoes it. */

const Was = z.string().max(32).nullable();

const ChangeName = lineText(200, 1);
const Put = z.object({
  good: Good.superRefine((good, ctx) => {
    const why = garnishTrouble(good);
    if (why) ctx.addIssue({ code: 'custom', path: ['name'], message: why });
  }),
  was: Was.describe('mark of the good that it replaces; null: a new one'),
});
const Remove = z.object({ id: GoodId, was: Was.unwrap() });

export const CounterChange = z
  .object({
    name: ChangeName,
    put: z.array(Put).max(MOST_GOODS).default([]),
    remove: z.array(Remove).max(MOST_GOODS).default([]),
  })
  .superRefine((change, ctx) => {
    for (const id of doubledIn(change))
      ctx.addIssue({ code: 'custom', path: ['put'], message: doubledWords(id) });
  });
export type CounterChange = z.infer<typeof CounterChange>;

/** Ids of goods that one change names twice: put twice, taken away twice, or both. Which should hold is undefined. */
export function doubledIn({ put, remove }: Pick<CounterChange, 'put' | 'remove'>): string[] {
  const seen = new Set<string>();
  const twice = new Set<string>();
  for (const id of [...put.map(({ good }) => good.id), ...remove.map(({ id }) => id)])
    (seen.has(id) ? twice : seen).add(id);
  return [...twice];
}

export const doubledWords = (id: string): string =>
  `${id} stands twice in one change; send each good once. Nothing was written`;

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
