import { z } from 'zod';
import { lineText, Money, recordOf } from '../units/index.js';
import { LIMIT_CLASSES, PROCEDURES } from '../care/index.js';
import { GoodId } from '../counter/good.js';
import { GOOD_KINDS, type GoodKind } from '../counter/words.js';
import { TimeZone } from './place.js';
import { Learnt, PairWord } from './pairWord.js';
import { wrongFigures } from './practice.js';
import {
  AIM_SCHOOLS,
  COMPANY_SCHOOLS,
  COVER_SCHOOLS,
  CUT_SCHOOLS,
  KNIFE_SCHOOLS,
  LATE_SCHOOLS,
  SHARE_SCHOOLS,
} from './schools.js';

const Paid = Money.refine((n) => n >= 0, 'an amount of money is nothing or more');
const Share = z.number().min(0).max(0.95, 'a margin is at most 95 % of the selling price');

/** Common practice, no source: about a third, more on what keeps. */
const USUAL_MARGIN: Record<GoodKind, number> = {
  cheese: 0.35,
  meat: 0.35,
  companion: 0.4,
  drink: 0.35,
  ware: 0.45,
};

/** What the house may enter for a good or a class: minutes, their ground (the maker's water activity and pH, a licence) and source. */
const SafeLimit = z.object({
  what: z.union([z.enum(LIMIT_CLASSES), GoodId]),
  minutes: z.number().int().min(1).max(1440),
  ground: lineText(200, 3, 'a limit of your own needs its ground'),
  source: lineText(200, 3, 'a limit of your own needs its source'),
});

/** Where the names of guests with limits are printed; what guests read of others never names them. */
const GUEST_NAMES = ['shop and plates', 'shop', 'nowhere'] as const;

/** The shop's settings: units, currency, and which school it follows where the trade disagrees. */
export const House = z.object({
  name: lineText(120, 1).default('My counter'),
  units: z.enum(['metric', 'US customary']).default('metric'),
  /**
   * Where the shop is: dates and times are written as they are there, and its rule of safe time holds. Two letters, ISO 3166-1;
   * empty: nobody said, and the strict side holds.
   */
  country: z
    .string()
    .regex(/^([A-Z]{2})?$/, 'a country is two capital letters, such as IE')
    .default(''),
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/, 'a currency is three capital letters, such as EUR')
    .default('EUR'),
  paper: z.enum(['A4', 'US Letter']).default('A4'),
  amountSchool: z.enum(['per head', 'per kind']).default('per head'),
  parity: z.enum(['odd numbers', 'any number']).default('odd numbers'),
  cover: z.enum(COVER_SCHOOLS).default('free'),
  aim: z.enum(AIM_SCHOOLS).default('balance'),
  company: z.enum(COMPANY_SCHOOLS).default('free'),
  /** Does a good's share go by how well it is liked, or has each the same? */
  shares: z.enum(SHARE_SCHOOLS).default('by liking'),
  /** Is all cut ahead, or left whole with its knife, or each as its paste asks? */
  cutSchool: z.enum(CUT_SCHOOLS).default('by paste'),
  /** Knives at the table: the fewest that keep apart what must be, or one each. */
  knives: z.enum(KNIFE_SCHOOLS).default('fewest'),
  /** Do hot meats and then the blues come last whatever their strength, or is strength all that counts? */
  lateSchool: z.enum(LATE_SCHOOLS).default('blue last'),
  /** What a point of the pairing is worth for each guest: more money buys more jars. */
  pairPoint: Money.refine(
    (n) => n >= 1 && n <= 10_000,
    'a point costs between 1 and 10,000 of the smallest unit',
  ).default(20 as never),
  /** Pairs that the house always sells, never serves or calls its own. */
  pairWords: z.array(PairWord).max(500).default([]),
  /** What its own tastings taught the pairing; null: nothing was accepted. */
  learnt: Learnt.nullable().default(null),
  /** Name of the person who answers guests' questions about ingredients, printed on cards and quotes; empty: the shop's name stands there. */
  onDuty: lineText(80, 0).default(''),
  /** Where guests with limits stand by name: on the shop's papers and their own plate's card, on the shop's alone, or nowhere. */
  guestNames: z.enum(GUEST_NAMES).default('shop and plates'),
  /** May the shop sell drinks with alcohol? If not, styles are named without a price. */
  licensed: z.boolean().default(true),
  timeZone: TimeZone.default('UTC'),
  /** Pairs of hands, and ovens, for the day's work. */
  hands: z.number().int().min(1).max(50).default(1),
  ovens: z.number().int().min(0).max(20).default(1),
  /** Written procedure under which food is served out of the cold; null: as the country says, the strict side elsewhere. */
  procedure: z.enum(PROCEDURES).nullable().default(null),
  /** Limits of its own, each with its ground and source: nothing else lengthens the time that food may stand out. */
  safeLimits: z.array(SafeLimit).max(60).default([]),
  /** Film to still air, W/(m2 K), where the house measured it; null: by size. */
  film: z.number().min(2).max(30).nullable().default(null),
  /** What an hour of work is charged; 0: it is in the prices. */
  wage: Paid.default(0 as never),
  /** For one board that comes back; 0: lent free. */
  boardHire: Paid.default(0 as never),
  /** For one bell or tool that the shop hires itself; 0: it is listed without a price. */
  kitHire: Paid.default(0 as never),
  /** For a box for one, which stays with the customer; 0: it is in the prices. */
  boxPrice: Paid.default(0 as never),
  /** Of the price of a lasting ware, what one order is charged for its wear. */
  wareShare: z.number().min(0).max(1).default(0),
  /** Of the selling price, by kind, where a good does not name its supplier's price. */
  margin: z.record(z.enum(GOOD_KINDS), Share).default(USUAL_MARGIN),
  /** How each supplier's columns are named, learnt once; the key is its sorted headings. */
  /** Figures of practice that this house sets for itself, by their path; all others are the usual ones. */
  practice: recordOf(z.string().max(80), z.number(), 500)
    .default({})
    .superRefine((own, ctx) => {
      for (const { path, says } of wrongFigures(own))
        ctx.addIssue({ code: 'custom', path: [path], message: says });
    }),
  columnMaps: recordOf(
    z.string().max(4000),
    recordOf(z.string().max(200), z.string().max(80), 500),
    500,
  ).default({}),
});
export type House = z.infer<typeof House>;
export const DEFAULT_HOUSE: House = House.parse({});
