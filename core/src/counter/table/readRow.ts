import { COLUMNS, OLD_FLAGS, PLAIN_PRICE, PLAIN_WORDS, WHOLE_PARTS, type Column } from './columns.js';
import type { BasisField } from '../basis.js';
import { unescapeCell } from './escape.js';
import { figureOf, priceSaid, settledFigure, type Decimal } from './numbers.js';

/** One row of a table of goods: its cells to values, and what is wrong with them. */

export interface ReadField {
  readonly column: Column;
  readonly value: unknown;
}

/** What a row says of a good or of one of its lots: only the fields whose columns and cells are there. */
export interface ReadRow {
  readonly line: number;
  readonly kind: string;
  readonly id: string;
  readonly name: string;
  readonly code: string;
  readonly isLot: boolean;
  readonly fields: readonly ReadField[];
  /** Parts that are there whole or not at all, and of which every cell is empty. */
  readonly emptyParts: ReadonlySet<string>;
  /** Whole price in the currency's unit, where the table has such a column. */
  readonly plainPrice: number | null;
  /** What that price is asked for, where its cell says so. */
  readonly plainPer: 'kg' | 'piece' | 'pack' | null;
  /** What the supplier says of it in words. */
  readonly words: string;
  /** What a file before format 9 says is not known. */
  readonly notKnown: readonly BasisField[];
  readonly wrong: readonly string[];
}

const BY_PATH = new Map(COLUMNS.map((column) => [column.path, column]));

/** The part that a column belongs to and that is whole or not at all; null when it is of none. */
export function wholePartOf({ path }: Column): string | null {
  const part = path.slice(0, Math.max(0, path.lastIndexOf('.')));
  return WHOLE_PARTS[part] ? part : null;
}

/** Split at semicolons that no backslash stands before. */
const splitList = (text: string): string[] =>
  (text.match(/(?:\\.|[^\\;])+/gs) ?? []).map((item) => item.trim().replace(/\\(.)/gs, '$1')).filter(Boolean);

/** A value of a cell, or the complaint about it. */
function valueOf(column: Column, text: string, decimal: Decimal): { value: unknown } | { says: string } {
  if (column.cell === 'list') return { value: splitList(text) };
  if (column.cell === 'marks')
    return {
      value: Object.fromEntries(
        splitList(text).map((mark) => mark.split(':').map((part) => part.trim()) as [string, string]),
      ),
    };
  if (text.trim() === '') return { value: column.cell === 'text' ? text : null };
  switch (column.cell) {
    case 'number':
      // By far the most, and without doubt.
      if (decimal === '.' && PLAIN_NUMBER.test(text)) return { value: Number(text) };
      return settledFigure(figureOf(text, false), decimal);
    case 'yes/no': {
      const word = text.trim().toLowerCase();
      if (['yes', 'true', '1', 'x'].includes(word)) return { value: true };
      if (['no', 'false', '0'].includes(word)) return { value: false };
      return { says: `“${text}” is neither yes nor no` };
    }
    case 'shares': {
      const parts = splitList(text).map((part) => /^(.+?)\s*([\d.,]*)\s*(%?)$/.exec(part));
      if (parts.some((part) => !part)) return { says: `“${text}” is not written like “cow 0.6; goat 0.4”` };
      const shares = parts.map((part) => {
        const [, animal, figure, percent] = part!;
        const share = figure ? Number(figure.replace(',', '.')) / (percent ? 100 : 1) : 1;
        return { animal: animal!.trim(), share };
      });
      return { value: shares };
    }
    default:
      return { value: text };
  }
}

const PLAIN_NUMBER = /^-?\d+(\.\d+)?$/;
const NO_PARTS: ReadonlySet<string> = new Set();

/** A cell that says nothing; an empty list says nothing either. */
export const isNothing = (value: unknown): boolean =>
  value === null || value === '' || (Array.isArray(value) && value.length === 0);

