import { memoisedBy } from '../units/index.js';
import type { Cheese, Companion, Drink, Good, Main, Meat, Ware } from './good.js';

/** What kind a good is, apart from the schemas, so that a page can ask without them. */
export const isCheese = (good: Good): good is Cheese => good.kind === 'cheese';
export const isMeat = (good: Good): good is Meat => good.kind === 'meat';
export const isMain = (good: Good): good is Main => good.kind === 'cheese' || good.kind === 'meat';
export const isCompanion = (good: Good): good is Companion => good.kind === 'companion';
export const isCompanionOf = (good: Good, ...roles: readonly Companion['role'][]): boolean =>
  isCompanion(good) && roles.includes(good.role);
export const isDrink = (good: Good): good is Drink => good.kind === 'drink';
export const isWare = (good: Good): good is Ware => good.kind === 'ware';

/** Goods by id; the last of two with one id wins (a checked Counter has no such two). */
export const goodsById: (counter: readonly Good[]) => ReadonlyMap<string, Good> = memoisedBy(
  (counter: readonly Good[]) => new Map(counter.map((good) => [good.id, good])),
);

declare const as: unique symbol;
/**
 * Goods as they lie on the counter and were counted, with all their lots: what plans and searches start from; each ages and ripens them to
 * its own day. Never taken for goods as served: those would age twice.
 */
export type Counted = readonly Good[] & { readonly [as]?: 'counted' };
/** Goods as they are on the serving day of an order: with the lots that it takes, and what it keeps of them. What screens and rules read. */
export type Served = readonly Good[] & { readonly [as]?: 'served' };
