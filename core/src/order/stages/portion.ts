import { portionsFor, type Portions } from '../../portion/index.js';
import { reason, type Grams } from '../../units/index.js';
import { byHand, stage, without } from './row.js';

declare module '../../units/reason.js' {
  interface Rules {
    'short of stock': { good: string; onHand: Grams; short: Grams };
  }
}

declare module './row.js' {
  interface Parts {
    portion: PortionPart;
  }
}

export interface PortionPart {
  readonly portions: Portions;
}

export const portionStage = stage({
  id: 'portion',
  place: 3,
  reads: ['brief', 'pick', 'pair'],
  fields: ['portions'],
  tidy: (order, left) => ({ ...order, portions: without(order.portions, left) }),
  derive: ({ order }, { brief: { brief, targets }, pick: { mains }, pair: { beside } }): PortionPart => ({
    portions: portionsFor(mains, beside, brief, targets, order.portions),
  }),
  advise: ({ portion: { portions } }) =>
    portions.mains.flatMap(({ good, reasons }) =>
      reasons
        .filter((r) => r.rule === 'stock')
        .map(({ figures, subject }) =>
          reason('short of stock', { good: good.name, ...figures }, { subject }),
        ),
    ),
  lines: ({ portion: { portions } }) => [
    ...portions.mains.map(({ good, bought, cost }) => ({
      good,
      for: 'board' as const,
      amount: bought,
      cost,
    })),
    ...portions.companions.map(({ good, bought, cost }) => ({
      good,
      for: 'beside' as const,
      amount: bought,
      cost,
    })),
  ],
  summary: ({ portions }) => byHand(portions),
});
