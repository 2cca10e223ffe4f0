import { z } from 'zod';
import type { Format } from '../units/index.js';
import { wrongFigures } from './practice.js';
import { AIM_SCHOOLS, COMPANY_SCHOOLS, COVER_SCHOOLS } from './schools.js';

/** The shop's settings: units, currency, and which school it follows where the trade disagrees. */
export const House = z.object({
  name: z.string().trim().min(1).max(120).default('My counter'),
  units: z.enum(['metric', 'US customary']).default('metric'),
  /** Where the shop is: dates, times and numbers are written as they are there. Two letters, ISO 3166-1. */
  country: z
    .string()
    .regex(/^[A-Z]{2}$/, 'a country is two capital letters, such as IE')
    .default('GB'),
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
  /** How each supplier's columns are named, learnt once; the key is its sorted headings. */
  /** Figures of practice that this house sets for itself, by their path; all others are the usual ones. */
  practice: z
    .record(z.string().max(80), z.number())
    .default({})
    .superRefine((own, ctx) => {
      for (const { path, says } of wrongFigures(own))
        ctx.addIssue({ code: 'custom', path: [path], message: says });
    }),
  columnMaps: z.record(z.string().max(4000), z.record(z.string().max(200), z.string().max(80))).default({}),
});
export type House = z.infer<typeof House>;
export const DEFAULT_HOUSE: House = House.parse({});

/** Format of the house. 1: as first stored. 2: the country it is in, by whose customs dates are written.
 * 3: own figures of practice, of which there were none. */
export const HOUSE_FORMAT: Format = {
  name: 'the house',
  version: 3,
  upgrades: {
    1: (house: Record<string, unknown>) => ({ ...house, country: countryOf(house.currency) }),
    2: (house: Record<string, unknown>) => ({ ...house, practice: {} }),
  },
};

/** A likely country for the currency of a house that named none. */
function countryOf(currency: unknown): string {
  const likely: Record<string, string> = {
    USD: 'US',
    EUR: 'IE',
    GBP: 'GB',
    CAD: 'CA',
    AUD: 'AU',
    CHF: 'CH',
    NZD: 'NZ',
  };
  return likely[String(currency)] ?? 'GB';
}
