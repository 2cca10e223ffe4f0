import { z } from 'zod';
import { ByGood, GoodId } from '../counter/index.js';
import { COLOUR_SCHOOLS, GROUP_SCHOOLS, MEAT_SCHOOLS, PLACE_SCHOOLS, USUAL_SCHOOLS } from './schools.js';
import { MOST_GARNISHES, MOST_SPRIGS } from './sprigs.js';

/** The farthest that a thing may lie from the middle of its board, mm: no surface is larger. */
const FARTHEST = 5000;

/** What a person decided of the laying: which boards, and what was put where by hand. */
export const Laying = z
  .object({
    /** Which of the ways to lay it, by its id (choices.ts); null: as Rotula would. */
    choice: z.string().max(400).nullable().default(null),
    /** Sent to another of its boards, by good id. */
    sent: ByGood(z.string().max(20)).default({}),
    /** What stands under its bell, by good. */
    bells: z.array(GoodId).max(60).default([]),
    /** What stands behind a divider, by good. */
    dividers: z.array(GoodId).max(60).default([]),
    /** Herbs, seeds and petals that were asked for, in sprigs or pinches. */
    garnish: z
      .array(z.object({ id: GoodId, sprigs: z.number().int().min(1).max(MOST_SPRIGS) }))
      .max(MOST_GARNISHES)
      .default([]),
    bread: z.enum(['on', 'apart']).nullable().default(null),
    /** mm from the middle of the board, and the turn in degrees, by good id. */
    pins: ByGood(
      z.object({
        x: z.number().min(-FARTHEST).max(FARTHEST),
        y: z.number().min(-FARTHEST).max(FARTHEST),
        turn: z.number().min(-720).max(720),
        /** A person put it there; else it only stays where it was laid. */
        hand: z.boolean().default(true),
      }),
    ).default({}),
    seed: z.number().int().min(1).max(1e6).default(1),
    /** Where practitioners disagree. */
    schools: z
      .object({
        colours: z.enum(COLOUR_SCHOOLS).default(USUAL_SCHOOLS.colours),
        meats: z.enum(MEAT_SCHOOLS).default(USUAL_SCHOOLS.meats),
        groups: z.enum(GROUP_SCHOOLS).default(USUAL_SCHOOLS.groups),
        places: z.enum(PLACE_SCHOOLS).default(USUAL_SCHOOLS.places),
      })
      .default(USUAL_SCHOOLS),
  })
  .prefault({});
export type Laying = z.output<typeof Laying>;

/** What an order holds of this stage. */
export const layFields = { lay: Laying };

declare module '../stage/fields.js' {
  interface Fields extends z.output<z.ZodObject<typeof layFields>> {}
}
