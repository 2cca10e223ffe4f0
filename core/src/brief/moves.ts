import { HEAD_KINDS, type HeadKind, type Person, type Reach } from '../care/index.js';
import type { Brief } from './brief.js';
import { heads } from './heads.js';
import { headsOfKind, withLimits } from './kindsOfHeads.js';

/** What a person decides of guests with limits. */

type Guests = Pick<Brief, 'guests' | 'persons'>;

/** How many more of a kind of head may have limits; any number while nobody is counted yet. */
export const freeHeads = ({ guests, persons }: Guests, kind: HeadKind): number =>
  heads({ guests } as Brief) === 0 ? Infinity : headsOfKind(guests, kind) - withLimits(persons, kind);

/** The first kind of head of which somebody without limits comes; null: everybody has some. */
export const freeKind = (brief: Guests): HeadKind | null =>
  HEAD_KINDS.find((kind) => freeHeads(brief, kind) > 0) ?? null;

/** A guest changed; of a kind of head never more than come. */
export const withPerson = (brief: Guests, at: number, part: Partial<Person>): Person[] =>
  brief.persons.map((person, i) => {
    if (i !== at) return person;
    const next = { ...person, ...part };
    const others = brief.persons.filter((_, j) => j !== at);
    const most = freeHeads({ ...brief, persons: others }, next.head);
    return { ...next, count: Math.max(1, Math.min(next.count, most)) };
  });

const STRICTEST: readonly Reach[] = ['board', 'undecided', 'not loose', 'own plate', 'card'];

/** Guests without a name are one: their limits together, with the strictest reach. */
export function asOneGuest(persons: readonly Person[]): Person[] {
  const unsure = persons.filter((person) => person.unsure);
  const [first] = unsure;
  if (!first) return [...persons];
  const one: Person = {
    ...first,
    limits: unsure
      .flatMap(({ limits }) => limits)
      .filter((limit, i, all) => all.findIndex(({ what }) => what === limit.what) === i),
    reach: STRICTEST.find((reach) => unsure.some((person) => person.reach === reach)) ?? first.reach,
    severe: unsure.some(({ severe }) => severe),
    note: unsure
      .map(({ note }) => note)
      .filter(Boolean)
      .join('; '),
    count: Math.max(...unsure.map(({ count }) => count)),
    unsure: false,
  };
  return persons.flatMap((person) => (person === first ? [one] : person.unsure ? [] : [person]));
}

/** They are guests of their own: each plate meets its own limits. */
export const asManyGuests = (persons: readonly Person[]): Person[] =>
  persons.map((person) => ({ ...person, unsure: false }));
