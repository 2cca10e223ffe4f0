import type { Main, Served } from '../counter/index.js';
import { lruMemoised, sameValue, type Reason } from '../units/index.js';
import type { Brief, House, PairWord } from '../brief/index.js';
import { boardSet, mustsOf, type BoardSet, type SetInput } from './boardSet.js';
import type { Beside } from './facts.js';
import { weightsOf, type Weights } from './learnt.js';
import { leadReason, matchOf, scoreOf, type Match } from './rank.js';
import { byHandIn, candidatesFor, SLOTS, USUAL_SLOTS, type Slot } from './slots.js';
import { SERVED } from './shortlist.js';
import { standsBy, wordOn } from './word.js';

/** What a person chose for a good's slot: good id -> slot -> companion id. */
export type PairChoices = Readonly<Record<string, Partial<Record<Slot, string>>>>;

export interface SlotPair {
  readonly slot: Slot;
  /** null: the counter has nothing for it that the limits allow. */
  readonly match: Match<Beside> | null;
  readonly why: Reason | null;
  readonly byHand: boolean;
  /** What the house says of this pair; it stands above the model. */
  readonly word: PairWord | null;
}

/** What the house decides of the pairing. */
export type PairHouse = Pick<House, 'pairPoint' | 'pairWords' | 'licensed' | 'learnt'>;

export interface Pairs {
  readonly byGood: ReadonlyMap<string, readonly SlotPair[]>;
  /** Every companion and drink of the board, each once, in the order of the slots. */
  readonly set: readonly {
    readonly slot: Slot;
    readonly beside: Beside;
    readonly serves: readonly string[];
  }[];
  readonly candidates: Candidates;
  /** How the set was chosen: value against number of things, the knee, and how sure. Null: nothing is picked. */
  readonly choice: Omit<BoardSet, 'chosen'> | null;
  /** What the rules weigh in this house. */
  readonly weights: Weights;
  /** Goods that nothing of the counter serves in a slot. */
  readonly unserved: readonly { readonly main: Main; readonly slot: Slot }[];
}

export interface PairsInput {
  readonly mains: readonly Main[];
  readonly counter: Served;
  readonly brief: Brief;
  readonly choices: PairChoices;
  readonly house: PairHouse;
  /** How many things the set has; null: as many as pay. */
  readonly kinds: number | null;
  /** May this stand by itself? By hand anything may still be chosen. null: all may. */
  readonly may: ((beside: Beside) => boolean) | null;
}

/** For each good a match in each slot out of one small set for the whole board, or what the person chose. */
export function pairsFor({ mains, counter, brief, choices, house, kinds, may }: PairsInput): Pairs {
  const words = house.pairWords;
  const weights = weightsOf(house);
  const candidates = Object.fromEntries(
    SLOTS.map((slot) => [slot, candidatesFor(slot, counter, brief)]),
  ) as Record<Slot, readonly Beside[]>;
  if (mains.length === 0)
    return { byGood: new Map(), set: [], candidates, choice: null, unserved: [], weights };
  const open = may ? openOf(candidates, may) : candidates;
  const { chosen, ...choice } = setFor({
    mains,
    candidates: open,
    brief,
    slots: USUAL_SLOTS,
    words,
    weights,
    point: house.pairPoint,
    licensed: house.licensed,
    kinds,
  });
  const byGood = new Map<string, SlotPair[]>(mains.map((main) => [main.id, []]));
  const set: { slot: Slot; beside: Beside; serves: string[] }[] = [];
  for (const slot of SLOTS) {
    const ofSet = chosen[slot] ?? [];
    for (const main of mains) {
      const wanted = choices[main.id]?.[slot];
      const chosen = wanted ? byHandIn(slot, wanted, candidates[slot], counter, brief) : undefined;
      const beside = chosen ?? bestOf(main, ofSet, words, weights);
      if (!beside && !USUAL_SLOTS.includes(slot)) continue;
      const match = beside && matchOf(main, beside, weights);
      byGood.get(main.id)!.push({
        slot,
        match: match ?? null,
        why: match ? leadReason(match) : null,
        byHand: chosen !== undefined,
        word: beside ? wordOn(words, main, beside) : null,
      });
      if (!beside) continue;
      const entry = set.find((e) => e.beside.id === beside.id);
      if (entry) entry.serves.push(main.id);
      else set.push({ slot, beside, serves: [main.id] });
    }
    // What must be there stays though no good prefers it: the gluten-free bread, a soft nut for weak teeth, what the house always sells.
    const has = (test: (beside: Beside) => boolean) => set.some((e) => e.slot === slot && test(e.beside));
    const kept =
      slot === 'bread'
        ? ofSet
        : mustsOf(slot, { mains, brief, words }, ofSet.length).flatMap((must) =>
            has(must) ? [] : ofSet.filter(must),
          );
    for (const beside of kept) if (!has(({ id }) => id === beside.id)) set.push({ slot, beside, serves: [] });
  }
  return { byGood, set, candidates, choice, unserved: unservedOf(mains, open, weights), weights };
}

type Candidates = Readonly<Record<Slot, readonly Beside[]>>;

/** Without what may not stand by itself; a slot that loses nothing stays the same list, whose scores are known. */
const openOf = (candidates: Candidates, may: (beside: Beside) => boolean): Candidates =>
  Object.fromEntries(
    SLOTS.map((slot) => [
      slot,
      candidates[slot].every(may) ? candidates[slot] : candidates[slot].filter(may),
    ]),
  ) as Record<Slot, readonly Beside[]>;

const sameList = <T>(a: readonly T[], b: readonly T[]): boolean =>
  a === b || (a.length === b.length && a.every((x, i) => x === b[i]));

/** The set of the last few boards: most edits leave it as it is. */
const setFor = lruMemoised(
  boardSet,
  (a: SetInput, b: SetInput) =>
    a.point === b.point &&
    a.kinds === b.kinds &&
    a.licensed === b.licensed &&
    sameList(a.mains, b.mains) &&
    SLOTS.every((slot) => sameList(a.candidates[slot], b.candidates[slot])) &&
    sameList(a.words, b.words) &&
    a.weights === b.weights &&
    sameValue(a.brief, b.brief),
);

/** Out of a few the one that stands best beside a good: by the house's word, then by the model, then by id. */
function bestOf(
  main: Main,
  besides: readonly Beside[],
  words: readonly PairWord[],
  weights: Weights,
): Beside | undefined {
  const points = (beside: Beside) => scoreOf(main, beside, weights) + standsBy(wordOn(words, main, beside));
  return [...besides].sort((a, b) => points(b) - points(a) || (a.id < b.id ? -1 : 1))[0];
}

/** Goods for which a slot has candidates, but none that suits. */
const unservedOf = (mains: readonly Main[], open: Candidates, weights: Weights) =>
  USUAL_SLOTS.flatMap((slot) =>
    mains
      .filter(
        (main) =>
          open[slot].length > 0 && open[slot].every((beside) => scoreOf(main, beside, weights) < SERVED),
      )
      .map((main) => ({ main, slot })),
  );
