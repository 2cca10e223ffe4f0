import { z } from 'zod';
import { isRealTime, lineText, Money } from '../units/index.js';
import { HEAD_KINDS, PersonSchema } from '../care/index.js';
import { GoodId } from '../counter/index.js';
import { AIM_SCHOOLS, COMPANY_SCHOOLS, COVER_SCHOOLS } from './schools.js';
import { PLACE_FIELDS } from './place.js';
import { ROLES } from './roles.js';
import { HEADS_OF, headsOfKind, withLimits } from './kindsOfHeads.js';
import { withPersons } from './oldRows.js';
import { FLIGHTS, LIGHTS, MANNERS, SETTINGS, SURFACES, TABLES, THEME_HOLDS } from './words.js';
import type { Practice } from './practice.js';
import type { ShareSchool } from './schools.js';

/** Wall-clock time at the table, to the minute; it has no time zone, as on an invitation. */
const LocalDateTime = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/, 'a time is written 2027-06-12T18:30')
  .refine(isRealTime, 'there is no such day or time');

const Short = lineText(120);
/** Guests of one order, all together: the largest that a day of one shop can hold, and more than any has. */
const MOST_GUESTS = 10_000;
const TOO_MANY = `at most ${MOST_GUESTS.toLocaleString('en')} guests in one order; write another for the rest`;
const MOST_PERSONS = 200;
const Heads = z.number().int().min(0).max(MOST_GUESTS, TOO_MANY);

const BriefObject = z.object({
  servingAt: LocalDateTime,
  place: lineText(200).default(''),
  role: z.enum(ROLES).default('drinks'),
  occasion: Short.default(''),
  setting: z.enum(SETTINGS).default('indoors'),
  table: z.enum(TABLES).default('walk around'),
  light: z.enum(LIGHTS).default('bright'),
  manner: z.enum(MANNERS).default('usual'),
  surface: z.enum(SURFACES).default('wood'),
  /** Minutes that the finished board travels. */
  travelMinutes: z.number().int().min(0).max(1440).default(0),
  ...PLACE_FIELDS,
  guests: z
    .object({
      adults: Heads.default(0),
      children: Heads.describe('5 to 11 years').default(0),
      under5: Heads.describe('1 to 4 years').default(0),
      infants: Heads.describe('under 12 months').default(0),
    })
    .refine((g) => g.adults + g.children + g.under5 + g.infants <= MOST_GUESTS, TOO_MANY)
    .default({ adults: 0, children: 0, under5: 0, infants: 0 }),
  /** Adults who drink alcohol; null means all of them. */
  drinkers: Heads.nullable().default(null),
  /** 1 timid: cow's milk and known names; 5 adventurous: the pungent and the odd. */
  adventurous: z.number().int().min(1).max(5).default(3),
  /** 1 savoury, 5 a sweet tooth. */
  sweetTooth: z.number().int().min(1).max(5).default(3),
  /** Guests who eat few carbohydrates, and guests who dislike food that touches. */
  lowCarb: Heads.default(0),
  apart: Heads.default(0),
  /** Guests with limits: a person, or several who share just the same limits. */
  persons: z
    .array(PersonSchema)
    .max(MOST_PERSONS, `at most ${MOST_PERSONS} guests with limits in one order`)
    .default([]),
  /** Goods that are baked till they steam right through, 75 degrees at the heart: checked with a probe. */
  steamed: z.array(GoodId).max(12).default([]),
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
  /** A theme holds one axis; the others carry the variety. */
  theme: z
    .object({ holds: z.enum(THEME_HOLDS), is: lineText(120, 1) })
    .nullable()
    .default(null),
  /** A flight holds all axes but one: one line at several ages, or one style of the trade from several makers. */
  flight: z
    .object({ kind: z.enum(FLIGHTS), of: lineText(120, 1) })
    .nullable()
    .default(null),
  /** Prefer what is at its best on the day. */
  season: z.boolean().default(true),
  /** Schools of this order; null follows the house. */
  schools: z
    .object({
      cover: z.enum(COVER_SCHOOLS).nullable().default(null),
      aim: z.enum(AIM_SCHOOLS).nullable().default(null),
      company: z.enum(COMPANY_SCHOOLS).nullable().default(null),
    })
    .default({ cover: null, aim: null, company: null }),
});
const Counted = BriefObject.superRefine(({ guests, persons }, context) => {
  if (guests.adults + guests.children + guests.under5 + guests.infants === 0) return;
  for (const kind of HEAD_KINDS) {
    const [named, come] = [withLimits(persons, kind), headsOfKind(guests, kind)];
    if (named <= come) continue;
    const { word } = HEADS_OF[kind];
    const message = `${named} ${word} have limits, but ${come} come: count more of them, or fewer with limits`;
    // Either may be the one that is wrong.
    for (const path of [['guests'], ['persons']]) context.addIssue({ code: 'custom', path, message });
  }
});

export const Brief = z.preprocess(withPersons, Counted);
export type Brief = z.infer<typeof Brief> & {
  /** Set by `settled`, never stored: the house lies in the southern half, where the seasons are turned. */
  readonly south?: boolean;
  /** Set by `settled`, never stored: the figures that the house follows. */
  readonly practice?: Practice;
  /** Set by `settled`, never stored: how the goods of a kind share its weight. */
  readonly shares?: ShareSchool;
  /** Set by `settled`, never stored: where the house lies, whose advice is followed. */
  readonly country?: string;
};
