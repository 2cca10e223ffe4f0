import { headingRow } from '@rotula/core';
import Papa from 'papaparse';
import { say } from '../../language/say';

/** A file's text to headings and rows: its encoding, its line ends, what divides its columns. */

export interface Table {
  readonly headings: readonly string[];
  readonly body: readonly (readonly string[])[];
  /** The line of the file in which each row of the body begins, from 1. */
  readonly lines: readonly number[];
  /** Said beside the table where it is not what is usual. */
  readonly notes: readonly string[];
}

/** What a file turned out to be. */
export type FileRead =
  | ({ readonly is: 'table' } & Table)
  | { readonly is: 'goods'; readonly goods: readonly unknown[] }
  /** The columns could be divided in more than one way. */
  | {
      readonly is: 'divided';
      readonly by: readonly { readonly sign: string; readonly first: readonly string[] }[];
    }
  | { readonly is: 'nothing'; readonly says: string };

export type Encoding = 'UTF-8' | 'UTF-16' | 'Windows-1252';

/** UTF-8 where it is; else what spreadsheets of older days write. A byte order mark decides first. */
export function textOf(bytes: ArrayBuffer): { readonly text: string; readonly encoding: Encoding } {
  const head = new Uint8Array(bytes.slice(0, 2));
  const utf16 =
    head[0] === 0xff && head[1] === 0xfe
      ? 'utf-16le'
      : head[0] === 0xfe && head[1] === 0xff
        ? 'utf-16be'
        : null;
  if (utf16) return { text: new TextDecoder(utf16).decode(bytes), encoding: 'UTF-16' };
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'UTF-8' };
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), encoding: 'Windows-1252' };
  }
}

/** One kind of line end, where a file has several: pasted lists do. */
function withOneLineEnd(text: string): string {
  const kinds = [/\r\n/, /(^|[^\r])\n/, /\r(?!\n)/].filter((kind) => kind.test(text));
  return kinds.length > 1 ? text.replace(/\r\n?/g, '\n') : text;
}

const DIVIDERS = [',', ';', '\t', '|'];
/** Lines that are read to find what divides the columns. */
const LOOKED_AT = 60;

const parse = (text: string, delimiter: string, preview?: number) =>
  Papa.parse<string[]>(text, { delimiter, skipEmptyLines: 'greedy', ...(preview ? { preview } : {}) });

/** Dividers under which every one of the first lines has the same number of columns, more than one. */
function possibleDividers(text: string): string[] {
  return DIVIDERS.filter((divider) => {
    const rows = parse(text, divider, LOOKED_AT).data;
    const width = rows[0]?.length ?? 0;
    return width > 1 && rows.every((row) => row.length === width);
  });
}

/** The divider to use, or those that a person has to choose from. Lines of uneven length are left to the parser's guess. */
function dividerOf(text: string): string | readonly string[] {
  const possible = possibleDividers(text);
  if (possible.length === 1) return possible[0]!;
  if (possible.length > 1) return possible;
  return Papa.parse<string[]>(text, { delimitersToGuess: DIVIDERS, preview: LOOKED_AT }).meta.delimiter;
}

const NAMES: Record<string, string> = { ',': 'comma', ';': 'semicolon', '\t': 'tabulator', '|': 'bar' };
export const dividerName = (sign: string): string => NAMES[sign] ?? sign;

/** Every row that has something in it, with the line in which it begins: a cell may hold several lines. */
function withLines(all: readonly (readonly string[])[]): { cells: readonly string[]; line: number }[] {
  let line = 1;
  return all.flatMap((cells) => {
    const row = { cells, line };
    line += 1 + cells.reduce((sum, cell) => sum + (cell.match(/\r\n|\n|\r/g)?.length ?? 0), 0);
    return cells.some((cell) => cell.trim() !== '') ? [row] : [];
  });
}

export function readTable(raw: string, encoding: Encoding, said?: string): FileRead {
  const text = withOneLineEnd(raw.replace(/^\uFEFF/, ''));
  const divider = said ?? dividerOf(text);
  if (typeof divider !== 'string')
    return {
      is: 'divided',
      by: divider.map((sign) => ({ sign, first: parse(text, sign, 1).data[0] ?? [] })),
    };
  const { data: all, errors } = Papa.parse<string[]>(text, { delimiter: divider });
  const open = errors.find(({ type }) => type === 'Quotes');
  if (open) {
    const line = (open.row ?? 0) + 1;
    return {
      is: 'nothing',
      says: say`A quotation mark that is opened about line ${line} is not closed, so the rows after it run together. Close it (or write "" for a mark inside a text), then take the file in again.`,
    };
  }
  const rows = withLines(all);
  const at = headingRow(rows.map(({ cells }) => cells));
  const [head, body] = [rows[at]?.cells, rows.slice(at + 1)];
  const headings = head?.map((heading) => heading.trim()) ?? [];
  if (headings.length < 2)
    return { is: 'nothing', says: say`A table needs a first line with the names of its columns.` };
  const twice = headings.find((heading, i) => heading !== '' && headings.indexOf(heading) !== i);
  if (twice !== undefined)
    return {
      is: 'nothing',
      says: say`The column “${twice}” stands twice: name one of them otherwise, or take it out.`,
    };
  if (body.length === 0)
    return { is: 'nothing', says: say`There are names of columns, and no rows under them.` };
  const notes = encoding === 'UTF-8' ? [] : [say`Read as ${encoding}: look whether é, ü and € are right.`];
  return {
    is: 'table',
    headings,
    body: body.map(({ cells }) => cells),
    lines: body.map(({ line }) => line),
    notes,
  };
}
