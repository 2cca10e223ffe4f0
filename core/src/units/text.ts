/**
 * What text a document may hold: well-formed Unicode without control characters, so that every store, file, calendar and
 * header can carry it. Source: The Unicode Standard, section 3.9 (a lone surrogate is no character); controls (category Cc) but
 * tab and line breaks mean nothing in a document.
 */

/** Half a character (a lone surrogate), or a control character that is neither tab nor line break. */
const ILL = /\p{Surrogate}|(?![\t\n\r])\p{Cc}/u;
const HALF = /\p{Surrogate}/u;

/** Nothing that a person makes is nested deeper; what is would exhaust whoever walks it. */
const DEEPEST = 60;

/** Where in a document text cannot be stored, and why. */
export interface IllText {
  readonly path: readonly (string | number)[];
  readonly says: string;
}

const saysOf = (text: string): string =>
  HALF.test(text)
    ? 'holds half a character (a broken emoji?); type it again'
    : 'holds a control character that cannot be stored; type it again';

/** The first string (or key) of a parsed document that is ill-formed, with its path; null when all can be stored. */
export function illText(value: unknown, path: readonly (string | number)[] = []): IllText | null {
  if (typeof value === 'string') return ILL.test(value) ? { path, says: saysOf(value) } : null;
  if (typeof value !== 'object' || value === null) return null;
  if (path.length >= DEEPEST) return { path: path.slice(0, 3), says: 'is nested too deep' };
  if (Array.isArray(value)) {
    for (let i = 0; i < value.length; i++) {
      const ill = isPlain(value[i]) ? null : illText(value[i], [...path, i]);
      if (ill) return ill;
    }
    return null;
  }
  for (const [key, inside] of Object.entries(value)) {
    // The key itself is not repeated: it could not be answered either.
    if (ILL.test(key)) return { path, says: `has a field whose name ${saysOf(key)}` };
    const ill = isPlain(inside) ? null : illText(inside, [...path, key]);
    if (ill) return ill;
  }
  return null;
}

/** Needs no look, and no path: nearly all of a document. */
const isPlain = (value: unknown): boolean =>
  typeof value === 'string' ? !ILL.test(value) : typeof value !== 'object' || value === null;

/** Line breaks of every kind and the spaces round them. */
const BREAKS = /\s*[\n\r\v\f\u0085\u2028\u2029]+\s*/g;

/** Text of one line: what is pasted over several becomes one, trimmed. */
export const oneLine = (text: string): string => text.replace(BREAKS, ' ').trim();
