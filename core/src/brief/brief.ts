import { z } from 'zod';
import { Money } from '../units/index.js';
import { Limit } from '../care/index.js';

/** Which role the food plays; the grams follow from it. */
export const ROLES = ['nibble', 'drinks', 'meal', 'dessert'] as const;
export type Role = (typeof ROLES)[number];

/** Wall-clock time at the table, to the minute; it has no time zone, as on an invitation. */
export const LocalDateTime = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/, 'a time is written 2027-06-12T18:30')
  .refine((text) => !Number.isNaN(Date.parse(`${text}:00Z`)), 'there is no such day or time');

const Heads = z.number().int().min(0).max(10000);

export const Brief = z.object({
  servingAt: LocalDateTime,
  place: z.string().max(200).default(''),
  role: z.enum(ROLES).default('drinks'),
  guests: z
    .object({
      adults: Heads.default(0),
      children: Heads.describe('5 to 11 years').default(0),
      under5: Heads.describe('1 to 4 years').default(0),
      infants: Heads.describe('under 12 months').default(0),
    })
    .default({ adults: 0, children: 0, under5: 0, infants: 0 }),
  /** Adults who drink alcohol; null means all of them. */
  drinkers: Heads.nullable().default(null),
  /** 1 timid: cow's milk and known names; 5 adventurous: the pungent and the odd. */
  adventurous: z.number().int().min(1).max(5).default(3),
  limits: z
    .array(Limit)
    .max(40)
    .refine((all) => new Set(all.map((l) => l.what)).size === all.length, 'each limit is named once')
    .default([]),
  budget: z
    .object({
      amount: Money.refine((n) => n > 0, 'a budget is more than nothing'),
      per: z.enum(['head', 'total']),
    })
    .nullable()
    .default(null),
  /** Numbers of kinds that the person asked for; null leaves them to the head count. */
  kinds: z
    .object({
      cheeses: z.number().int().min(0).max(9).nullable().default(null),
      meats: z.number().int().min(0).max(5).nullable().default(null),
    })
    .default({ cheeses: null, meats: null }),
});
export type Brief = z.infer<typeof Brief>;

/** All who sit down, infants too. */
export const heads = ({ guests: g }: Brief): number => g.adults + g.children + g.under5 + g.infants;

/** Money for the whole order in the smallest unit, or null when none was named. */
export const budgetTotal = (brief: Brief): number | null =>
  brief.budget && brief.budget.amount * (brief.budget.per === 'head' ? heads(brief) : 1);

export const drinkersOf = (brief: Brief): number =>
  Math.min(brief.drinkers ?? brief.guests.adults, brief.guests.adults);
