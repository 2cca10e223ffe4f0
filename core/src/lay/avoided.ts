import { againstOf } from '../care/index.js';
import { boardGroupsOf, companyOf, type Brief } from '../brief/index.js';
import type { Good } from '../counter/index.js';

/** Must a guest who eats from this board keep off it? Whoever has a plate of their own is not asked here. */
export const isAvoided = (good: Good, brief: Brief): boolean =>
  boardGroupsOf(brief).some(({ limits }) =>
    againstOf(good, companyOf(brief), limits).some(({ fit }) => fit.fits === 'no'),
  );
