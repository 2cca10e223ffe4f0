import { z } from 'zod';
import { ByGood } from '../counter/index.js';
import { lineText } from '../units/index.js';

/** Three words that describe a good, and one thing to say of it; null: as Rotula would. */
const Telling = z.object({
  words: z.array(lineText(40, 1)).max(3).nullable().default(null),
  point: lineText(200).nullable().default(null),
});
export type Telling = z.infer<typeof Telling>;

/** What an order holds of what guests are told. */
export const menuFields = {
  /** What menu and cards say of a good, where a person said or accepted it. */
  telling: ByGood(Telling).default({}),
};

declare module '../stage/fields.js' {
  interface Fields extends z.output<z.ZodObject<typeof menuFields>> {}
}
