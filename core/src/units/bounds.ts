import { z } from 'zod';
import { oneLine } from './text.js';

/**
 * A field of one line: a name, a title, a place. Line breaks become spaces, for it goes into calendars, headers and names of
 * files.
 */
export const lineText = (most: number, least = 0, says?: string) =>
  z.string().overwrite(oneLine).min(least, says).max(most);

/** A table by key, with a bound on its entries: nobody sets more by hand, and more would stall whoever plans it. */
export const recordOf = <K extends z.ZodType<string>, V extends z.ZodType>(key: K, value: V, most: number) =>
  z
    .record(key as never, value)
    .refine(
      (all) => Object.keys(all).length <= most,
      `at most ${most.toLocaleString('en')} entries`,
    ) as unknown as z.ZodRecord<z.ZodString, V>;
