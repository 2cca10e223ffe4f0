import { readFileSync } from 'node:fs';
import { beforeAll, expect, test } from '@jest/globals';

/** The second place of every figure: docs/trade.md says what it is and where it comes from. */

interface Row {
  readonly row: string;
  readonly value: string;
  readonly is: string;
  readonly source: string;
}
const rows: Row[] = [
  ...readFileSync('docs/trade.md', 'utf8').matchAll(/^\| `([^`]+)` \| (.*?) \| (.*?) \| (.*?) \|$/gm),
].map(([, row, value, is, source]) => ({ row: row!, value: value!, is: is!, source: source! }));

/** Rows whose source is not recorded; the number may only fall. */
const NOT_TOLD = 154;

interface Figures {
  readonly figuresOf: (root: string) => readonly { readonly row: string; readonly value: unknown }[];
  readonly writtenFigure: (value: unknown) => string;
}
const inCode = new Map<string, string>();
beforeAll(async () => {
  const read = '../../../scripts/lib/figures.mjs';
  const { figuresOf, writtenFigure } = (await import(read)) as Figures;
  for (const { row, value } of figuresOf('.')) inCode.set(row, writtenFigure(value));
});

test('every figure of the code has its row in docs/trade.md, and every row its figure', () => {
  const inDocs = rows.map(({ row }) => row);
  expect(inDocs.filter((row, i) => inDocs.indexOf(row) !== i)).toEqual([]);
  expect([...inCode.keys()].filter((row) => !inDocs.includes(row))).toEqual([]);
  expect(inDocs.filter((row) => !inCode.has(row))).toEqual([]);
});

test('both places say the same figure', () => {
  for (const { row, value } of rows) expect([row, value]).toEqual([row, inCode.get(row)]);
});

test('each row says where it comes from, or that nobody told', () => {
  for (const { row, source } of rows) expect([row, source.length > 3]).toEqual([row, true]);
  expect(rows.filter(({ source }) => source === 'not told').length).toBeLessThanOrEqual(NOT_TOLD);
});
