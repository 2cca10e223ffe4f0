import { GRAMS_PER_KIND } from '@rotula/core';
import type { Format } from '../ui/format';
import { say } from '../language/say';

/** Settings where practitioners disagree. */
export const SCHOOLS = [
  'amountSchool',
  'parity',
  'cover',
  'aim',
  'company',
  'shares',
  'cutSchool',
  'knives',
  'lateSchool',
] as const;
export type School = (typeof SCHOOLS)[number];

interface SchoolWords {
  readonly question: string;
  /** By name: one sentence for, one against. */
  readonly options: Readonly<Record<string, { readonly for: string; readonly against: string }>>;
}

const SCHOOL_WORDS = {
  amountSchool: {
    question: say`How much of each?`,
    options: {
      'per head': {
        for: say`A total per head by the role of the food, split over the kinds: nobody is overfed when kinds grow.`,
        against: say`With many kinds each taste gets small.`,
      },
      'per kind': {
        for: say`At least {each} of every kind for everyone, so all can taste everything.`,
        against: say`It grows with every kind; the total per head caps it all the same.`,
      },
    },
  },
  parity: {
    question: say`Odd numbers of kinds?`,
    options: {
      'odd numbers': {
        for: say`Three or five please the eye.`,
        against: say`A table of two or a small board may want an even number.`,
      },
      'any number': {
        for: say`The head count alone decides.`,
        against: say`Even groups look set out in rows.`,
      },
    },
  },
  cover: {
    question: say`Which kinds must be there?`,
    options: {
      free: {
        for: say`Balance decides alone.`,
        against: say`Nobody can count the families off on their fingers.`,
      },
      'five families': {
        for: say`One each of fresh, semi-soft, bloomy, hard and blue: everybody finds a friend.`,
        against: say`It needs five kinds, and a blue at every table.`,
      },
      'three textures': {
        for: say`Soft or bloomy, a middle one, and a hard sharp one: the usual three.`,
        against: say`Says nothing of the milks.`,
      },
      'hard and soft': {
        for: say`The least that a board needs.`,
        against: say`Two of five may still be twins.`,
      },
      'five characters': {
        for: say`Soft, blue, hard, one unusual, one sweet with fruit in it.`,
        against: say`A sweet one is not to everybody’s taste.`,
      },
      'three milks': {
        for: say`Cow, sheep and goat: variety that can be named.`,
        against: say`Some avoid goat.`,
      },
    },
  },
  aim: {
    question: say`What is sought?`,
    options: {
      balance: {
        for: say`Every milk, texture, age and strength has its place.`,
        against: say`Neighbours may be near to each other.`,
      },
      contrast: {
        for: say`The cheeses that differ most from each other, as masters choose them.`,
        against: say`Goes to the edges: strong, odd and young together.`,
      },
    },
  },
  company: {
    question: say`A safe bet and a surprise?`,
    options: {
      free: {
        for: say`They count in the balance and are not forced.`,
        against: say`A shy guest may find no friend.`,
      },
      'a safe bet': { for: say`Always one that everybody knows.`, against: say`One place is spoken for.` },
      'a safe bet and a surprise': {
        for: say`One to start with, one to talk about.`,
        against: say`Two places are spoken for.`,
      },
    },
  },
  shares: {
    question: say`How do the kinds share the weight?`,
    options: {
      'by liking': {
        for: say`More of what everybody knows, half of what divides a table, a little less of what is rich.`,
        against: say`Whoever came for the blue finds little of it.`,
      },
      equal: {
        for: say`As much of each: nobody has to judge.`,
        against: say`The pungent is left over and the safe bet runs out.`,
      },
    },
  },
  cutSchool: {
    question: say`Cut ahead, or left whole?`,
    options: {
      'by paste': {
        for: say`Creamy ones stand whole with a first wedge out, the rest is cut: what each paste asks.`,
        against: say`Somebody has to know.`,
      },
      'pre-cut': {
        for: say`Everything bite by bite: no queue, one hand is enough.`,
        against: say`Cut faces dry, and nobody sees the wheel.`,
      },
      whole: {
        for: say`Wheels on the board with their knives: it looks like a cheese.`,
        against: say`Guests hesitate to start, and big pieces with blunt knives are the complaint.`,
      },
    },
  },
  lateSchool: {
    question: say`What comes last?`,
    options: {
      'blue last': {
        for: say`Hot meats, then the blues: nothing can be tasted after them.`,
        against: say`A mild blue stands behind what is far stronger.`,
      },
      'by strength': {
        for: say`Strength alone: a mild blue has its place in the middle.`,
        against: say`Blue dulls the tongue for what follows.`,
      },
    },
  },
  knives: {
    question: say`Knives at the table?`,
    options: {
      fewest: {
        for: say`Blue and what carries an allergen have their own, the rest share by paste.`,
        against: say`A shared knife carries a little of the last cheese.`,
      },
      'one each': {
        for: say`Nothing tastes of its neighbour.`,
        against: say`Many knives to lay, to count and to wash.`,
      },
    },
  },
} as const satisfies Record<School, SchoolWords>;

/** A school as a person chooses it. */
export function schoolWords(school: School, { grams }: Format): SchoolWords {
  const words: SchoolWords = SCHOOL_WORDS[school];
  const each = grams(GRAMS_PER_KIND.low);
  const options = Object.entries(words.options).map(([name, { for: why, against }]) => [
    name,
    { for: why.replace('{each}', each), against },
  ]);
  return { question: words.question, options: Object.fromEntries(options) };
}
