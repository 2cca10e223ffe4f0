import {
  changeTo,
  CounterHead,
  decimalOf,
  Good,
  goodsById,
  intakeOfGoods,
  intakeOfTable,
  MOST_GOODS,
  totalAfter,
  upgradedGoods,
  type CounterChange,
  type Decimal,
  type Doubt,
  type Good as GoodType,
  type Intake,
} from '@rotula/core';
import { expose } from 'comlink';
import { readTable, textOf, type FileRead } from './tableText';

/** Reading a file off the main thread, with progress; the page ends the worker to stop it. */

/** What would happen, or what has to be said first. */
export type IntakeAnswer =
  | { readonly is: 'intake'; readonly intake: Intake }
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
    return { is: 'nothing', says: `This is not valid JSON: ${fault instanceof Error ? fault.message : ''}` };
  }
  if (Array.isArray(value)) return { is: 'goods', goods: value };
  const head = CounterHead.safeParse(value);
  if (!head.success) return { is: 'nothing', says: head.error.issues[0]!.message };
  const { goods, formatVersion } = head.data as { goods?: unknown; formatVersion: number };
  if (!Array.isArray(goods)) return { is: 'nothing', says: 'The file has no list of goods.' };
  const up = upgradedGoods(goods, formatVersion);
  return 'document' in up
    ? { is: 'goods', goods: up.document as unknown[] }
    : { is: 'nothing', says: up.says };
}

/** What was last read, so that taking it in needs no second trip of all rows. */
let last: { intake: Intake; counter: readonly GoodType[] } | null = null;

/** The limit of the counter holds for the total; it is said before anything is shown. */
function answer(intake: Intake | null, counter: readonly GoodType[]): IntakeAnswer | null {
  if (!intake) return null;
  const total = totalAfter(intake, counter);
  if (total > MOST_GOODS)
    return {
      is: 'nothing',
      says: `This file would make ${total} goods of the ${counter.length} there are; the counter holds at most ${MOST_GOODS}. Take some off, or bring in a shorter file.`,
    };
  last = { intake, counter };
  return { is: 'intake', intake };
}

const worker = {
  /** @param divider what divides the columns, where the person had to say */
  read: async (file: File, divider?: string): Promise<FileRead> => {
    const { text, encoding } = textOf(await file.arrayBuffer());
    return /^\s*[[{]/.test(text) ? readJson(text) : readTable(text, encoding, divider);
  },

  table: (
    headings: readonly string[],
    body: readonly (readonly string[])[],
    counter: readonly GoodType[],
    minorPerUnit: number,
    said: Decimal | null,
    tell: Progress,
  ): IntakeAnswer | null => {
    const found = said ? { decimal: said } : decimalOf(headings, body);
    if ('doubt' in found) return { is: 'doubt', doubt: found.doubt };
    return answer(
      intakeOfTable(headings, body, counter, minorPerUnit, telling(tell), found.decimal),
      counter,
    );
  },

  goods: (goods: readonly unknown[], counter: readonly GoodType[], tell: Progress): IntakeAnswer | null =>
    answer(
      intakeOfGoods(
        goods,
        counter,
        (value) => {
          const parsed = Good.safeParse(value);
          if (parsed.success) return { good: parsed.data };
          const issue = parsed.error.issues[0]!;
          return { says: `${issue.path.map(String).join('.') || 'the good'}: ${issue.message}` };
        },
        telling(tell),
      ),
      counter,
    ),

  /** The change that takes in what was accepted; its marks are made here, so that the page stays alive. */
  change: (name: string): CounterChange | null => {
    if (!last) return null;
    const goods = last.intake.rows.flatMap((row) => (row.good && row.outcome !== 'same' ? [row.good] : []));
    return changeTo(name, goods, goodsById(last.counter));
  },
};
export type IntakeWorker = typeof worker;

expose(worker);
