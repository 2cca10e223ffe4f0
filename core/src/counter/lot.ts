import { z } from 'zod';
import { Grams, lineText, Money } from '../units/index.js';
import { IsoDate, Name, Text } from './fields.js';
import { TREATMENTS, TRIAL_DECISIONS, VERDICTS } from './words.js';

/** What is on the shelf of a good: its lots, and the small end that was bought to try it. */

const tick = z.boolean().default(false);
export const Arrival = z.object({
  clean: tick,
  fresh: tick,
  smell: tick,
  dates: tick,
  temperature: tick,
  /** It did not pass: it goes back. */
  refused: tick,
});
export type Arrival = z.infer<typeof Arrival>;
/** What comes in, before anybody looked. */
export const UNCHECKED: Arrival = Arrival.parse({});

export const Lot = z.object({
  id: lineText(64, 1),
  grams: Grams.describe(
    'weight at its last count; for drinks and wares the number of pieces is in `pieces`',
  ).default(0 as never),
  pieces: z.number().int().min(0).max(1e6).default(0),
  /** When this was counted; what orders cut since comes off it. null: before anybody wrote it down. */
  countedAt: z.string().max(40).nullable().default(null),
  madeOn: IsoDate.nullable().default(null),
  receivedOn: IsoDate.nullable().default(null),
  opened: z.boolean().default(false),
  /** How its milk was treated, where this lot differs from the good's usual; null: as the good. */
  treatment: z.enum(TREATMENTS).nullable().default(null),
  /** Its own price where it differs from the good's: the same cheese sold at several ages. */
  price: Money.refine((n) => n >= 0, 'a price is nothing or more')
    .nullable()
    .default(null),
  /** When it is at its best, by whoever ripens it; between these days it is at its peak. */
  bestFrom: IsoDate.nullable().default(null),
  bestUntil: IsoDate.nullable().default(null),
  /** The check when it came in; null: nothing is to be checked, it lay here before. */
  arrival: Arrival.nullable().default(null),
  verdict: z
    .object({
      says: z.enum(VERDICTS),
      taster: Name,
      on: IsoDate,
      note: Text.default(''),
      /** How it tastes, in the taster's own words: they stand first on menu and cards. */
      words: z.array(Name).max(6).default([]),
    })
    .nullable()
    .default(null),
});
export type Lot = z.infer<typeof Lot>;

/** A small end bought to try something unknown: what it cost, how it was, and what was made of it. */
export const Trial = z.object({
  paid: Money,
  grams: Grams,
  smell: z.string().max(300).default(''),
  looks: z.string().max(300).default(''),
  decision: z.enum(TRIAL_DECISIONS).default('undecided'),
});
