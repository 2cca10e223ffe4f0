import { z } from 'zod';
import { Brief, House } from '../brief/index.js';
import { ByGood, Counter, GOOD_FORMAT, GoodId, upgradedGoods, type Good } from '../counter/index.js';
import { DEFAULT_NODE_LIMIT, Search, Locks } from '../pick/index.js';
import { Laying } from '../lay/laySchema.js';
import { SLOTS } from '../pair/index.js';
import { lineText, upgraded, type Format, type Upgraded } from '../units/index.js';
import { ORDER_FORMAT } from './format.js';
import { Clock } from '../clock/clockSchema.js';
import { DRINKS_COME, MOST_DESSERTS, NOTHING_CUT, ORDER_STATES } from './states.js';
import { NO_SNAPSHOT } from './snapshot.js';
import { Snapshot } from './snapshotSchema.js';

/** The order document (docs/formats.md): only what a person decided. Everything else is derived by plan(). */

/** Cheeses and meats that one board can hold; more overwhelms long before (trade: 5 to 7), and needs a second order. */
export const MOST_MAINS = 24;
export const MOST_EXTRAS = 20;

const Selection = z.object({
  /** Cheeses and meats of the board, in the order in which they came; null: nothing has been picked yet. */
  goods: z
    .array(GoodId)
    .max(MOST_MAINS, `a board holds at most ${MOST_MAINS} cheeses and meats`)
    .refine((ids) => new Set(ids).size === ids.length, 'each good is named once')
    .nullable()
    .default(null),
  locked: z.array(GoodId).max(MOST_MAINS).default([]),
  leftOut: z.array(GoodId).max(500).default([]),
  /** Which lot is cut, where a person chose one: the same cheese is sold at several ages. */
  lots: ByGood(z.string().max(64)).default({}),
  /** Fingerprint of the brief for which the selection was last proposed. */
  briefFingerprint: z.string().max(64).nullable().default(null),
});

/** Three words that tell a good, and one thing to say of it; null: as Rotula would. */
const Telling = z.object({
  words: z.array(lineText(40, 1)).max(3).nullable().default(null),
  point: lineText(200).nullable().default(null),
});
export type Telling = z.infer<typeof Telling>;

/** What was really cut: targets that froze at the first cut, and every weighing. */

export const Weighing = z.object({
  id: z.string().min(1).max(64),
  goodId: GoodId,
  /** Gross grams that were aimed at, and that the scale said. */
  target: z.number().min(0).max(1e6),
  grams: z.number().min(0).max(1e6),
  lot: z.string().max(64).nullable().default(null),
  /** By the stand-in for a scale. */
  simulated: z.boolean().default(false),
  at: z.string().max(40),
});
export type Weighing = z.infer<typeof Weighing>;

const MOST_WEIGHINGS = 200;
export const Cutting = z.object({
  /** Net grams of every good when the first was cut; they do not move under the knife. */
  targets: ByGood(z.number().min(0).max(1e6)).default({}),
  /** What was put on the target of a good still uncut, or taken off it, for others that were cut too little or too much. */
  madeUp: ByGood(z.number().min(-1e6).max(1e6)).default({}),
  entries: z.array(Weighing).max(MOST_WEIGHINGS).default([]),
});
export type Cutting = z.infer<typeof Cutting>;

