import { asStored } from '../reading.js';
import type { Good } from '../good.js';
import { sameValue } from '../../units/index.js';
import { COLUMNS } from './columns.js';
import { decimalShown, figureOf, priceSaid, type Decimal } from './numbers.js';
import { rowNames, rowReader, type ReadRow } from './readRow.js';
import { newGood, type Made } from './newGood.js';
import { at, cellOf, goodFrom } from './rows.js';
import { sectionOf } from './section.js';

/**
 * Taking a table or a file of goods in: what would be new, what would change, and what is refused and why, before
 * anything happens. Nothing here touches the counter.
 */
export interface IntakeRow {
  readonly line: number;
  readonly id: string;
  readonly name: string;
  readonly outcome: 'new' | 'changed' | 'same' | 'refused';
  /** Why it was refused, or which fields change. */
  readonly says: string;
  readonly good: Good | null;
}

export interface Intake {
  readonly rows: readonly IntakeRow[];
  readonly counts: Readonly<Record<IntakeRow['outcome'], number>>;
  /** Lines that were taken for headings of what follows, or for sums. */
  readonly passedOver: readonly { readonly line: number; readonly text: string }[];
}

const outcomeOf = (good: Good, before: Good | null): IntakeRow['outcome'] =>
  before === null ? 'new' : sameValue(asStored(before), asStored(good)) ? 'same' : 'changed';

/** Which top fields of a good differ, in words. */
function differences(good: Good, before: Good): string {
  const keys = Object.keys(asStored(good)) as (keyof Good)[];
  return keys.filter((key) => !sameValue(good[key], before[key])).join(', ');
}

/** One field of a good beside what it was: what will be stored, as the table writes it. Amounts of money are in the smallest unit. */
export interface FieldChange {
  readonly field: string;
  readonly was: string;
  readonly is: string;
}

const lotText = ({ lots }: Good): string => lots.map((lot) => `${lot.id}: ${lot.grams} g`).join('; ');

/** Every field that would be stored otherwise, side by side; of a new good every field that has something in it. */
export function changesOf(good: Good, before: Good | null): FieldChange[] {
  const rows = COLUMNS.filter((column) => !column.ofLot && column.kinds.includes(good.kind)).map(
    (column) => ({
      field: column.path,
      was: before ? cellOf(column, at(before, column.path)) : '',
      is: cellOf(column, at(good, column.path)),
    }),
  );
  const lots = { field: 'lots', was: before ? lotText(before) : '', is: lotText(good) };
  return [...rows, lots].filter(({ was, is }) => was !== is);
}

function tally(rows: readonly IntakeRow[], passedOver: Intake['passedOver'] = []): Intake {
  const counts = { new: 0, changed: 0, same: 0, refused: 0 };
  for (const row of rows) counts[row.outcome]++;
  return { rows, counts, passedOver };
}

const rowOf = (line: number, good: Good, before: Good | null): IntakeRow => ({
  line,
  id: good.id,
  name: good.name,
  outcome: outcomeOf(good, before),
  says: before ? differences(good, before) : '',
  good,
});

const refused = (line: number, id: string, name: string, says: string): IntakeRow => ({
  line,
  id,
  name,
  outcome: 'refused',
  says,
  good: null,
});

/** Finds the good that a row means: by id, else by the supplier's number, else by its name if only one has it. */
function finder(counter: readonly Good[]) {
  const byId = new Map(counter.map((good) => [good.id, good]));
  const byCode = new Map(counter.filter((good) => good.code).map((good) => [good.code.toLowerCase(), good]));
  const byName = new Map<string, Good[]>();
  for (const good of counter)
    byName.set(good.name.toLowerCase(), [...(byName.get(good.name.toLowerCase()) ?? []), good]);
  return ({ id, code, name }: ReadRow): Good | null | 'several' => {
    if (id) return byId.get(id) ?? null;
    const coded = code ? byCode.get(code.toLowerCase()) : undefined;
    if (coded) return coded;
    const named = byName.get(name.trim().toLowerCase()) ?? [];
    return named.length > 1 ? 'several' : (named[0] ?? null);
  };
}

/** A figure that could be read both ways, where it stands. */
export interface Doubt {
  readonly line: number;
  readonly heading: string;
  readonly text: string;
  readonly asDecimal: number;
  readonly asThousands: number;
  readonly sign: Decimal;
}

/**
 * Which sign is the decimal in a table: what its other figures show without doubt. Where nothing shows it, or both are
 * shown, and a figure could be read both ways, the first such figure is given back for the person to say.
 */
export function decimalOf(
  headings: readonly string[],
  body: readonly (readonly string[])[],
): { readonly decimal: Decimal } | { readonly doubt: Doubt } {
  const numeric = new Set(COLUMNS.filter((column) => column.cell === 'number').map((column) => column.path));
  const shown = new Set<Decimal>();
  let doubt: Doubt | null = null;
  const looked = headings.flatMap((heading, i) =>
    heading === 'price' || numeric.has(heading) ? [{ heading, i }] : [],
  );
  body.forEach((cells, row) =>
    looked.forEach(({ heading, i }) => {
      const text = heading === 'price' ? priceSaid(cells[i] ?? '').figure : (cells[i] ?? '');
      if (!/[.,]/.test(text)) return;
      const figure = figureOf(text, heading === 'price');
      if ('sign' in figure) doubt ??= { line: row + 2, heading, text, ...figure };
      const sign = decimalShown(text, figure);
      if (sign) shown.add(sign);
    }),
  );
  const [only] = shown.size === 1 ? shown : [];
  if (doubt && !only) return { doubt };
  return { decimal: only ?? '.' };
}

