import { reachOf, type Limit, type Reach } from '../care/index.js';
import type { Brief } from './brief.js';
import { heads, headsThatEat } from './heads.js';
import { INFANT_SHARE, USUAL_PRACTICE } from './practice.js';

/** Guests who eat from a plate of their own: one plate for each guest, or guests, with the same limits. */
export interface PlateGuests {
  /** Everything that the plate must meet. */
  readonly limits: readonly Limit[];
  /** Whose it is, where the brief says so; else empty. */
  readonly who: string;
  readonly guests: number;
  /** In adults: children count half. */
  readonly eaters: number;
}

/** What a child under 12 eats of an adult's share: half, unless the house says otherwise. */
export const childShareOf = ({ practice }: Brief): number => (practice ?? USUAL_PRACTICE).childShare;

/** Adults, plus the share of every child under 12, and nothing for infants. */
export const eatersOf = (brief: Brief): number => eating(brief.guests, childShareOf(brief));

const eating = (guests: Brief['guests'], childShare: number): number =>
  guests.adults + childShare * (guests.children + guests.under5) + INFANT_SHARE * guests.infants;

/** Limits of one reach by whose they are: those that bear one name together, each without a name alone. */
export function byGuest(brief: Brief, reach: Reach): Limit[][] {
  const groups = new Map<string, Limit[]>();
  brief.limits
    .filter((limit) => reachOf(limit) === reach)
    .forEach((limit, i) => {
      const key = nameIn(limit) || `#${i}`;
      groups.set(key, [...(groups.get(key) ?? []), limit]);
    });
  return [...groups.values()];
}

/** The guest’s name of a limit, trimmed and in lower case, for comparing; empty: no name was given. */
export const nameIn = ({ who }: Limit): string => who.trim().toLowerCase();

/**
 * Own plates of a brief. A plate meets every limit that bears its guest's name, whatever the reach of each; a limit without a
 * name has a plate to itself. Nobody is counted beyond the heads, adults are counted first, and no plate is for nobody: where
 * more plates are named than come, the last of those that come meets the limits of the rest too.
 */
export function plateGuestsOf(brief: Brief): PlateGuests[] {
  const all = byGuest(brief, 'own plate').map((own) => {
    const name = nameIn(own[0]!);
    return name === '' ? own : brief.limits.filter((limit) => nameIn(limit) === name);
  });
  const come = heads(brief);
  if (come === 0) return [];
  const plates = all.length > come ? [...all.slice(0, come - 1), all.slice(come - 1).flat()] : all;
  let seated = 0;
  return plates.map((limits, i) => {
    // One head at the least is left for each plate after this one.
    const left = come - seated - (plates.length - i - 1);
    const guests = Math.min(Math.max(...limits.map((limit) => limit.guests)), left);
    const eaters = eatersUpTo(brief, seated + guests) - eatersUpTo(brief, seated);
    seated += guests;
    return { limits, who: limits[0]!.who.trim(), guests, eaters };
  });
}

/** What the first heads eat, up to a number, in adults. */
function eatersUpTo(brief: Brief, n: number): number {
  const { guests } = brief;
  const adults = Math.min(n, guests.adults);
  const children = Math.min(n - adults, guests.children + guests.under5);
  return adults + childShareOf(brief) * children;
}

/** Who eats from the board, in adults: all but those with a plate of their own. */
export const boardEatersOf = (brief: Brief): number =>
  Math.max(0, eatersOf(brief) - plateGuestsOf(brief).reduce((sum, plate) => sum + plate.eaters, 0));

/** Who eats from the board, counted: all that eat but those with a plate of their own. */
export const headsAtBoard = (brief: Brief): number =>
  Math.max(0, headsThatEat(brief) - plateGuestsOf(brief).reduce((sum, plate) => sum + plate.guests, 0));
