import type { Served } from '../counter/index.js';
import { bitesFor, pointsFor, wordsFor, type Bite, type TastingWord } from '../menu/index.js';
import type { OrderBody, Plan } from '../order/index.js';
import { SLOTS, type Beside, type Match, type Slot } from '../pair/index.js';
import type { Reason } from '../units/index.js';

/** What guests are told of a good. */
export interface MenuEntry {
  readonly goodId: string;
  readonly words: readonly TastingWord[];
  /** One thing to say of it; null: nothing is known. */
  readonly point: Reason | null;
  /** Of what stands on the board what to try with it, and what to drink; null: nothing suits. */
  readonly tryWith: Match<Beside> | null;
  readonly drink: Match<Beside> | null;
  readonly noAlcohol: Match<Beside> | null;
}

export interface Menu {
  /** In the order of tasting. */
  readonly entries: readonly MenuEntry[];
  readonly bites: readonly Bite[];
}

/** What is tried with a good: neither what carries it nor what is drunk. */
const BESIDE = SLOTS.filter((slot) => !['bread', 'drink', 'no-alcohol'].includes(slot));

/** What guests are told on menu and cards: words, one thing to say, what to try and drink with it, and the bites to announce. */
export function menuOf(plan: Plan, order: OrderBody, counter: Served): Menu {
  const mains = plan.walk.steps.map(({ main }) => main);
  const set = <V>(of: (id: string) => V) => Object.fromEntries(mains.map(({ id }) => [id, of(id)]));
  const words = wordsFor(
    mains,
    set((id) => order.telling[id]?.words),
  );
  const points = pointsFor(
    mains,
    counter,
    plan.servingAt,
    set((id) => order.telling[id]?.point),
  );
  const best = (id: string, slots: readonly Slot[]) =>
    (plan.pairs.byGood.get(id) ?? [])
      .flatMap(({ slot, match }) => (match && match.score > 0 && slots.includes(slot) ? [match] : []))
      .sort((a, b) => b.score - a.score)[0] ?? null;
  return {
    entries: mains.map(({ id }) => ({
      goodId: id,
      words: words.get(id) ?? [],
      point: points.get(id) ?? null,
      tryWith: best(id, BESIDE),
      drink: best(id, ['drink']),
      noAlcohol: best(id, ['no-alcohol']),
    })),
    bites: bitesFor(mains, plan.beside),
  };
}
