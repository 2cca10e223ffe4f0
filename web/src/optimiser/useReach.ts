import {
  briefFingerprint,
  DEFAULT_NODE_LIMIT,
  NO_WISHES,
  type Brief,
  type Counted,
  type House,
  type Pick,
} from '@rotula/core';
import { houseKey, stampOf } from './question';
import { useSearch } from './useSearch';

/** The best selection that this counter holds for a brief, with nothing locked: what the dial can reach. */
export function useReach(brief: Brief, counter: Counted, house: House): Pick | null {
  const key = ['reach', briefFingerprint(brief), houseKey(house), stampOf(counter)].join(' ');
  return useSearch('pick', key, {
    question: () => ({ brief, wishes: NO_WISHES, counter, house, nodeLimit: DEFAULT_NODE_LIMIT }),
    lane: 'reach',
    beside: true,
    keeps: true,
  }).answer;
}
