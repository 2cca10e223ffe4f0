import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
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

interface Figures {
  readonly figuresOf: (root: string) => readonly { readonly row: string; readonly value: unknown }[];
  readonly writtenFigure: (value: unknown) => string;
}
/** Every source and document under a folder, with its text. */
const sourcesUnder = (folder: string): (readonly [string, string])[] =>
  readdirSync(folder, { recursive: true })
    .map(String)
    .filter((name) => /\.(ts|md)$/.test(name))
    .map((name) => [join(folder, name), readFileSync(join(folder, name), 'utf8')] as const);

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

test('each row says what it is and where it comes from', () => {
  for (const { row, is, source } of rows)
    expect([row, is.length > 2, source.length > 3, source !== 'not told']).toEqual([row, true, true, true]);
});

test('code cites the trade by row', () => {
  const loose = sourcesUnder('core/src').flatMap(([file, text]) =>
    file.endsWith('figures.test.ts') ? [] : [...text.matchAll(/docs\/trade\.md(?! `)/g)].map(() => file),
  );
  expect(loose).toEqual([]);
});

test('every row that code or docs cite is there', () => {
  const names = new Set(rows.map(({ row }) => row));
  const cited = [...sourcesUnder('core/src'), ...sourcesUnder('docs')].flatMap(([file, text]) =>
    file === 'docs/trade.md'
      ? []
      : [...text.matchAll(/trade\.md,? (?:row )?`([^`]+)`/g)].map(([, row]) => [file, row!]),
  );
  expect(cited.length).toBeGreaterThan(10);
  expect(
    cited.filter(([, row]) => ![...names].some((name) => name === row || name.startsWith(`${row} `))),
  ).toEqual([]);
});
