import { memoisedBy } from '../units/index.js';

/** What has a name, and perhaps a style: a good, or a ware of a customer. */
interface Named {
  readonly name: string;
  readonly style?: string;
}

const textOf = memoisedBy(
  ({ name, style = '' }: Named) => ` ${`${name} ${style}`.toLowerCase().replace(/[^a-z]+/g, ' ')} `,
);

/** Does a word of its name or style begin with one of these stems? */
export const named = (good: Named, ...stems: readonly string[]): boolean =>
  stems.some((stem) => textOf(good).includes(` ${stem}`));
