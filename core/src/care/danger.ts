import { reason, reasonKey, type Reason } from '../units/index.js';
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
 * A reason why this order may hurt a guest. While one stands, papers for guests are held. Graver than a shortage, which is graver than
 * advice (order/gravity.ts).
 */
export type Danger = Reason & {
  readonly goods: readonly string[];
  /** true: nobody may accept it by name; the order has to change (a guest's own allergen, or unknown for that guest). */
  readonly mustMend: boolean;
};

export const danger = (why: Reason, mustMend: boolean, goods: readonly string[] = []): Danger => ({
  ...why,
  goods,
  mustMend,
});

/** Who took a danger on, and the day, by rule and subject; it is a word of a person, never of the program. */
export interface TakenOn {
  readonly rule: string;
  readonly subject: string;
  readonly by: string;
  readonly on: string;
}

/** A danger of an order, with who took it on; null: nobody did, or nobody may. */
export type OrderDanger = Danger & { readonly takenOn: TakenOn | null };

/** Dangers with the words of those who took them on; what is only mended is never taken on, whatever is written. */
export const withTakenOn = (dangers: readonly Danger[], taken: readonly TakenOn[]): OrderDanger[] =>
  dangers.map((one) => ({
    ...one,
    takenOn: one.mustMend ? null : (taken.find((word) => reasonKey(word) === reasonKey(one)) ?? null),
  }));

/** What still stands in the way. */
export const standing = (dangers: readonly OrderDanger[]): OrderDanger[] =>
  dangers.filter(({ takenOn }) => takenOn === null);

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
    const subject = `${person} ${limits.join(' ')}`;
    return [danger(reason('guest-undecided', figures, { subject }), one.limits.some(isHarmful))];
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
    // With the limits: what was taken on for one guest is not for the next.
    reason(
      'against-a-limit',
      { good: good.name, because },
      {
        subject: [good.id, ...because.map(({ limit }) => `${limit.person}:${limit.what}`)].join(' '),
      },
    ),
    because.some(({ limit }) => isHarmful(limit)),
    [good.id],
  );
