import { rememberedBy } from '../units/index.js';
import type { Good } from './good.js';

const textOf = rememberedBy(
  (good: Good) => ` ${`${good.name} ${good.style}`.toLowerCase().replace(/[^a-z]+/g, ' ')} `,
);

/** Does a word of its name or style begin with one of these stems? */
export const named = (good: Good, ...stems: readonly string[]): boolean =>
  stems.some((stem) => textOf(good).includes(` ${stem}`));
