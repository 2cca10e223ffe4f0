import { contentsOf, isCompanionOf, type Good } from '../counter/index.js';

/** Honey, or honey in it. */
export const hasHoney = (good: Good): boolean =>
  isCompanionOf(good, 'honey') || contentsOf(good).honey === 'yes';

/** Honey, or nobody has said that there is none in it. */
export const hasHoneyOrMay = (good: Good): boolean =>
  good.kind !== 'ware' && (isCompanionOf(good, 'honey') || contentsOf(good).honey !== 'no');
