import type { House, Learnt } from '../brief/index.js';
import { memoisedBy } from '../units/index.js';
import type { CompanyKind } from './rules/index.js';
import { WEIGHTS } from './weights.js';

/** What each rule weighs, by what stands beside and the rule's name; what is not named weighs its prior. */
export type Weights = Readonly<Record<CompanyKind, Readonly<Record<string, number>>>>;

const withLearnt = memoisedBy(({ weights }: Learnt): Weights => ({
  ...WEIGHTS,
  drink: { ...WEIGHTS.drink, ...weights },
}));

/** The weights that a house goes by: the fitted ones, with what its own tastings taught it and it accepted. */
export const weightsOf = ({ learnt }: Pick<House, 'learnt'>): Weights =>
  learnt ? withLearnt(learnt) : WEIGHTS;
