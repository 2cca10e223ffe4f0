import type { Good, House, Intake, StoredHouse } from '@rotula/core';
import { ArrowLeft, FileInput } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import toast from 'react-hot-toast';
import { useNavigate, type NavigateFunction } from 'react-router';
import { saveHouse } from '../../api/saveHouse';
import { useCounter, useHouse } from '../../api/shop';
import { Brand } from '../../frame/Brand';
import { useFindKey } from '../../frame/FindBox';
import { Trouble } from '../../frame/Trouble';
import { Button } from '../../ui/Button';
import { count, formatFor } from '../../ui/format';
import { IconButton } from '../../ui/IconButton';
import { Slate, SlateSection, Vital } from '../../ui/Slate';
import { useCounterEdits } from '../../api/counterEdits';
import { ColumnMapForm } from './ColumnMap';
import { IntakeRows } from './IntakeRows';
import { DecimalQuestion, DividerQuestion } from './Questions';
import { SideBySide } from './SideBySide';
import type { ShownRow } from './intake.worker';
import { useIntake } from './useIntake';
import { say } from '../../language/say';

/** Taking a file in: choose it, say what its columns are, see what would happen, then take it in one step. */
export default function IntakePage() {
  const counter = useCounter();
  const house = useHouse();
  const error = counter.error ?? house.error;
  useEffect(() => {
    document.title = say`Take in a file · Rotula`;
  }, []);
  if (error && !counter.data) return <Trouble error={error} />;
  if (!counter.data || !house.data) return <main className="p-8" />;
  return <IntakeOpen counter={counter.data} house={house.data} />;
}

/** The house remembers a supplier's columns; what others set there meanwhile stays. */
const remember = (house: StoredHouse, columnMaps: House['columnMaps']) => saveHouse(house, { columnMaps });

function IntakeOpen({ counter, house }: { counter: readonly Good[]; house: StoredHouse }) {
  const navigate = useNavigate();
  const format = useMemo(() => formatFor(house), [house]);
  const { state, choose, setColumn, takeColumns, sayDecimal, sideBySide, change, cancel } = useIntake(
    counter,
    house,
    format.minorPerUnit,
    (maps) => remember(house, maps),
  );
  const [picked, setShown] = useState<ShownRow | null>(null);
  const edits = useCounterEdits();
  const picker = useRef<HTMLInputElement>(null);
  const [writing, setWriting] = useState(false);
  useFindKey();
  const rows = state.at === 'rows' ? state.intake.rows : [];
  const accepted = state.at === 'rows' ? state.intake.counts.new + state.intake.counts.changed : 0;
  const shown =
    picked && rows.includes(picked)
      ? picked
      : (rows.find((row) => row.outcome === 'new' || row.outcome === 'changed') ?? null);
  const take = async () => {
    if (state.at !== 'rows') return;
    setWriting(true);
    const made = await change();
    const done = made && (await edits.carry(made));
    setWriting(false);
    if (!done) return;
    toast.success(say`${count(accepted, 'good')} taken in. One undo takes them back.`);
    void navigate('/counter');
  };
  return (
    <>
      <main className="flex min-w-0 flex-col px-6 pb-4 min-[1000px]:h-dvh min-[1200px]:px-8">
        <Brand />
        <Head navigate={navigate} />
        {state.at === 'choose' && <ChooseFile choose={choose} picker={picker} state={state} />}
        <FilePicker picker={picker} choose={choose} />
        {state.at === 'reading' && <Reading state={state} cancel={cancel} />}
        {state.at === 'columns' && (
          <ColumnMapForm
            headings={state.table.headings}
            sample={state.table.sample}
            map={state.map}
            onSet={setColumn}
            onTake={() => void takeColumns()}
            onCancel={cancel}
          />
        )}
        {state.at === 'divider' && (
          <DividerQuestion by={state.by} onSay={(sign) => void choose(state.file, sign)} />
        )}
        {state.at === 'decimal' && (
          <DecimalQuestion doubt={state.doubt} onSay={(decimal) => void sayDecimal(decimal)} />
        )}
        {state.at === 'rows' && (
          <>
            {state.notes.map((note) => (
              <p key={note} role="status" className="mb-2 border-l-4 border-annatto bg-paper-lit px-3 py-2">
                {note}
              </p>
            ))}
            <PassedOver lines={state.intake.passedOver} />
            <IntakeRows intake={state.intake} shown={shown} onShow={setShown} />
          </>
        )}
      </main>
      <Slate label={say`What would happen`}>
        {state.at === 'rows' ? (
          <>
            <Outcome
              counts={state.intake.counts}
              writing={writing}
              onTake={() => void take()}
              onCancel={cancel}
            />
            {shown && state.at === 'rows' && (
              <SideBySide
                key={shown.line}
                row={shown}
                index={rows.indexOf(shown)}
                of={state.reading}
                ask={sideBySide}
                format={format}
              />
            )}
          </>
        ) : (
          <HowItGoes />
        )}
      </Slate>
    </>
  );
}

