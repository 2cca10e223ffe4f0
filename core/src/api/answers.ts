import { z } from 'zod';
import { House } from '../brief/index.js';
import { Cheese, Counter, Meat } from '../counter/index.js';
import { SessionBody, SessionId } from '../ledger/index.js';
import { Order } from '../order/index.js';
import { PAPER_IDS } from '../papers/index.js';
import { AxisJson, ReasonJson } from '../searches/index.js';

/** What the API answers: the server documents it and the browser's client is typed from it. */

/** Every refusal has this shape. */
export const Refusal = z.object({
  status: z.number(),
  message: z.string(),
  problems: z.array(z.object({ field: z.string(), says: z.string() })).optional(),
});
export type Refusal = z.infer<typeof Refusal>;

/** What is stored and cannot be read, with its reason. */
export const Unreadable = z.object({ id: z.string(), name: z.string(), says: z.string() });
export type Unreadable = z.infer<typeof Unreadable>;

export const CounterAnswer = z.object({ goods: Counter, unreadable: z.array(Unreadable) });
export type CounterAnswer = z.infer<typeof CounterAnswer>;

/** How many goods a change wrote. */
export const ChangeAnswer = z.object({
  put: z.number(),
  removed: z.number(),
  /** What the words of the goods that were put say, by id; of a large change nothing: the counter is asked for again. */
  read: z.record(z.string(), z.looseObject({ of: z.string() })).nullable(),
});
export type ChangeAnswer = z.infer<typeof ChangeAnswer>;

export const TakingsAnswer = z.object({
  takings: z.array(
    z.object({
      id: z.string(),
      order: z.string(),
      goodId: z.string(),
      lot: z.string(),
      grams: z.number(),
      at: z.string(),
    }),
  ),
});
export type TakingsAnswer = z.infer<typeof TakingsAnswer>;

/** The house as it is stored, with its version; `unreadable` says why the defaults stand in for it. */
export const StoredHouse = House.extend({
  version: z.number().int().min(0),
  unreadable: z.string().nullable(),
});
export type StoredHouse = z.infer<typeof StoredHouse>;

/** How the copies of the shop's data stand; `trouble` is why the last try made none. */
export const Copies = z.object({
  folder: z.string(),
  /** ISO; null: there is none yet. */
  last: z.string().nullable(),
  count: z.number(),
  trouble: z.string().nullable(),
});
export type Copies = z.infer<typeof Copies>;

export const OrdersAnswer = z.object({ orders: z.array(Order), unreadable: z.array(Unreadable) });
export type OrdersAnswer = z.infer<typeof OrdersAnswer>;

export const SessionAnswer = SessionBody.and(
  z.object({ id: SessionId, version: z.number().int(), updatedAt: z.string() }),
);
export type SessionAnswer = z.infer<typeof SessionAnswer>;
export const SessionsAnswer = z.object({ sessions: z.array(SessionAnswer), unreadable: z.array(Unreadable) });
export type SessionsAnswer = z.infer<typeof SessionsAnswer>;

export const PapersAnswer = z.object({
  papers: z.array(z.object({ id: z.enum(PAPER_IDS), for: z.string() })),
});

/** A paper as data: what it holds differs from paper to paper. */
export const PaperAnswer = z.looseObject({ paper: z.string(), for: z.string() });

const Vital = z.object({
  dial: z.number(),
  net: z.number(),
  perHead: z.number(),
  price: z.number(),
  pricePerHead: z.number(),
  budget: z.number().nullable(),
  remaining: z.number().nullable(),
  cautions: z.number(),
});
export const PreviewAnswer = z.object({
  vital: Vital,
  steps: z.array(z.object({ number: z.number(), main: z.discriminatedUnion('kind', [Cheese, Meat]) })),
  axes: z.array(AxisJson),
  families: z.array(z.string()),
  dangers: z.number(),
  shortages: z.number(),
});

const GoodJson = z.object({ $good: z.string() });
const LineJson = z.object({
  stage: z.string(),
  subject: z.string(),
  good: GoodJson.nullable(),
  for: z.string(),
  amount: z.number().nullable(),
  price: z.number().nullable(),
  cost: z.number().nullable(),
});
const SumJson = z.object({
  price: z.number(),
  pricePerHead: z.number(),
  agreed: z.number().nullable(),
  cost: z.number(),
  margin: z.number(),
  budget: z.number().nullable(),
  remaining: z.number().nullable(),
});

/** A plan, as `writtenPlan` writes it. What a stage derives is an open record: its shape is the type of the stage's part. */
export const PlanAnswer = z.object({
  version: z.number().int().nullable(),
  stages: z.record(z.string(), z.array(z.string())),
  plan: z.looseObject({
    lines: z.array(LineJson),
    sum: SumJson,
    advice: z.array(ReasonJson.extend({ left: z.boolean(), stage: z.string() })),
    cautions: z.array(ReasonJson.extend({ goods: z.array(z.string()), country: z.string() })),
    dangers: z.array(
      ReasonJson.extend({
        goods: z.array(z.string()),
        mustMend: z.boolean(),
        takenOn: z
          .object({ rule: z.string(), subject: z.string(), by: z.string(), on: z.string() })
          .nullable(),
      }),
    ),
  }),
});
