import { z } from 'zod';
import { lineText, Millimetres } from '../units/index.js';
import { WARE_USES } from '../counter/words.js';

/** The place of a party: zone, table and wares; the schemas that brief and house share. */

function isTimeZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}
export const TimeZone = z
  .string()
  .max(60)
  .refine(isTimeZone, 'a time zone is named by region and city, such as Europe/Dublin');

const Celsius = z.number().min(-20, 'nobody eats below -20 °C').max(50, 'nobody eats above 50 °C');
const Measure = Millimetres.refine((mm) => mm > 0 && mm <= 20_000, 'a measure is more than 0 and up to 20 m');

/** A board, bowl or tool that the customer has; measures in mm, where they are known. */
const OwnWare = z.object({
  name: lineText(80, 1),
  use: z.enum(WARE_USES),
  count: z.number().int().min(1).max(500).default(1),
  length: Measure.nullable().default(null),
  width: Measure.nullable().default(null),
  diameter: Measure.nullable().default(null),
  ml: z.number().positive().max(20_000).nullable().default(null),
});
export type OwnWare = z.infer<typeof OwnWare>;

/** How long, how warm and on what it stands; each unknown until somebody says it. */
export const PLACE_FIELDS = {
  /** From serving to the end of the party. */
  hours: z.number().min(0.5).max(14).default(3),
  /** At the table, and on the way there; null: as usual for where it is. */
  roomCelsius: Celsius.nullable().default(null),
  journeyCelsius: Celsius.nullable().default(null),
  /** null: that of the house. */
  timeZone: TimeZone.nullable().default(null),
  tableSize: z.object({ length: Measure, width: Measure }).nullable().default(null),
  /** Sides from which guests reach it; null: by the kind of table. */
  openSides: z.number().int().min(1).max(4).nullable().default(null),
  wares: z.array(OwnWare).max(30).default([]),
};
