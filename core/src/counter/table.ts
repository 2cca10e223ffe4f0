import type { z } from 'zod';
import { COLUMNS, SCHEMAS, WHOLE_PARTS, type Column } from './columns.js';
import { type Good } from './good.js';
import { Lot } from './lot.js';
import { figureOf, settledFigure, type Decimal } from './numbers.js';
import { GOOD_KINDS, type GoodKind } from './words.js';

/** Goods to rows of text cells and back, without loss. What splits the text into cells is not our business. */

type Tree = { [key: string]: unknown };

/** What a spreadsheet would run, and an apostrophe that would otherwise be taken for ours. */
const RUNS = /^[=+\-@\t\r']/;

/** A cell that a spreadsheet would run gets an apostrophe in front; numbers stay numbers. */
export const escapeCell = (text: string): string =>
  RUNS.test(text) && !/^-?\d+(\.\d+)?$/.test(text) ? `'${text}` : text;
export const unescapeCell = (text: string): string =>
  text.startsWith("'") && RUNS.test(text.slice(1)) ? text.slice(1) : text;

export const at = (tree: unknown, path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>((now, key) => (now && typeof now === 'object' ? (now as Tree)[key] : undefined), tree);

function put(tree: Tree, path: string, value: unknown): void {
  const keys = path.split('.');
  let now = tree;
  for (const key of keys.slice(0, -1)) now = (now[key] ??= {}) as Tree;
  now[keys.at(-1)!] = value;
}

const joinList = (items: readonly unknown[]): string =>
  items.map((item) => String(item).replace(/[\\;]/g, (sign) => `\\${sign}`)).join('; ');
/** Split at semicolons that no backslash stands before. */
const splitList = (text: string): string[] =>
  (text.match(/(?:\\.|[^\\;])+/gs) ?? []).map((item) => item.trim().replace(/\\(.)/gs, '$1')).filter(Boolean);

type Share = { animal: string; share: number };

export function cellOf(column: Column, value: unknown): string {
  if (value === null || value === undefined) return '';
  switch (column.cell) {
    case 'list':
      return joinList(value as unknown[]);
    case 'shares':
      return (value as Share[]).map(({ animal, share }) => `${animal} ${share}`).join('; ');
    case 'yes/no':
      return value ? 'yes' : 'no';
    default:
      return String(value);
  }
}

/** A value of a cell, or the complaint about it. */
function valueOf(column: Column, text: string, decimal: Decimal): { value: unknown } | { says: string } {
  if (column.cell === 'list') return { value: splitList(text) };
  if (text.trim() === '') return { value: column.cell === 'text' ? text : null };
  switch (column.cell) {
    case 'number':
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

export const HEADINGS: readonly string[] = COLUMNS.map((column) => column.path);

/** Rows of cells for goods, headings first; cells that a spreadsheet would run are escaped. */
export function tableOf(goods: readonly Good[]): string[][] {
  const row = (good: Good, lot: Lot | null): string[] =>
    COLUMNS.map((column) => {
      if (column.path === 'kind' || column.path === 'id') return escapeCell(String(at(good, column.path)));
      if (column.ofLot) return lot ? escapeCell(cellOf(column, at({ lot }, column.path))) : '';
      return lot || !column.kinds.includes(good.kind)
        ? ''
        : escapeCell(cellOf(column, at(good, column.path)));
    });
  return [
    [...HEADINGS],
    ...goods.flatMap((good) => [row(good, null), ...good.lots.map((lot) => row(good, lot))]),
  ];
}

/** What a row says of a good or of one of its lots: only the fields whose columns are there. */
export interface ReadRow {
  readonly line: number;
  readonly kind: string;
  readonly id: string;
  readonly name: string;
  readonly code: string;
  readonly isLot: boolean;
  readonly fields: ReadonlyMap<Column, unknown>;
  /** Whole price in the currency's unit, where the table has such a column. */
  readonly plainPrice: number | null;
  readonly wrong: readonly string[];
}

const BY_PATH = new Map(COLUMNS.map((column) => [column.path, column]));

/**
 * Read one row by its headings (already mapped to our columns; an empty heading is passed over).
 * A cell that is not there is a column that this row does not have; one too many is a complaint.
 * @param line its line in the file, for telling
 * @param decimal which sign is the decimal where a figure could be read both ways
 */
export function readRow(
  headings: readonly string[],
  cells: readonly string[],
  line: number,
  decimal: Decimal = '.',
): ReadRow {
  const fields = new Map<Column, unknown>();
  const wrong: string[] = [];
  const texts = new Map<string, string>();
  let plainPrice: number | null = null;
  if (cells.slice(headings.length).some((cell) => cell.trim() !== ''))
    wrong.push(
      `${cells.length} cells for ${headings.length} columns: put a text that has the separator in it in quotation marks`,
    );
  headings.forEach((heading, i) => {
    if (i >= cells.length) return;
    const text = unescapeCell(cells[i]!);
    texts.set(heading, text);
    if (heading === 'price') {
      if (text.trim() === '') return;
      const read = settledFigure(figureOf(text, true), decimal);
      if ('says' in read) wrong.push(`price: ${read.says}`);
      else if (read.value < 0) wrong.push(`price: “${text}” is less than nothing`);
      else plainPrice = read.value;
      return;
    }
    const column = BY_PATH.get(heading);
    if (!column) return;
    const read = valueOf(column, text, decimal);
    if ('says' in read) wrong.push(`${heading}: ${read.says}`);
    else fields.set(column, read.value);
  });
  return {
    line,
    kind: texts.get('kind')?.trim() ?? '',
    id: texts.get('id')?.trim() ?? '',
    name: texts.get('name') ?? '',
    code: texts.get('code')?.trim() ?? '',
    isLot: (texts.get('lot.id') ?? '').trim() !== '',
    fields,
    plainPrice,
    wrong,
  };
}

/** Lay what a row says over a tree; parts whose cells are all empty are none. */
function lay(tree: Tree, row: ReadRow, ofLot: boolean, kind: GoodKind): void {
  for (const [column, value] of row.fields) {
    if (Boolean(column.ofLot) !== ofLot || !column.kinds.includes(kind)) continue;
    const isEmpty = value === null || value === '';
    const part = column.path.slice(0, column.path.lastIndexOf('.'));
    if (isEmpty && WHOLE_PARTS[part]) {
      const whole = WHOLE_PARTS[part]!.map((name) => row.fields.get(BY_PATH.get(`${part}.${name}`)!));
      if (whole.every((v) => v === null || v === '' || v === undefined)) {
        put(tree, part, null);
        continue;
      }
    }
    if (
      isEmpty &&
      at(tree, column.path) === undefined &&
      !NULLABLE.has(column.path) &&
      column.cell !== 'text'
    )
      continue;
    put(tree, column.path, isEmpty && NULLABLE.has(column.path) ? null : value);
  }
}

/** Fields that may be empty and mean "not known". */
const NULLABLE = new Set([
  'pack.grams',
  'pack.ml',
  'pack.pieces',
  'form.diameter',
  'form.height',
  'form.length',
  'form.width',
  'composition.protein',
  'composition.carbohydrate',
  'composition.ash',
  'length',
  'width',
  'diameter',
  'lot.madeOn',
  'lot.receivedOn',
  'lot.bestFrom',
  'lot.bestUntil',
  'lot.price',
  'lot.treatment',
]);

export type Parsed = { readonly good: Good } | { readonly says: string };

const complaint = (error: z.ZodError, prefix = ''): string => {
  const issue = error.issues[0]!;
  const path = issue.path.map(String).join('.');
  const more = error.issues.length > 1 ? ` (and ${error.issues.length - 1} more)` : '';
  return `${prefix}${path ? `${path}: ` : ''}${issue.message}${more}`;
};

const isKind = (kind: string): kind is GoodKind => (GOOD_KINDS as readonly string[]).includes(kind);

/**
 * The good that a row of goods and its rows of lots describe, on top of the good that is already there (null: a new
 * one). Columns that the table does not have stay as they were; the lots are replaced where it has rows of lots.
 */
export function goodFrom(
  row: ReadRow | null,
  lotRows: readonly ReadRow[],
  before: Good | null,
  minorPerUnit: number,
): Parsed {
  const kind = row?.kind || before?.kind || '';
  if (!isKind(kind))
    return {
      says: kind ? `kind: there is no kind “${kind}”` : 'kind: say cheese, meat, companion, drink or ware',
    };
  if (before && before.kind !== kind)
    return { says: `kind: ${before.name} is a ${before.kind} on this counter` };
  const wrong = [row, ...lotRows].flatMap((r) => r?.wrong ?? []);
  if (wrong.length > 0) return { says: wrong[0]! };
  const tree = structuredClone(before ?? { kind }) as unknown as Tree;
  if (row) {
    lay(tree, row, false, kind);
    tree.kind = kind;
    if (row.plainPrice !== null) put(tree, 'price.amount', Math.round(row.plainPrice * minorPerUnit));
    if (row.plainPrice !== null && at(tree, 'price.per') === undefined) put(tree, 'price.per', 'kg');
  }
  // Lots are replaced only where the file has rows of lots: an empty column of lots is no word on them.
  if (lotRows.length > 0) {
    const lots: unknown[] = [];
    for (const lotRow of lotRows) {
      const lotTree: Tree = {};
      lay(lotTree, lotRow, true, kind);
      const parsed = Lot.safeParse(lotTree.lot);
      if (!parsed.success) return { says: complaint(parsed.error, `line ${lotRow.line}, lot: `) };
      lots.push(parsed.data);
    }
    tree.lots = lots;
  }
  const parsed = SCHEMAS[kind].safeParse(tree);
  return parsed.success ? { good: parsed.data } : { says: complaint(parsed.error) };
}
