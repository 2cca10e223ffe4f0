import type { Companion } from '../../counter/index.js';
import { cleanserFor, walkFor, type Walk } from '../../walk/index.js';
import { stage } from './row.js';

declare module './row.js' {
  interface Parts {
    walk: WalkPart;
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
  summary: ({ walk }) => ({ goods: walk ?? [], words: [] }),
});
