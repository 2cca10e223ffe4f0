import { HEADINGS } from './rows.js';

/** What the columns of a table are: ours by name, a supplier's by what suppliers usually call them. */

/** Headings that we do not know: a supplier's own names. */
export const unknownHeadings = (headings: readonly string[]): string[] =>
  headings.filter((heading) => heading !== '' && heading !== 'price' && !HEADINGS.includes(heading));

/** By which a set of headings is remembered. */
export const headingsKey = (headings: readonly string[]): string =>
  [...headings].sort().join('|').slice(0, 4000);

/** What suppliers often call our columns; the rest is asked once. Common practice, no source. */
const USUAL_NAMES: readonly (readonly [RegExp, string])[] = [
  [/^(item|article|product)?[ _-]*(no|number|nr|code|sku|ref)\.?$/i, 'code'],
  [/^(product|item|article|description|name|cheese)$/i, 'name'],
  [/^(price|cost|unit price|price per kg|kg price|eur|gbp|usd)/i, 'price'],
  [/^(producer|maker|dairy|brand|supplier)$/i, 'maker'],
  [/^(region|origin)$/i, 'origin.region'],
  [/^country$/i, 'origin.country'],
  [/^(type|style|variety)$/i, 'style'],
  [/^(note|notes|remarks?|comment)$/i, 'note'],
];

/** A first guess at a supplier's columns: ours by name, else by what suppliers usually call them, else none. */
export function guessColumns(headings: readonly string[]): Record<string, string> {
  const taken = new Set<string>();
  return Object.fromEntries(
    headings.map((heading) => {
      const own = [...HEADINGS, 'price'].find((h) => h.toLowerCase() === heading.trim().toLowerCase());
      const guess = own ?? USUAL_NAMES.find(([pattern]) => pattern.test(heading.trim()))?.[1] ?? '';
      if (guess === '' || taken.has(guess)) return [heading, ''];
      taken.add(guess);
      return [heading, guess];
    }),
  );
}
