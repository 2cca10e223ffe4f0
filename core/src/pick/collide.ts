import type { House } from '../brief/index.js';
import type { Counted } from '../counter/index.js';
import {
  fits,
  leastBudget,
  mostKinds,
  wishesOf,
  type PickWishes,
  type Wish,
  type WishWord,
} from './wishes.js';

/**
 * When nothing fits: which wishes collide, and the cheapest ways out. Minimal sets that cannot be had together and
 * minimal sets to let go are each other's hitting sets (Reiter 1987), so both are found in one loop: let go the cheapest
 * set that breaks every known collision; if that fits, it is a way out; if not, what is left holds a new collision.
 */

/** Can the wishes at these places be kept together (with all that is no wish)? Fewer are never harder to keep. */
export type Fits = (kept: readonly number[]) => boolean;

export interface Collisions {
  /** Smallest first; every one cannot be kept, and could if any one of its wishes were let go. */
  readonly collisions: readonly (readonly number[])[];
  /** Cheapest first; letting these go leaves something that fits, and none of them is let go in vain. */
  readonly waysOut: readonly (readonly number[])[];
}

/** More of either than anyone reads. */
const MOST = 12;
const MOST_ROUNDS = 200;

/** Shrink a set that cannot be kept until every member is needed, dearest kept longest. */
function shrink(set: readonly number[], canKeep: Fits): number[] {
  let core = [...set];
  for (const member of set) {
    const rest = core.filter((w) => w !== member);
    if (!canKeep(rest)) core = rest;
  }
  return core;
}

/** The cheapest minimal set that meets every collision and is no superset of a known way out; null when there is none. */
function cheapestHit(
  collisions: readonly (readonly number[])[],
  known: readonly (readonly number[])[],
  costs: readonly number[],
): number[] | null {
  let best: { set: number[]; cost: number } | null = null;
  const holds = (set: readonly number[], part: readonly number[]) => part.every((w) => set.includes(w));
  const grow = (set: number[], cost: number) => {
    if (best && cost >= best.cost) return;
    if (known.some((way) => holds(set, way))) return;
    const missed = collisions.find((collision) => !collision.some((w) => set.includes(w)));
    if (!missed) {
      best = { set: [...set].sort((a, b) => a - b), cost };
      return;
    }
    for (const w of missed) grow([...set, w], cost + costs[w]!);
  };
  grow([], 0);
  return (best as { set: number[] } | null)?.set ?? null;
}

/** All minimal collisions and ways out of `costs.length` wishes, up to a dozen of each. Empty when everything fits. */
export function findCollisions(costs: readonly number[], canKeep: Fits): Collisions {
  const all = costs.map((_, w) => w);
  const known = new Map<string, boolean>();
  const ask: Fits = (kept) => {
    const key = kept.join(' ');
    const answer = known.get(key) ?? canKeep(kept);
    known.set(key, answer);
    return answer;
  };
  const collisions: number[][] = [];
  const waysOut: number[][] = [];
  for (let round = 0; round < MOST_ROUNDS && waysOut.length < MOST; round++) {
    const letGo = cheapestHit(collisions, waysOut, costs);
    if (!letGo) break;
    const kept = all.filter((w) => !letGo.includes(w));
    if (ask(kept)) {
      if (letGo.length === 0) break;
      waysOut.push(letGo);
    } else {
      // What is no wish at all cannot be had: nothing to let go helps.
      if (kept.length === 0 || !ask([])) return { collisions: [], waysOut: [] };
      collisions.push(
        shrink(
          [...kept].sort((a, b) => costs[a]! - costs[b]!),
          ask,
        ).sort((a, b) => a - b),
      );
    }
  }
  collisions.sort((a, b) => a.length - b.length || a[0]! - b[0]!);
  return { collisions, waysOut };
}

/** A way out as a button: what is let go, how far, and the ask after it. */
export interface WayOut {
  readonly words: readonly WishWord[];
  readonly wishes: readonly string[];
  readonly ask: PickWishes;
}

export interface Trouble {
  /** Each a set of wishes that cannot all be had. */
  readonly collisions: readonly (readonly WishWord[])[];
  /** None: no wish can mend it, there are too few goods for the guests' own limits. */
  readonly waysOut: readonly WayOut[];
}

/** Why nothing fits an ask, and the cheapest ways out of it. Guests' allergy, medical and religious limits stay. */
export function troubleOf(ask: PickWishes, counter: Counted, house: House): Trouble {
  const names = new Map(counter.map((good) => [good.id, good.name]));
  const wishes = wishesOf(ask, house, (id) => names.get(id) ?? id);
  const wishesKept = (kept: readonly number[]): PickWishes =>
    wishes.reduce((now, wish, w) => (kept.includes(w) ? now : wish.loosen(now)), ask);
  const found = findCollisions(
    wishes.map((wish) => wish.cost),
    (kept) => fits(wishesKept(kept), counter, house),
  );
  const waysOut = found.waysOut.flatMap((letGo) => {
    const chosen = letGo.map((w) => wishes[w]!);
    return wayOut(chosen, ask, counter, house) ?? [];
  });
  const smallest = found.collisions[0]?.length ?? 0;
  return {
    collisions: found.collisions
      .filter((collision) => collision.length === smallest || collision.length <= 3)
      .map((collision) => collision.map((w) => wishes[w]!.word)),
    waysOut,
  };
}

/** Let wishes go, as little as helps: the budget only up to what is needed, the kinds only down to what can be had. */
function wayOut(letGo: readonly Wish[], ask: PickWishes, counter: Counted, house: House): WayOut | null {
  const whole = letGo.filter(({ word }) => word.of !== 'budget' && word.of !== 'kinds');
  const words = whole.map((wish) => wish.word);
  let now = whole.reduce((a, wish) => wish.loosen(a), ask);
  const money = letGo.some(({ word }) => word.of === 'budget');
  for (const { word } of letGo) {
    if (word.of !== 'kinds') continue;
    const what = word.kind === 'cheese' ? 'cheeses' : 'meats';
    const free = money ? { ...now, brief: { ...now.brief, budget: null } } : now;
    const kinds = mostKinds(what, free, counter, house);
    if (kinds === null) return null;
    now = { ...now, brief: { ...now.brief, kinds: { ...now.brief.kinds, [what]: kinds } } };
    words.push({ ...word, kinds });
  }
  if (money) {
    const amount = leastBudget(now, counter, house);
    if (amount === null) return null;
    now = { ...now, brief: { ...now.brief, budget: { amount, per: 'total' } } };
    words.push({ of: 'budget', amount });
  }
  return { words, wishes: letGo.map((wish) => wish.id), ask: now };
}
