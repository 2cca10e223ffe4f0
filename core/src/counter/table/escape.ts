/** Cells that a spreadsheet would run as formulas, made harmless and back. Source: OWASP, CSV Injection. */

/** What a spreadsheet would run, and an apostrophe that would otherwise be taken for ours. */
const RUNS = /^[=+\-@\t\r']/;

/** A cell that a spreadsheet would run gets an apostrophe in front; numbers stay numbers. */
export const escapeCell = (text: string): string =>
  RUNS.test(text) && !/^-?\d+(\.\d+)?$/.test(text) ? `'${text}` : text;
export const unescapeCell = (text: string): string =>
  text.startsWith("'") && RUNS.test(text.slice(1)) ? text.slice(1) : text;
