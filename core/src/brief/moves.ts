import {
  HEAD_KINDS,
  SEVERITIES,
  type HeadKind,
  type Person,
  type PersonLimit,
  type Reach,
} from '../care/index.js';
import type { Brief } from './brief.js';
import { heads } from './heads.js';
import { headsOfKind, withLimits } from './kindsOfHeads.js';

/** What a person decides of guests with limits. */

type Guests = Pick<Brief, 'guests' | 'persons'>;

/** @returns guests of a kind who have no limits yet; Infinity while the brief counts nobody */
export const freeHeads = ({ guests, persons }: Guests, kind: HeadKind): number =>
  heads({ guests } as Brief) === 0 ? Infinity : headsOfKind(guests, kind) - withLimits(persons, kind);

/** @returns the first kind (adults first) with a guest who has no limits yet; null: every guest has some */
export const freeKind = (brief: Guests): HeadKind | null =>
  HEAD_KINDS.find((kind) => freeHeads(brief, kind) > 0) ?? null;

/** @returns the guests with one of them changed; their number is cut to the heads of their kind */
export const withPerson = (brief: Guests, at: number, part: Partial<Person>): Person[] =>
  brief.persons.map((person, i) => {
    if (i !== at) return person;
    const next = { ...person, ...part };
    const others = brief.persons.filter((_, j) => j !== at);
    const most = freeHeads({ ...brief, persons: others }, next.head);
    return { ...next, count: Math.max(1, Math.min(next.count, most)) };
  });

const STRICTEST: readonly Reach[] = ['board', 'undecided', 'not loose', 'own plate', 'card'];

/** Letters that a note takes at the most, as its schema says. */
const MOST_NOTE = 500;

/** Each limit once, at its strictest severity. */
const strictestOfEach = (limits: readonly PersonLimit[]): PersonLimit[] => {
  const ranked = [...limits].sort((a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity));
  return [...new Set(limits.map(({ what }) => what))].map((id) => ranked.find(({ what }) => what === id)!);
};

/** Guests without a name are one: their limits together, with the strictest reach. */
export function asOneGuest(persons: readonly Person[]): Person[] {
  const unsure = persons.filter((person) => person.unsure);
  const [first] = unsure;
  if (!first) return [...persons];
  const one: Person = {
    ...first,
    limits: strictestOfEach(unsure.flatMap(({ limits }) => limits)),
    reach: STRICTEST.find((reach) => unsure.some((person) => person.reach === reach)) ?? first.reach,
    severe: unsure.some(({ severe }) => severe),
    note: unsure
      .map(({ note }) => note)
      .filter(Boolean)
      .join('; ')
      .slice(0, MOST_NOTE),
    count: Math.max(...unsure.map(({ count }) => count)),
    unsure: false,
  };
  return persons.flatMap((person) => (person === first ? [one] : person.unsure ? [] : [person]));
}

/** They are guests of their own: each plate meets its own limits. */
export const asManyGuests = (persons: readonly Person[]): Person[] =>
  persons.map((person) => ({ ...person, unsure: false }));
