import {
  BASIS_FIELDS,
  type Basis,
  type BasisField,
  changesOf,
  changeTo,
  checkedDocument,
  CounterHead,
  decimalOf,
  differencesOf,
  faultWords,
  garnishTrouble,
  Good,
  goodsById,
  intakeOfGoods,
  intakeOfTable,
  linesOf,
  MOST_GOODS,
  totalAfter,
  upgradedGoods,
  withReading,
  type Decimal,
  type Difference,
  type Doubt,
  type FieldChange,
  type Good as GoodType,
  type Intake,
  type IntakeRow,
} from '@rotula/core';
import { expose } from 'comlink';
import { readTable, textOf, type FileRead } from './tableText';
import { say } from '../../language/say';

/** Reading a file off the main thread, with progress; the page ends the worker to stop it. */

/** A row as it is shown; its good stays here until it is asked for, so that the page is not handed thousands of them. */
export interface ShownRow extends Omit<IntakeRow, 'good'> {
  /** Allergens that its words say and nobody has settled. */
  readonly unsettled: readonly Difference[];
  /** Of what would be stored: what its name told or is usual, and what nobody said. */
  readonly guessed: readonly BasisField[];
  readonly notKnown: readonly BasisField[];
}
export interface ShownIntake {
  readonly rows: readonly ShownRow[];
  readonly counts: Intake['counts'];
  readonly passedOver: Intake['passedOver'];
}

/** What would happen, or what has to be said first. */
export type IntakeAnswer =
  | { readonly is: 'intake'; readonly intake: ShownIntake }
  | { readonly is: 'doubt'; readonly doubt: Doubt }
  | { readonly is: 'nothing'; readonly says: string };

type Progress = (done: number, all: number) => void;
const telling = (tell: Progress) => (done: number, all: number) => {
  tell(done, all);
  return false;
};

function readJson(text: string): FileRead {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (fault) {
    return {
      is: 'nothing',
      says: say`This is not valid JSON: ${fault instanceof Error ? fault.message : ''}`,
    };
  }
  if (Array.isArray(value)) return { is: 'goods', goods: value };
  const head = CounterHead.safeParse(value);
  if (!head.success) return { is: 'nothing', says: head.error.issues[0]!.message };
  const { goods, formatVersion } = head.data as { goods?: unknown; formatVersion: number };
  if (!Array.isArray(goods)) return { is: 'nothing', says: say`The file has no list of goods.` };
  const up = upgradedGoods(goods, formatVersion);
  return 'document' in up
    ? { is: 'goods', goods: up.document as unknown[] }
    : { is: 'nothing', says: up.says };
}

/** A file as the page hears of it: the rows themselves stay here, and make no trips between the threads. */
export type FileShown =
  | {
      readonly is: 'table';
      readonly headings: readonly string[];
      /** The first few rows. */
      readonly sample: readonly (readonly string[])[];
      readonly rows: number;
      readonly notes: readonly string[];
    }
  | { readonly is: 'goods'; readonly rows: number }
  | Extract<FileRead, { is: 'divided' | 'nothing' }>;

const SAMPLE = 3;
let read: FileRead = { is: 'nothing', says: say`No file was chosen.` };

function shownOf(file: FileRead): FileShown {
  if (file.is === 'goods') return { is: 'goods', rows: file.goods.length };
  if (file.is !== 'table') return file;
  const { headings, body, notes } = file;
  return { is: 'table', headings, notes, sample: body.slice(0, SAMPLE), rows: body.length };
}

/** What was last looked through, so that taking it in needs no second trip of all rows. */
let last: { intake: Intake; counter: readonly GoodType[] } | null = null;

/** Fields of a good that would be stored with such a mark. */
const marked = (
  good: GoodType | null,
  { outcome }: Pick<IntakeRow, 'outcome'>,
  is: (basis: Basis) => boolean,
): BasisField[] =>
  good && outcome !== 'same'
    ? BASIS_FIELDS.filter((field) => good.from[field] !== undefined && is(good.from[field]))
    : [];

/** The limit of the counter holds for the total; it is said before anything is shown. */
function answer(intake: Intake | null, counter: readonly GoodType[]): IntakeAnswer | null {
  if (!intake) return null;
  const total = totalAfter(intake, counter);
  if (total > MOST_GOODS)
    return {
      is: 'nothing',
      says: say`This file would make ${total} goods of the ${counter.length} there are; the counter holds at most ${MOST_GOODS}. Take some off, or bring in a shorter file.`,
    };
  last = { intake, counter };
  const rows = intake.rows.map(({ good, ...row }): ShownRow => ({
    ...row,
    // Read here as the server will read it, so that it is seen before it is stored.
    guessed: marked(good, row, (basis) => basis !== 'not known'),
    notKnown: marked(good, row, (basis) => basis === 'not known'),
    unsettled: good && row.outcome !== 'same' ? differencesOf(withReading(good)) : [],
  }));
  return { is: 'intake', intake: { rows, counts: intake.counts, passedOver: intake.passedOver } };
}

const worker = {
  /** @param divider what divides the columns, where the person had to say */
  read: async (file: File, divider?: string): Promise<FileShown> => {
    const { text, encoding } = textOf(await file.arrayBuffer());
    read = /^\s*[[{]/.test(text) ? readJson(text) : readTable(text, encoding, divider);
    return shownOf(read);
  },

  /** @param headings of the table that was read, mapped to our columns */
  table: (
    headings: readonly string[],
    counter: readonly GoodType[],
    minorPerUnit: number,
    said: Decimal | null,
    tell: Progress,
  ): IntakeAnswer | null => {
    if (read.is !== 'table') return null;
    const { body, lines } = read;
    const found = said ? { decimal: said } : decimalOf(headings, body);
    if ('doubt' in found) return { is: 'doubt', doubt: found.doubt };
    return answer(
      intakeOfTable(
        headings,
        body,
        counter,
        minorPerUnit,
        telling(tell),
        found.decimal,
        (row) => lines[row]!,
      ),
      counter,
    );
  },

  goods: (counter: readonly GoodType[], tell: Progress): IntakeAnswer | null => {
    if (read.is !== 'goods') return null;
    const { goods } = read;
    return answer(
      intakeOfGoods(
        goods,
        counter,
        (value) => {
          const checked = checkedDocument(Good, value);
          if ('faults' in checked) return { says: faultWords(checked.faults[0], say`the good`) };
          const why = garnishTrouble(checked.document);
          return why ? { says: why } : { good: checked.document };
        },
        telling(tell),
      ),
      counter,
    );
  },

  /** What would be stored of one row, beside what is there. */
  sideBySide: (index: number): { isNew: boolean; changes: FieldChange[] } | null => {
    const good = last?.intake.rows[index]?.good;
    if (!last || !good) return null;
    const before = last.counter.find(({ id }) => id === good.id) ?? null;
    return { isNew: before === null, changes: changesOf(good, before) };
  },

  /** The change that takes in what was accepted, as lines; its marks are made here, so that the page stays alive. */
  change: (name: string): string | null => {
    if (!last) return null;
    const goods = last.intake.rows.flatMap((row) => (row.good && row.outcome !== 'same' ? [row.good] : []));
    return [...linesOf(changeTo(name, goods, goodsById(last.counter), new Date().toISOString()))].join('\n');
  },
};
export type IntakeWorker = typeof worker;

expose(worker);
