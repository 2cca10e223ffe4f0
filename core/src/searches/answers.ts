import { z } from 'zod';
import { Brief } from '../brief/index.js';

/** What the searches answer, as JSON. A field that is figured deep inside is an open record: its shape is a type of core. */

const Open = z.looseObject({});

export const ReasonJson = z.object({
  rule: z.string(),
  subject: z.string(),
  effect: z.number(),
  figures: z.record(z.string(), z.unknown()),
  source: z.string(),
});

export const AxisJson = z.object({
  id: z.string(),
  kind: z.string(),
  raw: z.number(),
  best: z.number(),
  bands: z.array(z.object({ id: z.string(), worth: z.number(), filled: z.number() })),
  held: z.boolean(),
});

const BalanceJson = z.object({
  raw: z.number(),
  best: z.number(),
  dial: z.number(),
  axes: z.array(AxisJson),
  quality: z.number(),
  fit: z.number(),
  sameness: z.number(),
  rise: z.number(),
  contrast: z.number().nullable(),
  value: z.number(),
  parts: z.record(z.string(), z.number()),
  remarks: z.array(ReasonJson),
});

const Ids = z.array(z.string());

export const PickJson = z.object({
  goodIds: Ids.nullable(),
  balance: BalanceJson.nullable(),
  proven: z.boolean(),
  /** null: nothing is known of how much better it could be. */
  gap: z.number().nullable(),
  nodes: z.number(),
  hitches: z.array(ReasonJson),
  reasons: z.array(ReasonJson),
});

export const AlternativesJson = z.object({
  alternatives: z.array(
    z.object({
      goodIds: Ids,
      balance: BalanceJson,
      below: z.number(),
      differs: z.number(),
      near: z.boolean(),
      proven: z.boolean(),
    }),
  ),
});

const WishJson = z.looseObject({ of: z.string() });
export const TroubleJson = z.object({
  collisions: z.array(z.array(WishJson)),
  waysOut: z.array(
    z.object({
      words: z.array(WishJson),
      wishes: Ids,
      ask: z.object({ brief: Brief, wishes: z.object({ locked: Ids, leftOut: Ids }) }),
    }),
  ),
});

const OneMoreJson = z.object({
  kind: z.string(),
  kinds: z.number(),
  raw: z.number(),
  cost: z.number(),
  goodIds: Ids,
});
export const MoreJson = z.object({ more: z.array(OneMoreJson) });
export const MoneyJson = z.object({
  steps: z.array(
    z.object({
      cost: z.number(),
      raw: z.number(),
      goodIds: Ids,
      proven: z.boolean(),
      knee: ReasonJson.nullable(),
    }),
  ),
  more: z.array(OneMoreJson),
});

const Spot = z.object({ x: z.number(), y: z.number() });
/** mm from the middle of the board, degrees. */
const Pose = Spot.extend({ turn: z.number() });
export const LayoutJson = z.object({
  /** mm from the middle of the board, degrees. */
  placed: z.array(Pose.extend({ id: z.string() })),
  patches: z.array(
    z.object({
      id: z.string(),
      outline: z.array(z.tuple([z.number(), z.number()])),
      pieces: z.array(Pose),
      area: z.number(),
      short: z.number(),
    }),
  ),
  violations: z.array(z.object({ reason: ReasonJson, hard: z.boolean() })),
  score: z.number(),
  covered: z.number(),
  gap: Spot.extend({ r: z.number() }),
});

/** What stands out of the cold. A cheese or meat says besides how it warms, which is open: its shape is `Outing` of the clock. */
const StandingJson = z.looseObject({
  key: z.string(),
  good: z.string(),
  wave: z.looseObject({ number: z.number() }),
  plate: z.number().nullable(),
  servedCold: z.boolean(),
  /** Minutes from serving. */
  out: z.number(),
  most: z.number(),
  rule: z.looseObject({ id: z.string() }),
  off: z.number(),
  safeUntil: z.number(),
  offBy: z.number(),
  early: z.number(),
});
const JobJson = z.object({
  id: z.string(),
  minutes: z.number(),
  hands: z.number(),
  bench: z.number(),
  car: z.number(),
  oven: z.number(),
  heat: z.number(),
  after: Ids,
  endsBefore: z.number(),
  within: z.number().nullable(),
  due: z.number().nullable(),
  fixed: z.number().nullable(),
});
const TaskJson = z.object({
  id: z.string(),
  kind: z.string(),
  goods: Ids,
  forPlates: Ids,
  plate: z.number().nullable(),
  step: z.string().nullable(),
  hot: z.string().nullable(),
  wave: z.number().nullable(),
  boards: z.string().nullable(),
  job: JobJson,
});
const CostJson = z.object({ tooEarly: z.number(), out: z.number(), first: z.number() });
const DayJson = z.object({
  placed: z.array(z.object({ id: z.string(), start: z.number(), end: z.number() })),
  cost: CostJson,
  bound: CostJson,
  exact: z.boolean(),
  nodes: z.number(),
});
export const TimingJson = z.object({
  outings: z.array(StandingJson),
  standing: z.array(StandingJson),
  tight: StandingJson.nullable(),
  tasks: z.array(TaskJson),
  day: DayJson,
  exact: z.boolean(),
});

export const WaysJson = z.object({
  ways: z.array(
    z.object({
      id: z.string(),
      to: z.union([z.string(), z.number()]),
      /** What the order becomes: fields of the order that change. */
      change: Open,
      short: z.number(),
      served: z.number().nullable(),
    }),
  ),
});
