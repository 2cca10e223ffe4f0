import { reachOf, type Limit } from '../care/index.js';
import type { Brief } from './brief.js';
import { byGuest, childShareOf, nameIn, plateGuestsOf } from './plates.js';

/** Guests at the board who eat the same of it: all but those with a plate of their own. */
export interface BoardGroup {
  /** What is marked on a card for them, and they leave alone. */
  readonly limits: readonly Limit[];
  /** In adults. */
  readonly eaters: number;
  /** Heads, infants left out. */
  readonly heads: number;
  /** Children under 12: their share goes on what is mild and known. */
  readonly young: boolean;
}

const ownPlate = (limit: Limit): boolean => reachOf(limit) === 'own plate';

/**
 * Who eats from the board: guests whose limits are marked on the cards, each name (or nameless limit) a group; the other
 * adults; the other children. Own plates are taken off first; adults are counted before children.
 */
export function boardGroupsOf(brief: Brief): BoardGroup[] {
  const { guests } = brief;
  const young = guests.children + guests.under5;
  const atPlates = plateGuestsOf(brief).reduce((sum, plate) => sum + plate.guests, 0);
  let adults = Math.max(0, guests.adults - atPlates);
  let children = Math.max(0, young - Math.max(0, atPlates - guests.adults));
  const share = childShareOf(brief);
  const group = (limits: readonly Limit[], grown: number, small: number): BoardGroup[] =>
    grown + small > 0
      ? [{ limits, heads: grown + small, eaters: grown + share * small, young: grown === 0 }]
      : [];
  const named = new Set(brief.limits.filter(ownPlate).map(nameIn));
  const marked = byGuest(brief, 'card').flatMap((limits) => {
    // A guest who has a plate of their own eats nothing of the board.
    const name = nameIn(limits[0]!);
    if (name !== '' && named.has(name)) return [];
    const guests = Math.max(...limits.map((limit) => limit.guests));
    const grown = Math.min(guests, adults);
    const small = Math.min(guests - grown, children);
    adults -= grown;
    children -= small;
    return group(limits, grown, small);
  });
  return [...marked, ...group([], adults, 0), ...group([], 0, children)];
}
