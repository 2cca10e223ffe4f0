import { exclusionsOf } from '../../care/index.js';
import { isCompanion, type Companion, type Good, type Main } from '../../counter/index.js';
import { pairsFor, rankBeside, type Pairs } from '../../pair/index.js';
import { reason, type Reason } from '../../units/index.js';
import { insteadOfBread } from '../boardAdvice.js';
import { byHand, stage, without } from './row.js';

declare module '../../units/reason.js' {
  interface Rules {
    'low carb': { guests: number; instead: readonly string[] };
    'clash by hand': { good: string; beside: string; why: Reason; instead: readonly string[] };
  }
}

declare module './row.js' {
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

/** So many ways out are named, the best first. */
const WAYS_OUT = 2;

/** What a person set beside a good though it clashes, with what of its slot would sit better there. */
function clashesByHand(mains: readonly Main[], pairs: Pairs): Reason[] {
  return [...pairs.byGood].flatMap(([id, slots]) =>
    slots.flatMap(({ slot, match, byHand: chosen }): Reason[] => {
      const main = mains.find((m) => m.id === id);
      if (!main || !chosen || !match || match.score >= 0) return [];
      const instead = rankBeside(main, pairs.candidates[slot])
        .slice(0, WAYS_OUT)
        .filter(({ score }) => score > 0)
        .map(({ beside }) => beside.name);
      const why = match.reasons.find(({ effect }) => effect < 0)!;
      const figures = { good: main.name, beside: match.beside.name, why, instead };
      return [reason('clash by hand', figures, { subject: `${id} ${match.beside.id}`, effect: match.score })];
    }),
  );
}

export const pairStage = stage({
  id: 'pair',
  place: 5,
  reads: ['brief', 'pick'],
  fields: ['pairs', 'extras', 'takenOff', 'pairKinds'],
  tidy: (order, left) => ({ ...order, pairs: without(order.pairs, left) }),
  derive: ({ order, house, counter, goods, stands }, { brief: { brief }, pick: { mains } }): PairPart => {
    const off = new Set(order.takenOff);
    const may = (beside: { readonly id: string }) => !off.has(beside.id);
    const pairs = pairsFor({
      mains,
      counter,
      brief,
      house,
      choices: order.pairs,
      kinds: order.pairKinds,
      may: (beside) => may(beside) && (stands?.(beside) ?? true),
    });
    const extras = order.extras.flatMap((id) => {
      const good = goods.get(id);
      const fits = good && isCompanion(good) && exclusionsOf(good, brief.limits).length === 0;
      return fits && !pairs.set.some((entry) => entry.beside.id === id) ? [good] : [];
    });
    return { pairs, extras, beside: [...pairs.set.map((entry) => entry.beside), ...extras] };
  },
  advise: ({ brief: { brief }, pick: { mains }, pair: { pairs, beside } }, { counter }) => [
    ...clashesByHand(mains, pairs),
    ...(brief.lowCarb > 0
      ? [
          reason('low carb', {
            guests: brief.lowCarb,
            instead: insteadOfBread(brief, beside, counter).map((good) => good.name),
          }),
        ]
      : []),
  ],
  summary: ({ pairs, extras, takenOff }) => ({
    ...byHand(pairs),
    words: [],
    goods: [...Object.keys(pairs), ...extras, ...takenOff],
  }),
});
