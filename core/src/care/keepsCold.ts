import { isCompanion, isMain, named, type CompanionRole, type Good } from '../counter/index.js';

/**
 * Companions that are kept cold until they are served: dips of milk or cooked pulses and cut melon (FDA Food Code 1-201.10,
 * "time/temperature control for safety food"), and butter by the strict side (common practice, no source).
 */
const COLD_ROLES: ReadonlySet<CompanionRole> = new Set(['dip', 'butter']);
const CUT_FRUIT = ['melon', 'watermelon', 'cantaloupe'];

/** Whether a good's minutes out of the cold are counted. */
export const keepsCold = (good: Good): boolean =>
  isMain(good) ||
  (isCompanion(good) && (COLD_ROLES.has(good.role) || (good.role === 'fruit' && named(good, ...CUT_FRUIT))));