/** Lines that are no goods: headings of what follows, and sums. Said, so that none goes missing unseen. */
function PassedOver({ lines }: { lines: Intake['passedOver'] }) {
  if (lines.length === 0) return null;
  const shown = lines.slice(0, MOST_SHOWN).map(({ line, text }) => say`“${text}” (line ${line})`);
  const more = lines.length - shown.length;
  return (
    <p role="status" className="mb-2 border-l-4 border-line bg-paper-lit px-3 py-2">
      {say`Read as headings and sums, not as goods: ${shown.join(', ')}`}
      {more > 0 && say` and ${more} more`}.
    </p>
  );
}
const MOST_SHOWN = 8;

/** What opens the machine's own list of files. */
function FilePicker({
  picker,
  choose,
}: {
  picker: React.RefObject<HTMLInputElement | null>;
  choose: (file: File) => Promise<void>;
}) {
  return (
    <input
      ref={picker}
      type="file"
      aria-label={say`File to take in`}
      className="sr-only"
      tabIndex={-1}
      accept=".csv,.tsv,.txt,.json,text/csv,application/json"
      onChange={(e) => {
        const file = e.target.files?.[0];
        e.target.value = '';
        if (file) void choose(file);
      }}
    />
  );
}

/** How many rows would do what, and the step that takes them in. */
function Outcome({
  counts,
  writing,
  onTake,
  onCancel,
}: {
  counts: Intake['counts'];
  writing: boolean;
  onTake: () => void;
  onCancel: () => void;
}) {
  const accepted = counts.new + counts.changed;
  return (
    <>
      <div className="grid grid-cols-2 gap-4">
        <Vital label={say`new`} figure={counts.new} />
        <Vital label={say`changed`} figure={counts.changed} />
        <Vital label={say`as they are`} figure={counts.same} />
        <Vital label={say`refused`} figure={counts.refused} tone="wax" />
      </div>
      <div className="flex flex-col gap-3">
        <Button
          look="slate"
          className="justify-center border-butter! font-bold text-butter!"
          disabled={accepted === 0 || writing}
          onClick={onTake}
        >
          {writing ? say`Taking them in …` : say`Take the ${count(accepted, say`accepted row`)} in`}
        </Button>
        <Button look="slate" className="justify-center" onClick={onCancel}>
          {counts.refused > 0 ? say`Fix the file first` : say`Another file`}
        </Button>
      </div>
      <p className="text-chalk-soft">{say`It is one step: one undo on the counter takes all of it back.`}</p>
    </>
  );
}

/** The way back, and what page it is. */
function Head({ navigate }: { navigate: NavigateFunction }) {
  return (
    <div className="mb-3 flex items-center gap-3">
      <IconButton label={say`To the counter`} onClick={() => void navigate('/counter')}>
        <ArrowLeft size={22} />
      </IconButton>
      <h1 className="text-[2.1rem]">{say`Take in a file`}</h1>
    </div>
  );
}

/** What happens to a file, in steps. */
function HowItGoes() {
  return (
    <SlateSection title={say`How it goes`}>
      <ol className="list-decimal space-y-2 pl-5">
        <li>{say`The file is read here, on this machine.`}</li>
        <li>{say`Columns with names that are not ours are mapped once, and remembered for that supplier.`}</li>
        <li>{say`Every row is shown as new, changed, as it is, or refused with its line and the reason.`}</li>
        <li>{say`Then the file is fixed, or the accepted rows are taken in one step.`}</li>
      </ol>
    </SlateSection>
  );
}

/** How far the file is read. */
function Reading({
  state,
  cancel,
}: {
  state: { readonly at: 'reading'; readonly done: number; readonly all: number };
  cancel: () => void;
}) {
  return (
    <div role="status" className="rounded-xl bg-paper-lit p-8">
      <p className="mb-3 text-lg">
        {state.all > 0 ? say`${state.done} of ${count(state.all, 'row')} looked at` : say`Opening the file …`}
      </p>
      <progress className="mb-4 h-3 w-full accent-annatto" max={Math.max(1, state.all)} value={state.done} />
      <Button onClick={cancel}>{say`Stop, nothing is taken in`}</Button>
    </div>
  );
}

/** Where a file is dropped, or asked for. */
function ChooseFile({
  choose,
  picker,
  state,
}: {
  choose: (file: File, divider?: string) => Promise<void>;
  picker: React.RefObject<HTMLInputElement | null>;
  state: { readonly at: 'choose'; readonly says: string | null };
}) {
  return (
    <div
      className="rounded-xl border-2 border-dashed border-line bg-paper-lit p-8 text-center"
      onDragOver={(e) => e.preventDefault()}
      onDrop={(e) => {
        e.preventDefault();
        const file = e.dataTransfer.files[0];
        if (file) void choose(file);
      }}
    >
      <p className="mb-4 text-lg">{say`A counter in CSV or JSON, or a supplier’s price list with columns of its own. Nothing happens to the counter before you have seen what would.`}</p>
      <Button look="strong" onClick={() => picker.current?.click()}>
        <FileInput size={18} /> {say`Choose a file`}
      </Button>
      {state.says && (
        <p role="alert" className="mt-4 font-bold text-wax">
          {state.says}
        </p>
      )}
    </div>
  );
}
