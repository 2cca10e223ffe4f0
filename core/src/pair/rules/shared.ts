import type { Aroma } from '../../counter/index.js';
import { bridgedWeight, leadBridge, sharedAromas, sharedWeight } from '../../sense/index.js';
import type { PairRule } from './rule.js';

export type KinshipRuleId = 'shared-aroma' | 'kindred-aroma' | 'same-place' | 'plain-company';

declare module '../../units/reason.js' {
  interface Rules {
    'shared-aroma': { aromas: readonly Aroma[] };
    'kindred-aroma': { one: Aroma; other: Aroma };
    'same-place': { place: string };
    'plain-company': NoFigures;
  }
}

/** More of the same adds little. */
const MOST_KINSHIP = 1.5;
/**
 * What speaks for any two things that stand beside each other. Common practice, no source. Kinship of place is not fitted: the demo's
 * places are invented.
 */
export const kinship = (prior: { shared: number; kindred: number; place: number }): readonly PairRule[] => [
  {
    id: 'shared-aroma',
    sign: 1,
    prior: prior.shared,
    of: (h, b) => Math.min(MOST_KINSHIP, sharedWeight(h, b)),
    figures: (h, b) => ({ aromas: sharedAromas(h, b) }),
  },
  {
    id: 'kindred-aroma',
    sign: 1,
    prior: prior.kindred,
    of: (h, b) => Math.min(MOST_KINSHIP, bridgedWeight(h, b)),
    figures: (h, b) => {
      const [one, other] = leadBridge(h, b)!;
      return { one, other };
    },
  },
  {
    id: 'same-place',
    sign: 1,
    prior: prior.place,
    fixed: true,
    of: (h, b) => (h.place !== '' && h.place === b.place ? 1 : 0),
    figures: (h) => ({ place: h.place }),
  },
];