/** How many goods the counter would hold after taking these in. */
export const totalAfter = (intake: Intake, counter: readonly Good[]): number =>
  counter.length + intake.counts.new;

/** Called every few rows; true stops. */
export type OnProgress = (done: number, all: number) => boolean;
const REPORT_EVERY = 500;

/** Rows of lots by the id of their good. They are read first, those of goods one at a time: of a long file only a few are held at once. */
function lotRowsOf(
  heads: readonly { readonly isLot: boolean; readonly id: string }[],
  read: (i: number) => ReadRow,
): ReadonlyMap<string, readonly ReadRow[]> {
  const lots = new Map<string, ReadRow[]>();
  heads.forEach(({ isLot, id }, i) => {
    if (!isLot) return;
    const own = lots.get(id);
    if (own) own.push(read(i));
    else lots.set(id, [read(i)]);
  });
  return lots;
}

/** The good that a row gives, on top of the one it names on the counter; else why there is none. */
function readGood(
  row: ReadRow,
  find: ReturnType<typeof finder>,
  lots: readonly ReadRow[],
  minorPerUnit: number,
  isTaken: (id: string) => boolean,
): Made {
  const before = find(row);
  if (before === 'several')
    return { says: `several goods are called “${row.name}”: give the id or the code`, name: row.name };
  if (!before) return newGood(row, lots, minorPerUnit, isTaken);
  // Only lots of a known good: its own row is as it is.
  const own = row.isLot ? null : !row.id ? { ...row, fields: withoutNames(row) } : row;
  const parsed = goodFrom(own, lots, before, minorPerUnit);
  return 'says' in parsed
    ? { says: parsed.says, name: row.name || before.name }
    : { good: parsed.good, before };
}

/**
 * Take a table in. A row of goods may be followed by rows of its lots (same id, with a `lot.id`). A row without a kind
 * that names a known good changes only the columns that the table has, as a price list does.
 * @param headings mapped to our columns; '' passes a column over
 * @param decimal which sign is the decimal where a figure could be read both ways
 * @param lineOf the line of the file that a row stands in
 * @returns null when it was stopped
 */
export function intakeOfTable(
  headings: readonly string[],
  body: readonly (readonly string[])[],
  counter: readonly Good[],
  minorPerUnit: number,
  onProgress: OnProgress = () => false,
  decimal: Decimal = '.',
  lineOf: (row: number) => number = (row) => row + 2,
): Intake | null {
  const find = finder(counter);
  const readRow = rowReader(headings, decimal);
  const heads = body.map(rowNames(headings));
  const read = (i: number) => readRow(body[i]!, lineOf(i));
  const lotsById = lotRowsOf(heads, read);
  const goodIds = new Set(heads.flatMap(({ isLot, id }) => (isLot ? [] : [id])));
  const rows: IntakeRow[] = [];
  const seen = new Set<string>();
  const onCounter = new Set(counter.map(({ id }) => id));
  const isTaken = (id: string) => onCounter.has(id) || seen.has(id) || goodIds.has(id);
  const passedOver: { line: number; text: string }[] = [];
  let said = '';
  for (const [i, head] of heads.entries()) {
    if (i % REPORT_EVERY === 0 && onProgress(i, heads.length)) return null;
    if (head.isLot && (goodIds.has(head.id) || seen.has(head.id))) continue;
    const row = read(i);
    const section = head.isLot || row.id ? null : sectionOf(body[i]!);
    if (section !== null) {
      passedOver.push({ line: row.line, text: body[i]!.filter(Boolean).join(' ') });
      said = section;
      continue;
    }
    const told = said === '' ? row : { ...row, words: [row.words, said].filter(Boolean).join(', ') };
    const made = readGood(told, find, lotsById.get(row.id) ?? [], minorPerUnit, isTaken);
    if ('says' in made) rows.push(refused(row.line, row.id, made.name, made.says));
    else if (seen.has(made.good.id))
      rows.push(refused(row.line, row.id, row.name, `${made.good.id} stands twice in this file`));
    else {
      seen.add(made.good.id);
      rows.push(rowOf(row.line, made.good, made.before));
    }
  }
  onProgress(heads.length, heads.length);
  return tally(rows, passedOver);
}

/** A row that was found by code or name changes neither id nor name, whatever its spelling. */
const withoutNames = (row: ReadRow): ReadRow['fields'] =>
  row.fields.filter(({ column }) => !['id', 'name', 'kind'].includes(column.path));

/** Take the goods of a JSON file in; each stands or falls alone. `parse` is Good.safeParse. */
export function intakeOfGoods(
  goods: readonly unknown[],
  counter: readonly Good[],
  parse: (value: unknown) => { good: Good } | { says: string },
  onProgress: OnProgress = () => false,
): Intake | null {
  const byId = new Map(counter.map((good) => [good.id, good]));
  const seen = new Set<string>();
  const rows: IntakeRow[] = [];
  for (const [i, value] of goods.entries()) {
    if (i % REPORT_EVERY === 0 && onProgress(i, goods.length)) return null;
    const named = value as { id?: unknown; name?: unknown } | null;
    const [id, name] = [String(named?.id ?? ''), String(named?.name ?? '')];
    const parsed = parse(value);
    if ('says' in parsed) rows.push(refused(i + 1, id, name, parsed.says));
    else if (seen.has(parsed.good.id)) rows.push(refused(i + 1, id, name, `${id} stands twice in this file`));
    else {
      seen.add(parsed.good.id);
      rows.push(rowOf(i + 1, parsed.good, byId.get(parsed.good.id) ?? null));
    }
  }
  onProgress(goods.length, goods.length);
  return tally(rows);
}
