import { exclusionsOf } from '../../care/index.js';
import { isCompanion, type Companion, type Good } from '../../counter/index.js';
import { pairsFor, type Pairs } from '../../pair/index.js';
import { reason } from '../../units/index.js';
import { insteadOfBread } from '../boardAdvice.js';
import { byHand, stage, without } from './row.js';

declare module '../../units/reason.js' {
  interface Rules {
    'low carb': { guests: number; instead: readonly string[] };
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

export const pairStage = stage({
  id: 'pair',
  place: 5,
  reads: ['brief', 'pick'],
  fields: ['pairs', 'extras'],
  tidy: (order, left) => ({ ...order, pairs: without(order.pairs, left) }),
  derive: ({ order, counter, goods, stands }, { brief: { brief }, pick: { mains } }): PairPart => {
    const pairs = pairsFor(mains, counter, brief, order.pairs, stands);
    const extras = order.extras.flatMap((id) => {
      const good = goods.get(id);
      const fits = good && isCompanion(good) && exclusionsOf(good, brief.limits).length === 0;
      return fits && !pairs.set.some((entry) => entry.beside.id === id) ? [good] : [];
    });
    return { pairs, extras, beside: [...pairs.set.map((entry) => entry.beside), ...extras] };
  },
  advise: ({ brief: { brief }, pair: { beside } }, { counter }) => {
    if (brief.lowCarb === 0) return [];
    const instead = insteadOfBread(brief, beside, counter).map((good) => good.name);
    return [reason('low carb', { guests: brief.lowCarb, instead })];
  },
  summary: ({ pairs, extras }) => ({
    ...byHand(pairs),
    words: [],
    goods: [...Object.keys(pairs), ...extras],
  }),
});
