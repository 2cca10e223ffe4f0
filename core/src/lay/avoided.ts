import { fitsLimit, reachOf, type Limit } from '../care/index.js';
import type { Good } from '../counter/index.js';

/** Must a guest who eats from this board keep off it? What harms has a plate of its own and is not asked here. */
export const isAvoided = (good: Good, limits: readonly Limit[]): boolean =>
  limits.some((limit) => reachOf(limit) === 'card' && fitsLimit(good, limit).fits === 'no');
