import { memoisedBy } from '../units/index.js';
import type { Severity } from './fit.js';
import { limitRule } from './limitRules.js';
import { worstSpread } from './spread.js';

/**
 * Guests with limits: one person, or several who share just the same limits. One reach holds for all the limits of a guest.
 */

/**
 * How far the limits of a guest reach: nobody has decided; nothing of it on the board; nothing open of it at the table; a plate
 * of their own; a mark on the card.
 */
export const REACHES = ['undecided', 'board', 'not loose', 'own plate', 'card'] as const;
export type Reach = (typeof REACHES)[number];

/** The kinds of heads of a brief, and the count of each that they belong to. */
export const HEAD_KINDS = ['adult', 'child', 'under5', 'infant'] as const;
export type HeadKind = (typeof HEAD_KINDS)[number];

/** One thing that a guest may not or will not have. */
export interface PersonLimit {
  readonly what: string;
  readonly severity: Severity;
}

export interface Person {
  /** Their name; empty: none was given. */
  readonly who: string;
  readonly seat: string;
  /** How many share just these limits. */
  readonly count: number;
  readonly head: HeadKind;
  /** As the schema gives them. */
  readonly limits: PersonLimit[];
  readonly reach: Reach;
  /** It is severe, or they carry an injector. */
  readonly severe: boolean;
  /** What nothing can check: it is passed on as it stands. */
  readonly note: string;
  /** Without a name in an older order: this may be the same guest as another one without a name. */
  readonly unsure: boolean;
}

/** A limit of a guest, with how far it reaches and for how many. */
export interface Limit extends PersonLimit {
  readonly reach: Reach;
  /** This guest eats from a plate of their own. */
  readonly plate: boolean;
  readonly guests: number;
  readonly who: string;
  readonly seat: string;
  /** Place of its guest in the brief. */
  readonly person: number;
}

/** Allergy, and an allergen that harms (coeliac disease, say): what no distance on a shared board serves. */
export const isHarmful = ({ what, severity }: PersonLimit): boolean =>
  severity === 'allergy' || (severity === 'medical' && limitRule(what).group === 'allergen');

/** Severities that nobody lets go of to have a better board. */
export const STRICT: readonly Severity[] = ['allergy', 'medical', 'religious'];

/**
 * Does this guest eat from a plate of their own? A card, a distance or a bowl on a shared board serves what is a matter of choice;
 * what harms goes to a plate of its own wherever it does not clear the whole board. Common practice, no source.
 */
export const hasPlate = ({ reach, limits, head }: Pick<Person, 'reach' | 'limits' | 'head'>): boolean =>
  limits.length > 0 &&
  // An infant eats nothing of this food.
  head !== 'infant' &&
  (reach === 'own plate' || ((reach === 'card' || reach === 'not loose') && limits.some(isHarmful)));

/** Every limit of every guest, in the order of the guests. */
export const limitsOf = memoisedBy((persons: readonly Person[]): readonly Limit[] =>
  persons.flatMap((person, i) =>
    person.limits.map(({ what, severity }) => ({
      what,
      severity,
      reach: person.reach,
      plate: hasPlate(person),
      guests: person.count,
      who: person.who.trim(),
      seat: person.seat.trim(),
      person: i,
    })),
  ),
);

/** A limit with the row's own severity. */
export const newLimit = (what: string): PersonLimit => ({ what, severity: limitRule(what).severity });

/** One more guest, of whom nothing is decided yet. */
export const newPerson = (more: Partial<Person> = {}): Person => ({
  who: '',
  seat: '',
  count: 1,
  head: 'adult',
  limits: [],
  reach: 'undecided',
  severe: false,
  note: '',
  unsure: false,
  ...more,
});

/**
 * The reach that is proposed for a guest, the first of these that fits: severe, or with an injector: whole board; an allergen
 * that flies and falls: nothing loose of it, with a plate of their own; anything else that harms, or is strict: a plate; a
 * diet: a plate; a dislike: the card. Common practice, no source.
 */
export function proposedReach({ limits, severe }: Pick<Person, 'limits' | 'severe'>): Reach {
  if (severe) return 'board';
  const harmful = limits.filter(isHarmful);
  if (worstSpread(harmful.flatMap(({ what }) => limitRule(what).allergens)) === 'loose') return 'not loose';
  return limits.some(({ severity }) => severity !== 'dislike') ? 'own plate' : 'card';
}
