import {
  CounterFile,
  Good,
  intakeOfGoods,
  intakeOfTable,
  type Good as GoodType,
  type Intake,
} from '@rotula/core';
import { expose } from 'comlink';
import Papa from 'papaparse';

/** Reading a file off the main thread, with progress; the page ends the worker to stop it. */

export type FileRead =
  | {
      readonly is: 'table';
      readonly headings: readonly string[];
      readonly body: readonly (readonly string[])[];
    }
  | { readonly is: 'goods'; readonly goods: readonly unknown[] }
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
  const head = CounterFile.omit({ goods: true }).safeParse(value);
  if (!head.success) return { is: 'nothing', says: head.error.issues[0]!.message };
  const { goods } = value as { goods?: unknown };
  return Array.isArray(goods)
    ? { is: 'goods', goods }
    : { is: 'nothing', says: 'The file has no list of goods.' };
}

function readTable(text: string): FileRead {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const [headings, ...body] = data;
  if (!headings || headings.length < 2)
    return { is: 'nothing', says: 'A table needs a first line with the names of its columns.' };
  if (body.length === 0)
    return { is: 'nothing', says: 'There are names of columns, and no rows under them.' };
  return { is: 'table', headings: headings.map((h) => h.trim()), body };
}

const worker = {
  read: async (file: File): Promise<FileRead> => {
    const text = await file.text();
    return /^\s*[[{]/.test(text) ? readJson(text) : readTable(text);
  },

  table: (
    headings: readonly string[],
    body: readonly (readonly string[])[],
    counter: readonly GoodType[],
    minorPerUnit: number,
    tell: Progress,
  ): Intake | null => intakeOfTable(headings, body, counter, minorPerUnit, telling(tell)),

  goods: (goods: readonly unknown[], counter: readonly GoodType[], tell: Progress): Intake | null =>
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
};
export type IntakeWorker = typeof worker;

expose(worker);
