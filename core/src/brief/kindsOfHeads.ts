import type { HeadKind, Person } from '../care/index.js';

/** The heads of a brief by kind, and how many of each have limits; apart from the schema, which asks for it. */

interface Guests {
  readonly adults: number;
  readonly children: number;
  readonly under5: number;
  readonly infants: number;
}

/** The count of a brief that each kind of head belongs to, and what it is called. */
export const HEADS_OF: Record<HeadKind, { readonly of: keyof Guests; readonly word: string }> = {
  adult: { of: 'adults', word: 'adults' },
  child: { of: 'children', word: 'children' },
  under5: { of: 'under5', word: 'children under 5' },
  infant: { of: 'infants', word: 'infants' },
};

/** How many guests of a kind have limits. */
export const withLimits = (persons: readonly Pick<Person, 'head' | 'count'>[], kind: HeadKind): number =>
  persons.filter(({ head }) => head === kind).reduce((sum, { count }) => sum + count, 0);

/** The count of heads of a kind that a brief has. */
export const headsOfKind = (guests: Guests, kind: HeadKind): number => guests[HEADS_OF[kind].of];