/** Of which good a row is, without reading the rest of it. */
export function rowNames(
  headings: readonly string[],
): (cells: readonly string[]) => { readonly id: string; readonly isLot: boolean } {
  const [id, lot] = [headings.indexOf('id'), headings.indexOf('lot.id')];
  const text = (cells: readonly string[], at: number) => (at < 0 ? '' : unescapeCell(cells[at] ?? '').trim());
  return (cells) => ({ id: text(cells, id), isLot: text(cells, lot) !== '' });
}

interface Slot {
  readonly at: number;
  readonly column: Column;
  readonly part: string | null;
}

/** What a supplier says in words, from every column that holds such. */
function wordsReader(headings: readonly string[]): (cells: readonly string[]) => string {
  const places = headings.flatMap((heading, at) => (heading === PLAIN_WORDS ? [at] : []));
  return (cells) =>
    places
      .map((at) => unescapeCell(cells[at] ?? '').trim())
      .filter(Boolean)
      .join(', ');
}

/** Which columns of a table are ours, of goods and of lots. */
function slotsOf(headings: readonly string[]): { readonly ofGoods: Slot[]; readonly ofLots: Slot[] } {
  const slots = headings.flatMap((heading, at): Slot[] => {
    const column = BY_PATH.get(heading);
    return column ? [{ at, column, part: wholePartOf(column) }] : [];
  });
  return {
    ofGoods: slots.filter(({ column }) => !column.ofLot),
    ofLots: slots.filter(({ column }) => column.ofLot),
  };
}

/**
 * A reader for the rows of one table, by its headings (already mapped to our columns; an empty heading is passed over).
 * A cell that is not there is a column that this row does not have; one too many is a complaint.
 * @param decimal which sign is the decimal where a figure could be read both ways
 */
export function rowReader(
  headings: readonly string[],
  decimal: Decimal,
): (cells: readonly string[], line: number) => ReadRow {
  const { ofGoods, ofLots } = slotsOf(headings);
  const place = { ...Object.fromEntries(headings.map((heading, i) => [heading, i])) } as Record<
    string,
    number
  >;
  const said = wordsReader(headings);
  return (cells, line) => {
    const text = (heading: string): string => {
      const i = place[heading];
      return i === undefined ? '' : unescapeCell(cells[i] ?? '');
    };
    const wrong: string[] = [];
    if (cells.length > headings.length && cells.slice(headings.length).some((cell) => cell.trim() !== ''))
      wrong.push(
        `${cells.length} cells for ${headings.length} columns: put a text that has the separator in it in quotation marks`,
      );
    const isLot = text('lot.id').trim() !== '';
    const fields: ReadField[] = [];
    let filled: Set<string> | null = null;
    let parts: Set<string> | null = null;
    for (const { at, column, part } of isLot ? ofLots : ofGoods) {
      const cell = cells[at];
      if (cell === undefined) continue;
      const read = valueOf(column, unescapeCell(cell), decimal);
      if ('says' in read) {
        wrong.push(`${column.path}: ${read.says}`);
        continue;
      }
      fields.push({ column, value: read.value });
      if (part === null) continue;
      if (isNothing(read.value)) (parts ??= new Set()).add(part);
      else (filled ??= new Set()).add(part);
    }
    if (filled && parts) for (const part of filled) parts.delete(part);
    return {
      line,
      kind: text('kind').trim(),
      id: text('id').trim(),
      name: text('name'),
      code: text('code').trim(),
      isLot,
      fields,
      emptyParts: parts ?? NO_PARTS,
      plainPrice: priceOf(text(PLAIN_PRICE), decimal, wrong),
      plainPer: priceSaid(text(PLAIN_PRICE)).per,
      words: said(cells),
      notKnown: Object.entries(OLD_FLAGS).flatMap(([heading, fields]) =>
        /^(?:no|false|0)$/i.test(text(heading).trim()) ? fields : [],
      ),
      wrong,
    };
  };
}

function priceOf(text: string, decimal: Decimal, wrong: string[]): number | null {
  if (text.trim() === '') return null;
  const { figure, times } = priceSaid(text);
  const read = settledFigure(figureOf(figure, true), decimal);
  if ('says' in read) wrong.push(`price: ${read.says}`);
  else if (read.value < 0) wrong.push(`price: “${text}” is less than nothing`);
  else return read.value * times;
  return null;
}
