import { hasPlate, limitsOf, type HeadKind, type Limit, type Person } from '../care/index.js';
import type { Brief } from './brief.js';
import { heads, headsThatEat } from './heads.js';
import { INFANT_SHARE, USUAL_PRACTICE } from './practice.js';

/** Guests who eat from a plate of their own: one plate for each, or those who share it. */
export interface PlateGuests {
  /** Everything that the plate must meet. */
  readonly limits: readonly Limit[];
  /** Small children eat from it: in forms that they cannot choke on. */
  readonly small: boolean;
  /** Whose it is, where the brief says so; else empty. */
  readonly who: string;
  readonly seat: string;
  /** Place of its guest in the brief; null for the plates of small children without a limit that asks for one. */
  readonly person: number | null;
  readonly guests: number;
  /** In adults: children count half. */
  readonly eaters: number;
}

/** What a child under 12 eats of an adult's share: half, unless the house says otherwise. */
export const childShareOf = ({ practice }: Brief): number => (practice ?? USUAL_PRACTICE).childShare;

/** What a head of a kind eats, in adults. */
export const shareOfHead = (kind: HeadKind, brief: Brief): number =>
  kind === 'adult' ? 1 : kind === 'infant' ? INFANT_SHARE : childShareOf(brief);

/** Adults, plus the share of every child under 12, and nothing for infants. */
export const eatersOf = (brief: Brief): number => {
  const { adults, children, under5, infants } = brief.guests;
  return adults + childShareOf(brief) * (children + under5) + INFANT_SHARE * infants;
};

/** What the plate of a guest must meet: their own limits; of guests who may be one, those of all of them. */
function limitsAt(person: Person, i: number, persons: readonly Person[]): readonly Limit[] {
  const own = limitsOf(persons).filter((limit) => limit.person === i);
  if (!person.unsure) return own;
  const others = limitsOf(persons).filter(
    ({ person: of, what }) =>
      of !== i && persons[of]!.unsure && hasPlate(persons[of]!) && !own.some((limit) => limit.what === what),
  );
  return [...own, ...others];
}

/**
 * Own plates of a brief. A plate meets every limit of its guest. Children under 5 who have none are given small plates
 * of their own, which meet the limits of all of them. Nobody comes: there is none.
 */
export function plateGuestsOf(brief: Brief): PlateGuests[] {
  if (heads(brief) === 0) return [];
  const { persons } = brief;
  const asked = persons.flatMap((person, i): PlateGuests[] => {
    if (!hasPlate(person)) return [];
    const share = person.count * shareOfHead(person.head, brief);
    return [
      {
        limits: limitsAt(person, i, persons),
        small: person.head === 'under5',
        who: person.who.trim(),
        seat: person.seat.trim(),
        person: i,
        guests: person.count,
        eaters: share,
      },
    ];
  });
  const smallAsked = asked.filter(({ small }) => small).reduce((sum, { guests }) => sum + guests, 0);
  const small = brief.guests.under5 - smallAsked;
  if (small <= 0) return asked;
  const limits = limitsOf(persons).filter(
    ({ person }) => persons[person]!.head === 'under5' && !hasPlate(persons[person]!),
  );
  const eaters = small * shareOfHead('under5', brief);
  return [...asked, { limits, small: true, who: '', seat: '', person: null, guests: small, eaters }];
}

/** Who eats from the board, in adults: all but those with a plate of their own. */
export const boardEatersOf = (brief: Brief): number =>
  Math.max(0, eatersOf(brief) - plateGuestsOf(brief).reduce((sum, plate) => sum + plate.eaters, 0));

/** Who eats from the board, counted: all that eat but those with a plate of their own. */
export const headsAtBoard = (brief: Brief): number =>
  Math.max(0, headsThatEat(brief) - plateGuestsOf(brief).reduce((sum, plate) => sum + plate.guests, 0));
