import type { Good, Main } from '../counter/index.js';
import { headsThatEat, type Brief } from '../brief/index.js';
import type { Reason } from '../units/index.js';
import { boardSet } from './boardSet.js';
import { leadReason, matchOf, rankBeside, type Match } from './rank.js';
import { candidatesFor, SET_SIZE, SLOTS, SMALL_TABLE, type Beside, type Slot } from './slots.js';

/** What a person chose for a good's slot: good id -> slot -> companion id. */
export type PairChoices = Readonly<Record<string, Partial<Record<Slot, string>>>>;

export interface SlotPair {
  readonly slot: Slot;
  /** null: the counter has nothing for it that the limits allow. */
  readonly match: Match | null;
  readonly why: Reason | null;
  readonly byHand: boolean;
}

export interface Pairs {
  readonly byGood: ReadonlyMap<string, readonly SlotPair[]>;
  /** Every companion and drink of the board, each once, in the order of the slots. */
  readonly set: readonly {
    readonly slot: Slot;
    readonly beside: Beside;
    readonly serves: readonly string[];
  }[];
  readonly candidates: Readonly<Record<Slot, readonly Beside[]>>;
}

/**
 * For each good a match in each slot out of one small set for the whole board, or what the person chose.
 * @param stands of an order that is finished: the set is chosen among these alone; by hand anything may still be chosen
 */
export function pairsFor(
  mains: readonly Main[],
  counter: readonly Good[],
  brief: Brief,
  choices: PairChoices,
  stands: ((beside: Beside) => boolean) | null = null,
): Pairs {
  const size = headsThatEat(brief) <= SMALL_TABLE ? 'small' : 'large';
  const byGood = new Map<string, SlotPair[]>(mains.map((main) => [main.id, []]));
  const set: { slot: Slot; beside: Beside; serves: string[] }[] = [];
  const candidates = {} as Record<Slot, readonly Beside[]>;
  for (const slot of SLOTS) {
    candidates[slot] = candidatesFor(slot, counter, brief);
    // Nothing picked: nothing stands beside it, and nothing is bought.
    if (mains.length === 0) continue;
    const pool = stands ? candidates[slot].filter(stands) : candidates[slot];
    const chosen = boardSet(slot, mains, pool, SET_SIZE[slot][size]);
    for (const main of mains) {
      const wanted = choices[main.id]?.[slot];
      const asked = wanted ? candidates[slot].find((beside) => beside.id === wanted) : undefined;
      const match = asked ? matchOf(main, asked) : (rankBeside(main, chosen)[0] ?? null);
      byGood
        .get(main.id)!
        .push({ slot, match, why: match && leadReason(match), byHand: asked !== undefined });
      if (!match) continue;
      const entry = set.find((e) => e.beside.id === match.beside.id);
      if (entry) entry.serves.push(main.id);
      else set.push({ slot, beside: match.beside, serves: [main.id] });
    }
    // The gluten-free bread stays for the guest who needs it, though no good prefers it.
    for (const beside of slot === 'bread' ? chosen.slice(0, 1) : [])
      if (!set.some((e) => e.beside.id === beside.id)) set.push({ slot, beside, serves: [] });
  }
  return { byGood, set, candidates };
}