export const OrderBody = z.object({
  title: lineText(160, 1, 'an order needs a name'),
  customer: lineText(160).default(''),
  state: z.enum(ORDER_STATES).default('new'),
  note: z.string().max(4000).default(''),
  brief: Brief,
  selection: Selection.default({ goods: null, locked: [], leftOut: [], lots: {}, briefFingerprint: null }),
  /** Net grams set by hand. */
  portions: ByGood(z.number().min(0).max(1e6)).default({}),
  /** Do the drinks come with the order? Else they are suggested: counted and priced, and not in the sum. */
  drinks: z.enum(DRINKS_COME).default('suggested'),
  /** The price that was agreed with the customer, smallest unit: it stands, whatever is cut. */
  agreed: z.number().int().min(0).max(1e9).nullable().default(null),
  /** Waves of the food set by hand: how many, and the share that the first one holds. */
  waves: z
    .object({
      count: z.number().int().min(1).max(6).nullable().default(null),
      first: z.number().min(0.1).max(1).nullable().default(null),
    })
    .default({ count: null, first: null }),
  /** Cut style or fold set by hand. */
  cuts: ByGood(z.string().max(64)).default({}),
  /** What was really cut, from the first weighing on. */
  cutting: Cutting.default(NOTHING_CUT),
  /** Companion set by hand, by good and slot. */
  pairs: ByGood(z.partialRecord(z.enum(SLOTS), GoodId)).default({}),
  /** Companions added by hand, beside those that the pairing chose. */
  extras: z.array(GoodId).max(MOST_EXTRAS).default([]),
  /** Companions and drinks that were taken off the board: the pairing chooses among the others. */
  takenOff: z.array(GoodId).max(200).default([]),
  /** How many companions and drinks the pairing chooses; null: as many as pay. */
  pairKinds: z.number().int().min(1).max(40).nullable().default(null),
  /** Order of tasting set by hand. */
  walk: z.array(GoodId).max(MOST_MAINS).nullable().default(null),
  /** Goods pinned to a place of the tasting, from 1: the others are ordered round them. */
  walkPins: ByGood(z.number().int().min(1).max(MOST_MAINS)).default({}),
  /** Sweet things and sweet wine that are a step of their own, after all else. */
  desserts: z.array(GoodId).max(MOST_DESSERTS).default([]),
  /** What menu and cards say of a good, where a person said or accepted it. */
  telling: ByGood(Telling).default({}),
  /** Which boards it is laid on, and what was put where by hand. */
  lay: Laying,
  /** How it warms, who works, and what a person set of the day's work. */
  clock: Clock,
  /** The goods it uses, as they were when they were chosen. */
  snapshot: Snapshot.default(NO_SNAPSHOT),
  /** Advice that was left, by rule and subject (a good's id, not its name); it stays visible as left. */
  adviceLeft: z
    .array(z.object({ rule: z.string().max(60), subject: z.string().max(2000) }))
    .max(200)
    .default([]),
});
export type OrderBody = z.infer<typeof OrderBody>;

export const OrderId = z
  .string()
  .regex(/^[a-z0-9][a-z0-9-]{0,63}$/, 'an order id has lower-case letters, digits and dashes');

export const Order = OrderBody.extend({
  id: OrderId,
  /** Rises by one with every save. */
  version: z.number().int().min(1),
  updatedAt: z.string().max(40),
});
export type Order = z.infer<typeof Order>;

/** What a person gives for a new order: a head count and a time; the rest has defaults. */
export const NewOrder = OrderBody.partial({ title: true });
export type NewOrder = z.infer<typeof NewOrder>;

/** The head of every file: what it is, and in which format. */
const headOf = (format: string, wrong: string) =>
  z.looseObject({
    format: z.literal(format, wrong),
    formatVersion: z.number('the file does not say its "formatVersion"').int(),
  });

/** A step that brings part of a file to today's format, or says why it cannot. */
function lifted<F extends { formatVersion: number }>(
  format: Format,
  lift: (file: F) => Upgraded,
  part: string,
): (file: F, ctx: z.RefinementCtx) => unknown {
  return (file, ctx) => {
    const up = lift(file);
    if ('document' in up)
      return {
        format: (file as { format?: unknown }).format,
        formatVersion: format.version,
        [part]: up.document,
      };
    ctx.addIssue({ code: 'custom', path: ['formatVersion'], message: up.says });
    return z.NEVER;
  };
}

/** The file format of one order; a file of an earlier format is upgraded as it is read. */
export const OrderFile = headOf(
  'rotula.order',
  'this is not an order file: its "format" is not "rotula.order"',
)
  .transform(lifted(ORDER_FORMAT, (file) => upgraded(ORDER_FORMAT, file.order, file.formatVersion), 'order'))
  .pipe(z.object({ format: z.literal('rotula.order'), formatVersion: z.number(), order: OrderBody }));
export type OrderFile = z.infer<typeof OrderFile>;

export const CounterHead = headOf(
  'rotula.counter',
  'this is not a counter file: its "format" is not "rotula.counter"',
);
export const CounterFile = CounterHead.transform(
  lifted(GOOD_FORMAT, (file) => upgradedGoods(file.goods, file.formatVersion), 'goods'),
).pipe(z.object({ format: z.literal('rotula.counter'), formatVersion: z.number(), goods: Counter }));

/** The counter as a file that comes back without loss. */
export const counterFile = (goods: readonly Good[]) => ({
  format: 'rotula.counter',
  formatVersion: GOOD_FORMAT.version,
  goods,
});

export const orderFile = (order: OrderBody): OrderFile => ({
  format: 'rotula.order',
  formatVersion: ORDER_FORMAT.version,
  order: OrderBody.parse(order),
});

export const PlanRequest = z.object({
  order: OrderBody,
  counter: Counter.optional(),
  house: House.optional(),
});
export const PickRequest = z.object({
  brief: Brief,
  counter: Counter.optional(),
  house: House.optional(),
  locks: Locks.default({ locked: [], leftOut: [] }),
  search: Search.default({ seed: 1, nodeLimit: DEFAULT_NODE_LIMIT }),
});
