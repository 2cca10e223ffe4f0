import { GRAMS_PER_KIND } from '@rotula/core';
import type { Format } from '../ui/format';

/** Settings where practitioners disagree. */
export const SCHOOLS = ['amountSchool', 'parity', 'cover', 'aim', 'company'] as const;
export type School = (typeof SCHOOLS)[number];

interface SchoolWords {
  readonly question: string;
  /** By name: one sentence for, one against. */
  readonly options: Readonly<Record<string, { readonly for: string; readonly against: string }>>;
}

const WORDS = {
  amountSchool: {
    question: 'How much of each?',
    options: {
      'per head': {
        for: 'A total per head by the role of the food, split over the kinds: nobody is overfed when kinds grow.',
        against: 'With many kinds each taste gets small.',
      },
      'per kind': {
        for: 'At least {each} of every kind for everyone, so all can taste everything.',
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
} as const satisfies Record<School, SchoolWords>;

/** A school as a person chooses it. */
export function schoolWords(school: School, { grams }: Format): SchoolWords {
  const words: SchoolWords = WORDS[school];
  const each = grams(GRAMS_PER_KIND.low);
  const options = Object.entries(words.options).map(([name, { for: why, against }]) => [
    name,
    { for: why.replace('{each}', each), against },
  ]);
  return { question: words.question, options: Object.fromEntries(options) };
}
