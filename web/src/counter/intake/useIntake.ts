import {
  guessColumns,
  headingsKey,
  unknownHeadings,
  type CounterChange,
  type Decimal,
  type Doubt,
  type Good,
  type FieldChange,
  type House,
} from '@rotula/core';
import { proxy, wrap, type Remote } from 'comlink';
import { changeOfLines } from '../../api/client';
import { useRef, useState } from 'react';
import type { FileShown, IntakeAnswer, IntakeWorker, ShownIntake } from './intake.worker';
import { say, spoken } from '../../language/say';

type TableRead = Extract<FileShown, { is: 'table' }>;
type Divided = Extract<FileShown, { is: 'divided' }>;
type ColumnMap = Readonly<Record<string, string>>;

/** Where taking a file in stands. Nothing happens to the counter before the last step. */
export type IntakeState =
  | { readonly at: 'choose'; readonly says: string | null }
  | { readonly at: 'reading'; readonly done: number; readonly all: number }
  | { readonly at: 'divider'; readonly file: File; readonly by: Divided['by'] }
  | { readonly at: 'columns'; readonly table: TableRead; readonly map: ColumnMap }
  | { readonly at: 'decimal'; readonly table: TableRead; readonly map: ColumnMap; readonly doubt: Doubt }
  /** `reading` is the number of a reading. */
  | {
      readonly at: 'rows';
      readonly reading: string;
      readonly intake: ShownIntake;
      readonly name: string;
      readonly notes: readonly string[];
    };

export interface IntakeSteps {
  readonly state: IntakeState;
  readonly choose: (file: File, divider?: string) => Promise<void>;
  readonly setColumn: (theirs: string, ours: string) => void;
  /** Take the mapping; the house remembers it. */
  readonly takeColumns: () => Promise<void>;
  /** Say which sign is the decimal. */
  readonly sayDecimal: (decimal: Decimal) => Promise<void>;
  /** What would be stored of a row, beside what is there. */
  readonly sideBySide: (index: number) => Promise<SideBySideAnswer>;
  /** The change that takes in what was accepted. */
  readonly change: () => Promise<CounterChange | null>;
  readonly cancel: () => void;
}

export type SideBySideAnswer = { readonly isNew: boolean; readonly changes: FieldChange[] } | null;

const DIED = say`Reading ended without an answer (its thread died). Nothing was taken in; choose the file again.`;

/** A file on its way in: read in a thread, its columns and signs asked for where they are in doubt, its rows shown, then one change. */
export function useIntake(
  counter: readonly Good[],
  house: House,
  minorPerUnit: number,
  remember: (columnMaps: House['columnMaps']) => Promise<unknown>,
): IntakeSteps {
  const [state, setState] = useState<IntakeState>({ at: 'choose', says: null });
  const desk = useRef<{ worker: Worker; remote: Remote<IntakeWorker> } | null>(null);
  const name = useRef('');
  const readings = useRef(0);
  const latest = useRef(0);
  const end = (says: string | null) => {
    desk.current?.worker.terminate();
    desk.current = null;
    latest.current++;
    setState({ at: 'choose', says });
  };
  const open = () => {
    if (!desk.current) {
      const worker = new Worker(new URL('./intake.worker.ts', import.meta.url), {
        type: 'module',
        name: spoken,
      });
      worker.addEventListener('error', () => end(DIED));
      desk.current = { worker, remote: wrap<IntakeWorker>(worker) };
    }
    return desk.current.remote;
  };
  /**
   * Progress of one question. It comes by a way of its own and may be later than the answer: once that is there, or the
   * question was stopped, nobody listens any more.
   */
  const telling = () => {
    const mine = ++latest.current;
    return proxy((done: number, all: number) => {
      if (latest.current === mine) setState({ at: 'reading', done, all });
    });
  };
  const show = (answer: IntakeAnswer | null, table?: TableRead, map: ColumnMap = {}) => {
    latest.current++;
    if (!answer) return;
    if (answer.is === 'nothing') setState({ at: 'choose', says: answer.says });
    else if (answer.is === 'doubt' && table) setState({ at: 'decimal', table, map, doubt: answer.doubt });
    else if (answer.is === 'intake')
      setState({
        at: 'rows',
        intake: answer.intake,
        name: name.current,
        notes: table?.notes ?? [],
        reading: `${name.current} ${++readings.current}`,
      });
  };
  const readRows = async (table: TableRead, map: ColumnMap, decimal: Decimal | null = null) => {
    setState({ at: 'reading', done: 0, all: table.rows });
    const headings = table.headings.map((heading) => map[heading] ?? '');
    const answer = await open().table(headings, counter, minorPerUnit, decimal, telling());
    show(answer as IntakeAnswer | null, table, map);
  };
  return {
    state,
    cancel: () => end(null),
    choose: async (file, divider) => {
      name.current = file.name;
      setState({ at: 'reading', done: 0, all: 0 });
      const read = (await open().read(file, divider)) as FileShown;
      if (read.is === 'nothing') setState({ at: 'choose', says: read.says });
      else if (read.is === 'divided') setState({ at: 'divider', file, by: read.by });
      else if (read.is === 'goods') {
        setState({ at: 'reading', done: 0, all: read.rows });
        show((await open().goods(counter, telling())) as IntakeAnswer | null);
      } else {
        const known = house.columnMaps[headingsKey(read.headings)];
        const map = known ?? guessColumns(read.headings);
        if (known || unknownHeadings(read.headings).length === 0) await readRows(read, map);
        else setState({ at: 'columns', table: read, map });
      }
    },
    setColumn: (theirs, ours) =>
      setState((now) => (now.at === 'columns' ? { ...now, map: { ...now.map, [theirs]: ours } } : now)),
    takeColumns: async () => {
      if (state.at !== 'columns') return;
      const { table, map } = state;
      await remember({ ...house.columnMaps, [headingsKey(table.headings)]: { ...map } });
      await readRows(table, map);
    },
    sayDecimal: async (decimal) => {
      if (state.at === 'decimal') await readRows(state.table, state.map, decimal);
    },
    sideBySide: async (index) => (await open().sideBySide(index)) as SideBySideAnswer,
    change: async () => {
      const lines = await open().change(say`take in ${name.current}`);
      return lines === null ? null : changeOfLines(lines);
    },
  };
}
