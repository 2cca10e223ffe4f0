import { hasPlate, limitsOf, type Limit } from '../care/index.js';
import type { Brief } from './brief.js';
import { childShareOf } from './plates.js';

/** Guests at the board who eat the same of it: all but those with a plate of their own. */
export interface BoardGroup {
  /** What they leave alone of what lies there. */
  readonly limits: readonly Limit[];
  /** In adults. */
  readonly eaters: number;
  /** Heads, infants left out. */
  readonly heads: number;
  /** Children from 5 to 11: their share goes on what is mild and known. */
  readonly young: boolean;
}

/**
 * Who eats from the board: guests whose limits do not clear it and who have no plate, each a group that leaves alone what its limits bar; the
 * other adults; the other children. Children under 5 have plates of their own.
 */
export function boardGroupsOf(brief: Brief): BoardGroup[] {
  const left = { adult: brief.guests.adults, child: brief.guests.children };
  const share = childShareOf(brief);
  const group = (limits: readonly Limit[], heads: number, young: boolean): BoardGroup[] =>
    heads > 0 ? [{ limits, heads, eaters: young ? share * heads : heads, young }] : [];
  const marked = brief.persons.flatMap((person, i) => {
    const { head } = person;
    if (head !== 'adult' && head !== 'child') return [];
    const count = Math.min(person.count, left[head]);
    if (hasPlate(person)) left[head] -= count;
    if (hasPlate(person) || person.reach === 'board' || person.limits.length === 0) return [];
    left[head] -= count;
    const limits = limitsOf(brief.persons).filter((limit) => limit.person === i);
    return group(limits, count, head === 'child');
  });
  return [...marked, ...group([], left.adult, false), ...group([], left.child, true)];
}
