import { reason, type Reason } from '../units/index.js';
import type { Exclusion } from './gate.js';
import { isHarmful, proposedReach, type Person, type Reach } from './persons.js';

declare module '../units/reason.js' {
  interface Rules {
    /** Nobody has decided how far the limits of these guests reach. */
    'guest-undecided': {
      person: number;
      who: string;
      limits: readonly string[];
      guests: number;
      proposed: Reach;
    };
    /** Two or more plates without a name may be one guest's: each meets the limits of all. */
    'guests-unsure': { plates: number };
    /** A person put it there by hand, against a limit. */
    'against-a-limit': { good: string; because: readonly Exclusion[] };
  }
}

/**
 * What may hurt somebody: it stands over everything until it is mended, and holds what guests and customers would read.
 * Gravity: danger, then shortage, then advice.
 */
export type Danger = Reason & {
  readonly goods: readonly string[];
  /** true: nobody may take it on, it is only mended: poison, a guest's own allergen, what is not known for such a guest. */
  readonly mustMend: boolean;
};

const danger = (why: Reason, mustMend: boolean, goods: readonly string[] = []): Danger => ({
  ...why,
  goods,
  mustMend,
});

/** Guests of whom nobody has decided, and plates of which nobody knows whose they are. */
export function undecidedDangers(persons: readonly Person[]): Danger[] {
  const undecided = persons.flatMap((one, person) => {
    if (one.reach !== 'undecided' || one.limits.length === 0) return [];
    const limits = one.limits.map(({ what }) => what);
    const figures = {
      person,
      who: one.who.trim(),
      limits,
      guests: one.count,
      proposed: proposedReach(one),
    };
    return [danger(reason('guest-undecided', figures, { subject: `${person}` }), one.limits.some(isHarmful))];
  });
  const unsure = persons.filter((one) => one.unsure);
  return unsure.length > 1
    ? [...undecided, danger(reason('guests-unsure', { plates: unsure.length }), false)]
    : undecided;
}

/** A good that a person put on the board against a limit. */
export const againstDanger = (
  good: { readonly id: string; readonly name: string },
  because: readonly Exclusion[],
): Danger =>
  danger(
    reason('against-a-limit', { good: good.name, because }, { subject: good.id }),
    because.some(({ limit }) => isHarmful(limit)),
    [good.id],
  );
