import { carbohydratePerAdult } from '../amount/index.js';
import { companyOf, type Brief } from '../brief/index.js';
import { barsOf } from '../care/index.js';
import { isCompanion, type Companion, type Good, type Main } from '../counter/index.js';
import { pairsFor, type Pairs } from './pairs.js';
import { rankBeside, rankGoods } from './rank.js';
import type { Slot } from './slots.js';
import { reason, type Grams, type Reason } from '../units/index.js';
import { insteadOfBread } from './insteadOfBread.js';
import { lonelyMeats } from './meatAdvice.js';
import { pairRow } from './row.js';
import { stage } from '../stage/index.js';

declare module '../units/reason.js' {
  interface Rules {
    'low-carb': { guests: number; instead: readonly string[]; each: Grams; bread: Grams };
    'clash-by-hand': {
      good: string;
      beside: string;
      why: Reason;
      instead: readonly string[];
      /** Where on this board it would sit better. */
      elsewhere: string | null;
      /** What clears the palate between the two. */
      cleanser: string | null;
    };
    'not-served': { good: string; slot: Slot };
    'house-never-serves': { good: string; beside: string; why: string };
  }
}

declare module '../stage/stage.js' {
  interface Parts {
    pair: PairPart;
  }
}

export interface PairPart {
  readonly pairs: Pairs;
  /** Companions that were added by hand. */
  readonly extras: readonly Companion[];
  /** Everything that stands beside: what the pairing chose, drinks too, and what was added. */
  readonly beside: readonly Good[];
}

const carbohydrateOf = (beside: readonly Good[], brief: Brief) => {
  const { all, bread } = carbohydratePerAdult(beside.filter(isCompanion), brief);
  return { each: all, bread };
};

/** How many ways out are named, the best first. */
const WAYS_OUT = 2;

/** What a person set beside a good though it clashes, with what of its slot would sit better there. */
function clashesByHand(mains: readonly Main[], pairs: Pairs): Reason[] {
  return [...pairs.byGood].flatMap(([id, slots]) =>
    slots.flatMap(({ slot, match, byHand: chosen }): Reason[] => {
      const main = mains.find((m) => m.id === id);
      if (!main || !chosen || !match || match.score >= 0) return [];
      const instead = rankBeside(main, pairs.candidates[slot], pairs.weights)
        .slice(0, WAYS_OUT)
        .filter(({ score }) => score > 0)
        .map(({ beside }) => beside.name);
      const why = match.reasons.find(({ effect }) => effect < 0)!;
      const [best] = rankGoods(match.beside, mains, pairs.weights);
      const elsewhere = best && best.match.score > 0 && best.main.id !== id ? best.main.name : null;
      const cleanser = cleanserOf(pairs)?.name ?? null;
      const figures = { good: main.name, beside: match.beside.name, why, instead, elsewhere, cleanser };
      return [reason('clash-by-hand', figures, { subject: `${id} ${match.beside.id}`, effect: match.score })];
    }),
  );
}

/** Juicy, sharp and quiet, or plain bread: what of the set clears the palate between two that clash. */
const cleanserOf = ({ set }: Pairs) =>
  set.find(({ beside }) => beside.kind === 'companion' && beside.role === 'fruit' && beside.juice >= 7)
    ?.beside ?? set.find(({ beside }) => beside.kind === 'companion' && beside.role === 'bread')?.beside;

/** What a person set beside a good though the house never serves the two together. */
const neverServed = (mains: readonly Main[], pairs: Pairs): Reason[] =>
  [...pairs.byGood].flatMap(([id, slots]) =>
    slots.flatMap(({ match, byHand: chosen, word }): Reason[] => {
      const main = mains.find((m) => m.id === id);
      if (!main || !chosen || !match || word?.says !== 'never') return [];
      const figures = { good: main.name, beside: match.beside.name, why: word.why };
      return [reason('house-never-serves', figures, { subject: `${id} ${match.beside.id}` })];
    }),
  );

/** Goods that nothing on the counter suits in a slot. */
const notServed = ({ unserved }: Pairs): Reason[] =>
  unserved.map(({ main, slot }) =>
    reason('not-served', { good: main.name, slot }, { subject: `${main.id} ${slot}` }),
  );

export const pairStage = stage(pairRow, {
  derive: ({ order, house, counter, goods, stands }, { brief: { brief }, pick: { mains } }): PairPart => {
    const off = new Set(order.takenOff);
    const stays = (beside: Good) => !off.has(beside.id) && (stands?.(beside) ?? true);
    const pairs = pairsFor({
      mains,
      counter,
      brief,
      house,
      choices: order.pairs,
      kinds: order.pairKinds,
      may: off.size > 0 || stands ? stays : null,
    });
    const extras = order.extras.flatMap((id) => {
      const good = goods.get(id);
      // What a person added stays, against a limit too: that is a danger, and nobody takes it away in silence.
      if (order.state === 'finished' && good && barsOf(good, companyOf(brief)).length > 0) return [];
      return good && isCompanion(good) && !pairs.set.some((entry) => entry.beside.id === id) ? [good] : [];
    });
    return { pairs, extras, beside: [...pairs.set.map((entry) => entry.beside), ...extras] };
  },
  advise: ({ brief: { brief }, pick: { mains }, pair: { pairs, beside } }, { order, counter }) => [
    ...(order.selection.goods === null ? [] : lonelyMeats(mains, brief, counter)),
    ...clashesByHand(mains, pairs),
    ...neverServed(mains, pairs),
    ...notServed(pairs),
    ...(brief.lowCarb > 0
      ? [
          reason('low-carb', {
            guests: brief.lowCarb,
            instead: insteadOfBread(brief, beside, counter).map((good) => good.name),
            ...carbohydrateOf(beside, brief),
          }),
        ]
      : []),
  ],
});
