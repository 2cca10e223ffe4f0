import { z } from 'zod';

/** The shop's settings: units, currency, and which school it follows where the trade disagrees. */
export const House = z.object({
  name: z.string().trim().min(1).max(120).default('My counter'),
  units: z.enum(['metric', 'US customary']).default('metric'),
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/, 'a currency is three capital letters, such as EUR')
    .default('EUR'),
  paper: z.enum(['A4', 'US Letter']).default('A4'),
  amountSchool: z.enum(['per head', 'per kind']).default('per head'),
  parity: z.enum(['odd numbers', 'any number']).default('odd numbers'),
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
} as const;
