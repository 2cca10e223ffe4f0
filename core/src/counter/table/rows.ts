import { checkedDocument, faultWords, type Fault } from '../../units/index.js';
import { COLUMNS, SCHEMAS, type Column } from './columns.js';
import { basisFieldOf, saidOf, type Marks } from '../basis.js';
import { reestimated } from '../estimate.js';
import { garnishTrouble } from '../garnishes.js';
import { type Good, type Sense } from '../good.js';
import { escapeCell } from './escape.js';
import { Lot } from '../lot.js';
import { isNothing, wholePartOf, type ReadRow } from './readRow.js';
import { GOOD_KINDS, SENSES, type GoodKind } from '../words.js';

/** Goods to rows of text cells and back, without loss. What splits the text into cells is not our business. */

type Tree = { [key: string]: unknown };

const atKeys = (tree: unknown, keys: readonly string[]): unknown => {
  let now = tree;
  for (const key of keys) {
    if (!now || typeof now !== 'object') return undefined;
    now = (now as Tree)[key];
  }
  return now;
};
export const at = (tree: unknown, path: string): unknown => atKeys(tree, path.split('.'));

function put(tree: Tree, keys: readonly string[], value: unknown): void {
  let now = tree;
  for (let i = 0; i < keys.length - 1; i++) now = (now[keys[i]!] ??= {}) as Tree;
  now[keys[keys.length - 1]!] = value;
}

/** Where each column's field stands in a good, worked out once: a file has millions of cells. */
const PLACES: ReadonlyMap<Column, { readonly keys: readonly string[]; readonly part: string | null }> =
  new Map(COLUMNS.map((column) => [column, { keys: column.path.split('.'), part: wholePartOf(column) }]));

const joinList = (items: readonly unknown[]): string =>
  items.map((item) => String(item).replace(/[\\;]/g, (sign) => `\\${sign}`)).join('; ');
type Share = { animal: string; share: number };

