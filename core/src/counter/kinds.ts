import { rememberedBy } from '../units/index.js';
import type { Cheese, Companion, Drink, Good, Main, Meat, Ware } from './good.js';

/** What kind a good is, apart from the schemas, so that a page can ask without them. */
export const isCheese = (good: Good): good is Cheese => good.kind === 'cheese';
export const isMeat = (good: Good): good is Meat => good.kind === 'meat';
export const isMain = (good: Good): good is Main => good.kind === 'cheese' || good.kind === 'meat';
export const isCompanion = (good: Good): good is Companion => good.kind === 'companion';
export const isDrink = (good: Good): good is Drink => good.kind === 'drink';
export const isWare = (good: Good): good is Ware => good.kind === 'ware';

/** Goods by id; the last of two with one id wins (a checked Counter has no such two). */
export const goodsById: (counter: readonly Good[]) => ReadonlyMap<string, Good> = rememberedBy(
  (counter: readonly Good[]) => new Map(counter.map((good) => [good.id, good])),
);
