import type { z } from 'zod';
import { Brief } from './brief.js';

/** What an order holds of this stage. */
export const briefFields = { brief: Brief };

declare module '../stage/fields.js' {
  interface Fields extends z.output<z.ZodObject<typeof briefFields>> {}
}