export function cellOf(column: Column, value: unknown): string {
  if (value === null || value === undefined) return '';
  switch (column.cell) {
    case 'list':
      return joinList(value as unknown[]);
    case 'shares':
      return (value as Share[]).map(({ animal, share }) => `${animal} ${share}`).join('; ');
    case 'marks':
      return joinList(Object.entries(value as object).map(([field, basis]) => `${field}: ${basis}`));
    case 'yes/no':
      return value ? 'yes' : 'no';
    default:
      return String(value);
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

/** Lay what a row says over a tree; parts whose cells are all empty are none. */
function lay(tree: Tree, row: ReadRow, kind: GoodKind): void {
  for (const { column, value } of row.fields) {
    if (!column.kinds.includes(kind)) continue;
    // A blank cell is no word on an allergen: it would make "contains" into "free".
    if (isNothing(value) && column.path.startsWith('allergens.')) continue;
    const { keys, part } = PLACES.get(column)!;
    const isEmpty = value === null || value === '';
    if (isNothing(value) && part !== null && row.emptyParts.has(part)) put(tree, part.split('.'), null);
    else if (isEmpty && NULLABLE.has(column.path)) put(tree, keys, null);
    // What is empty and was nothing stays nothing: the schema has the default.
    else if (!isEmpty || column.cell === 'text' || atKeys(tree, keys) !== undefined) put(tree, keys, value);
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
  'lot.countedAt',
  'lot.madeOn',
  'lot.receivedOn',
  'lot.bestFrom',
  'lot.bestUntil',
  'lot.price',
  'lot.treatment',
]);

export type Parsed = { readonly good: Good } | { readonly says: string };

const complaint = (faults: readonly [Fault, ...Fault[]], prefix = ''): string =>
  `${prefix}${faultWords(faults[0], 'the row')}${faults.length > 1 ? ` (and ${faults.length - 1} more)` : ''}`;

const isKind = (kind: string): kind is GoodKind => (GOOD_KINDS as readonly string[]).includes(kind);

type Says = { readonly says: string };

/** The kind of a row, by itself or by the good that is already there. */
function kindFrom(row: ReadRow | null, before: Good | null): { readonly kind: GoodKind } | Says {
  const kind = row?.kind || before?.kind || '';
  if (!isKind(kind))
    return {
      says: kind ? `kind: there is no kind “${kind}”` : 'kind: say cheese, meat, companion, drink or ware',
    };
  if (before && before.kind !== kind)
    return { says: `kind: ${before.name} is a ${before.kind} on this counter` };
  return { kind };
}

function lotsFrom(rows: readonly ReadRow[], kind: GoodKind): { readonly lots: Lot[] } | Says {
  const lots: Lot[] = [];
  for (const row of rows) {
    const tree: Tree = {};
    lay(tree, row, kind);
    const checked = checkedDocument(Lot, tree.lot);
    if ('faults' in checked) return { says: complaint(checked.faults, `line ${row.line}, lot: `) };
    lots.push(checked.document);
  }
  return { lots };
}

/**
 * The good that a row of goods and its rows of lots describe, on top of the good that is already there (null: a new
 * one, on top of what its name tells where that is given as the seed, which is built on). Columns that the table does not have stay as they were; the lots are replaced where it has rows of lots.
 */
export function goodFrom(
  row: ReadRow | null,
  lotRows: readonly ReadRow[],
  before: Good | null,
  minorPerUnit: number,
  seed: Good | null = null,
): Parsed {
  const named = kindFrom(row, before);
  if ('says' in named) return named;
  const { kind } = named;
  const [wrong] = [row, ...lotRows].flatMap((r) => r?.wrong ?? []);
  if (wrong !== undefined) return { says: wrong };
  const tree = (before ? structuredClone(before) : (seed ?? { kind })) as unknown as Tree;
  if (row) {
    lay(tree, row, kind);
    tree.kind = kind;
    if (row.plainPrice !== null) put(tree, ['price', 'amount'], Math.round(row.plainPrice * minorPerUnit));
    if (row.plainPrice !== null && at(tree, 'price.per') === undefined) put(tree, ['price', 'per'], 'kg');
    if (row.plainPrice !== null && row.plainPer !== null) put(tree, ['price', 'per'], row.plainPer);
    if (!row.fields.some(({ column }) => column.path === 'from')) tree.from = marksLeft(tree, row);
  }
  // Lots are replaced only where the file has rows of lots: an empty column of lots is no word on them.
  if (lotRows.length > 0) {
    const read = lotsFrom(lotRows, kind);
    if ('says' in read) return read;
    tree.lots = read.lots;
  }
  if (row && kind !== 'ware') withEstimates(tree, row, before);
  const checked = checkedDocument<unknown>(SCHEMAS[kind], tree);
  if ('faults' in checked) return { says: complaint(checked.faults) };
  const good = reestimated(checked.document as Good);
  const why = garnishTrouble(good);
  return why ? { says: why } : { good };
}

/** The marks of a good less those of the fields that its row says. */
function marksLeft(tree: Tree, row: ReadRow): unknown {
  const said = row.fields.flatMap(({ column, value }) => {
    const field = isNothing(value) ? null : basisFieldOf(column.path);
    return field ? [field] : [];
  });
  const from = (tree.from ?? {}) as Marks;
  return {
    ...saidOf({ from }, ...said, ...(row.plainPrice === null ? [] : (['price'] as const))).from,
    ...Object.fromEntries(row.notKnown.map((field) => [field, 'not known'])),
  };
}

/**
 * Scales that a new good lacks are estimated; one that the table has is no estimate any more. A table that has the
 * column of estimates says itself which are, but for a scale that it changes.
 */
function withEstimates(tree: Tree, row: ReadRow, before: Good | null): void {
  const scales = new Map(
    row.fields.flatMap(({ column, value }): [string, unknown][] =>
      column.path.startsWith('sense.') && value !== null ? [[column.path.slice('sense.'.length), value]] : [],
    ),
  );
  const missing = before === null ? SENSES.filter((scale) => !scales.has(scale)) : [];
  for (const scale of missing) put(tree, ['sense', scale], 0);
  const says = row.fields.some(({ column }) => column.path === 'estimated');
  const known = before && before.kind !== 'ware' ? before.sense : null;
  const isTold = (scale: string) =>
    scales.has(scale) && !(says && (!known || known[scale as keyof Sense] === scales.get(scale)));
  const marked = Array.isArray(tree.estimated) ? (tree.estimated as string[]) : [];
  tree.estimated = [...new Set([...marked, ...missing])].filter((scale) => !isTold(scale));
}
