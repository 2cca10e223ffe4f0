import { z } from 'zod';
import { briefFields } from '../brief/fields.js';
import { clockFields } from '../clock/fields.js';
import { cutFields } from '../cut/fields.js';
import { layFields } from '../lay/fields.js';
import { menuFields } from '../menu/fields.js';
import { pairFields } from '../pair/fields.js';
import { pickFields } from '../pick/fields.js';
import { portionFields } from '../portion/fields.js';
import { lineText } from '../units/index.js';
import { walkFields } from '../walk/fields.js';
import { ORDER_STATES } from './states.js';

/** What the document itself holds, whatever its stages are. */
const documentFields = {
  title: lineText(160, 1, 'an order needs a name'),
  customer: lineText(160).default(''),
  state: z.enum(ORDER_STATES).default('new'),
  note: z.string().max(4000).default(''),
  /** Advice that was left, by rule and subject (a good's id, not its name); it stays visible as left. */
  adviceLeft: z
    .array(z.object({ rule: z.string().max(60), subject: z.string().max(2000) }))
    .max(200)
    .default([]),
  /** Dangers that somebody took on by name: what is only mended is never among them. */
  takenOn: z
    .array(
      z.object({
        rule: z.string().max(60),
        subject: z.string().max(2000),
        by: lineText(60, 1, 'whoever takes it on gives a name'),
        on: z.iso.date(),
      }),
    )
    .max(100)
    .default([]),
};

declare module '../stage/fields.js' {
  interface Fields extends z.output<z.ZodObject<typeof documentFields>> {}
}

/** Everything that an order holds: its own fields, and those of each room. */
export const orderFields = {
  ...documentFields,
  ...briefFields,
  ...pickFields,
  ...portionFields,
  ...cutFields,
  ...pairFields,
  ...walkFields,
  ...menuFields,
  ...layFields,
  ...clockFields,
};
