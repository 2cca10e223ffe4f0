import type { Companion } from '../../counter/index.js';
import { cleanserFor, walkFor, type Walk } from '../../walk/index.js';
import { hiddenNeighbours } from '../../pair/index.js';
import { reason } from '../../units/index.js';
import { stage } from './row.js';

declare module './row.js' {
  interface Parts {
    walk: WalkPart;
  }
}

declare module '../../units/reason.js' {
  interface Rules {
    'hidden by its neighbour': { good: string; by: string };
  }
}

export interface WalkPart {
  readonly walk: Walk;
  /** What clears the palate between strong steps; null: water. */
  readonly cleanser: Companion | null;
}

export const walkStage = stage({
  id: 'walk',
  place: 6,
  reads: ['brief', 'pick', 'pair'],
  fields: ['walk'],
  tidy: (order, left) => ({ ...order, walk: order.walk?.filter((id) => !left.has(id)) ?? null }),
  derive: (
    { order, counter, stands },
    { brief: { brief }, pick: { mains }, pair: { beside } },
  ): WalkPart => ({
    walk: walkFor(mains, order.walk),
    cleanser: cleanserFor(beside, stands ? counter.filter(stands) : counter, brief),
  }),
  advise: ({ walk: { walk } }) =>
    hiddenNeighbours(walk.steps.map(({ main }) => main)).map(({ hidden, by }) =>
      reason(
        'hidden by its neighbour',
        { good: hidden.name, by: by.name },
        { subject: `${hidden.id} ${by.id}` },
      ),
    ),
  summary: ({ walk }) => ({ goods: walk ?? [], words: [] }),
});
