import type { Rules } from '../../units/index.js';
import type { CompanyFacts, HostFacts } from '../facts.js';

/**
 * One rule of the sensory model. `of` says how much there is of it, 0 or more, about 1 where it is plainly felt; `sign` says whether
 * it speaks for or against, and the weight how many points that is worth. `prior` is the house's judgement (common practice);
 * what counts is the fitted weight of weights.ts. No rule names a good or a style.
 */
export interface PairRule<Id extends keyof Rules = keyof Rules> {
  readonly id: Id;
  readonly sign: 1 | -1;
  readonly prior: number;
  /** Keeps its prior: the fit does not move it. */
  readonly fixed?: true;
  /** A figure of the host without which it has nothing to say: it is not asked where that is 0. */
  readonly when?: 'mould' | 'cream' | 'quiet' | 'heat' | 'fish';
  readonly of: (host: HostFacts, beside: CompanyFacts) => number;
  readonly figures?: (host: HostFacts, beside: CompanyFacts) => Rules[Id];
}

/** What is above a threshold; 0 under it. */
export const over = (x: number, threshold: number): number => (x > threshold ? x - threshold : 0);
