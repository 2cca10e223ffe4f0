import { guessColumns, headingsKey, unknownHeadings, type Good, type House, type Intake } from '@rotula/core';
import { proxy, wrap, type Remote } from 'comlink';
import { useRef, useState } from 'react';
import type { FileRead, IntakeWorker } from './intake.worker';

type Table = Extract<FileRead, { is: 'table' }>;

/** Where taking a file in stands. Nothing happens to the counter before the last step. */
export type TakeIn =
  | { readonly at: 'choose'; readonly says: string | null }
  | { readonly at: 'reading'; readonly done: number; readonly all: number }
  | { readonly at: 'columns'; readonly table: Table; readonly map: Readonly<Record<string, string>> }
  | { readonly at: 'rows'; readonly intake: Intake; readonly name: string };

export interface TakeInSteps {
  readonly state: TakeIn;
  readonly choose: (file: File) => Promise<void>;
  readonly setColumn: (theirs: string, ours: string) => void;
  /** Take the mapping; the house remembers it. */
  readonly takeColumns: () => Promise<void>;
  readonly cancel: () => void;
}

export function useTakeIn(
  counter: readonly Good[],
  house: House,
  minorPerUnit: number,
  remember: (house: House) => Promise<unknown>,
): TakeInSteps {
  const [state, setState] = useState<TakeIn>({ at: 'choose', says: null });
  const desk = useRef<{ worker: Worker; remote: Remote<IntakeWorker> } | null>(null);
  const name = useRef('');
  const open = () => {
    if (!desk.current) {
      const worker = new Worker(new URL('./intake.worker.ts', import.meta.url), { type: 'module' });
      desk.current = { worker, remote: wrap<IntakeWorker>(worker) };
    }
    return desk.current.remote;
  };
  const cancel = () => {
    desk.current?.worker.terminate();
    desk.current = null;
    setState({ at: 'choose', says: null });
  };
  /** Progress of one worker; what a worker that was ended still had to say is not listened to. */
  const telling = () => {
    const own = desk.current;
    return proxy((done: number, all: number) => {
      if (desk.current === own) setState({ at: 'reading', done, all });
    });
  };
  const show = (intake: Intake | null) => {
    if (intake) setState({ at: 'rows', intake, name: name.current });
  };
  const readTable = async (table: Table, map: Readonly<Record<string, string>>) => {
    setState({ at: 'reading', done: 0, all: table.body.length });
    const headings = table.headings.map((heading) => map[heading] ?? '');
    const remote = open();
    show((await remote.table(headings, table.body, counter, minorPerUnit, telling())) as Intake | null);
  };
  return {
    state,
    cancel,
    choose: async (file) => {
      name.current = file.name;
      setState({ at: 'reading', done: 0, all: 0 });
      const read = (await open().read(file)) as FileRead;
      if (read.is === 'nothing') setState({ at: 'choose', says: read.says });
      else if (read.is === 'goods') {
        setState({ at: 'reading', done: 0, all: read.goods.length });
        show((await open().goods(read.goods, counter, telling())) as Intake | null);
      } else {
        const known = house.columnMaps[headingsKey(read.headings)];
        const map = known ?? guessColumns(read.headings);
        if (known || unknownHeadings(read.headings).length === 0) await readTable(read, map);
        else setState({ at: 'columns', table: read, map });
      }
    },
    setColumn: (theirs, ours) =>
      setState((now) => (now.at === 'columns' ? { ...now, map: { ...now.map, [theirs]: ours } } : now)),
    takeColumns: async () => {
      if (state.at !== 'columns') return;
      const { table, map } = state;
      await remember({
        ...house,
        columnMaps: { ...house.columnMaps, [headingsKey(table.headings)]: { ...map } },
      });
      await readTable(table, map);
    },
  };
}
