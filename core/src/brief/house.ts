import { z } from 'zod';
import type { Format } from '../units/index.js';
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
  columnMaps: z.record(z.string().max(4000), z.record(z.string().max(200), z.string().max(80))).default({}),
});
export type House = z.infer<typeof House>;
export const DEFAULT_HOUSE: House = House.parse({});

/** The schools as a person chooses them: one sentence for, one against. */
export const SCHOOLS = {
  amountSchool: {
    question: 'How much of each?',
    options: {
      'per head': {
        for: 'A total per head by the role of the food, split over the kinds: nobody is overfed when kinds grow.',
        against: 'With many kinds each taste gets small.',
      },
      'per kind': {
        for: 'At least 28 g of every kind for everyone, so all can taste everything.',
        against: 'It grows with every kind; the total per head caps it all the same.',
      },
    },
  },
  parity: {
    question: 'Odd numbers of kinds?',
    options: {
      'odd numbers': {
        for: 'Three or five please the eye.',
        against: 'A table of two or a small board may want an even number.',
      },
      'any number': { for: 'The head count alone decides.', against: 'Even groups look set out in rows.' },
    },
  },
  cover: {
    question: 'Which kinds must be there?',
    options: {
      free: { for: 'Balance decides alone.', against: 'Nobody can count the families off on their fingers.' },
      'five families': {
        for: 'One each of fresh, semi-soft, bloomy, hard and blue: everybody finds a friend.',
        against: 'It needs five kinds, and a blue at every table.',
      },
      'three textures': {
        for: 'Soft or bloomy, a middle one, and a hard sharp one: the usual three.',
        against: 'Says nothing of the milks.',
      },
      'hard and soft': { for: 'The least that a board needs.', against: 'Two of five may still be twins.' },
      'five characters': {
        for: 'Soft, blue, hard, one unusual, one sweet with fruit in it.',
        against: 'A sweet one is not to everybody’s taste.',
      },
      'three milks': { for: 'Cow, sheep and goat: variety that can be named.', against: 'Some avoid goat.' },
    },
  },
  aim: {
    question: 'What is sought?',
    options: {
      balance: {
        for: 'Every milk, texture, age and strength has its place.',
        against: 'Neighbours may be near to each other.',
      },
      contrast: {
        for: 'The cheeses that differ most from each other, as masters choose them.',
        against: 'Goes to the edges: strong, odd and young together.',
      },
    },
  },
  company: {
    question: 'A safe bet and a surprise?',
    options: {
      free: {
        for: 'They count in the balance and are not forced.',
        against: 'A shy guest may find no friend.',
      },
      'a safe bet': { for: 'Always one that everybody knows.', against: 'One place is spoken for.' },
      'a safe bet and a surprise': {
        for: 'One to start with, one to talk about.',
        against: 'Two places are spoken for.',
      },
    },
  },
} as const;

/** Format of the house. 1: as first stored. 2: the country it is in, by whose customs dates are written. */
export const HOUSE_FORMAT: Format = {
  name: 'the house',
  version: 2,
  upgrades: { 1: (house: Record<string, unknown>) => ({ ...house, country: countryOf(house.currency) }) },
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
