import { goodsById, isMain, type Good, type Unreadable } from '@rotula/core';
import { today as todayHere } from '../ui/today';
import { Download, FileInput, FlaskConical, Plus } from 'lucide-react';
import { lazy, Suspense, useDeferredValue, useEffect, useMemo, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { useHouse, useShelf, useWhatIsLeft } from '../api/shop';
import { Brand } from '../frame/Brand';
import { useFindKey } from '../frame/FindBox';
import { Trouble } from '../frame/Trouble';
import { UnreadableList } from '../frame/Unreadable';
import { Button } from '../ui/Button';
import { count, formatFor } from '../ui/format';
import { IconButton } from '../ui/IconButton';
import { Slate } from '../ui/Slate';
import { useKeys } from '../ui/useKeys';
import { useKept } from '../ui/useKept';
import { CounterList } from './CounterList';
import { FilterBar } from './FilterBar';
import { finderFor, NO_FILTERS, passes, sortKey, type Filters } from './filters';
import { GoodSheet } from './GoodSheet';
import { rowsOf, sortedRows } from './rows';
import { Stored } from './Stored';
import { useCounterEdits } from '../api/counterEdits';
import { undoKeys, UndoRedo } from '../ui/UndoRedo';
import { say } from '../language/say';

const NewGoodSheet = lazy(() => import('./NewGoodSheet'));
const ExportSheet = lazy(() => import('./ExportSheet'));

/** All goods of the shop: find, narrow, sort; open one to edit it; take files in and give them out. */
export default function CounterPage() {
  const shelf = useShelf();
  const house = useHouse();
  const error = shelf.error ?? house.error;
  useEffect(() => {
    document.title = say`Counter · Rotula`;
  }, []);
  const format = useMemo(() => house.data && formatFor(house.data), [house.data]);
  if (error && !shelf.data) return <Trouble error={error} />;
  if (!shelf.data || !format) return <main className="p-8" />;
  return <OpenCounter counter={shelf.data.goods} unreadable={shelf.data.unreadable} format={format} />;
}

function OpenCounter({
  counter,
  unreadable,
  format,
}: {
  counter: readonly Good[];
  unreadable: readonly Unreadable[];
  format: ReturnType<typeof formatFor>;
}) {
  const navigate = useNavigate();
  const [params] = useSearchParams();
  const [filters, setFilters] = useState<Filters>(NO_FILTERS);
  const [query, setQuery] = useKept('find', '', 'visit');
  const [focusId, setFocusId] = useState<string | null>(params.get('good'));
  const [sheet, setSheet] = useState<'new' | 'trial' | 'export' | null>(null);
  const edits = useCounterEdits();
  const today = todayHere();
  const goodId = params.get('good');
  const [lastAsked, setLastAsked] = useState(goodId);
  if (goodId !== lastAsked) {
    setLastAsked(goodId);
    setFocusId(goodId);
  }
  useFindKey();
  useKeys(undoKeys(edits));
  // What is looked at is what orders left of it; what is given out or changed is as it was counted.
  const left = useWhatIsLeft(counter);
  const find = useMemo(() => finderFor(left), [left]);
  const words = useDeferredValue(query);
  const rows = useMemo(() => {
    const found = find(words).filter((good) => passes(good, filters, today, format));
    if (filters.sort === 'family') return rowsOf(found);
    const key = sortKey[filters.sort];
    return sortedRows(found, (good) => key(good, today, format));
  }, [find, words, filters, today, format]);
  const found = useMemo(() => rows.flatMap((row) => ('good' in row ? [row.good] : [])), [rows]);
  const counted = useMemo(() => goodsById(counter), [counter]);
  const focus = found.find((g) => g.id === focusId) ?? found[0] ?? null;
  const open = (id: string) => void navigate(`/counter/${id}`);
  return (
    <>
      <main className="flex min-w-0 flex-col px-6 pb-4 min-[1000px]:h-dvh min-[1200px]:px-8">
        <Brand />
        <CounterHead setSheet={setSheet} navigate={navigate} edits={edits} />
        <div className="flex flex-wrap items-center gap-x-3 gap-y-2 pb-2">
          <FindOnCounter query={query} setQuery={setQuery} />
          <span className="text-ink-soft" role="status">
            {count(found.length, 'good')}
          </span>
          <FilterBar goods={counter} filters={filters} format={format} onChange={setFilters} />
        </div>
        <UnreadableList of="counter" list={unreadable} />
        {found.length === 0 ? (
          <NothingFound filters={filters} query={query} />
        ) : (
          <CounterList
            rows={rows}
            focusId={focus?.id ?? null}
            onFocus={setFocusId}
            onOpen={open}
            format={format}
            today={today}
          />
        )}
      </main>
      <Slate label={say`The good in focus`}>
        {focus && (
          <>
            <GoodSheet good={focus} format={format} today={today} />
            <Button look="slate" className="justify-center" onClick={() => open(focus.id)}>
              {isMain(focus) ? say`Edit it, taste its lots` : say`Edit it`}
            </Button>
          </>
        )}
      </Slate>
      <Suspense fallback={null}>
        {(sheet === 'new' || sheet === 'trial') && (
          <NewGoodSheet
            trial={sheet === 'trial'}
            counter={counter}
            format={format}
            onClose={() => setSheet(null)}
            onMake={async (good) => {
              if (await edits.put(say`new: ${good.name}`, [good])) open(good.id);
            }}
          />
        )}
        {sheet === 'export' && (
          <ExportSheet
            goods={found.flatMap(({ id }) => counted.get(id) ?? [])}
            all={counter}
            onClose={() => setSheet(null)}
          />
        )}
      </Suspense>
    </>
  );
}

/** What is searched on the counter. */
function FindOnCounter({
  query,
  setQuery,
}: {
  query: string;
  setQuery: (next: string | ((before: string) => string)) => void;
}) {
  return (
    <input
      id="find-on-counter"
      className="field min-w-52 flex-1 placeholder:text-ink-soft"
      type="search"
      placeholder={say`Find by name, style, animal, family, maker; near enough will do`}
      aria-label={say`Find on the counter`}
      value={query}
      onChange={(e) => setQuery(e.target.value)}
    />
  );
}

/** Why no good is shown. */
function NothingFound({ filters, query }: { filters: Filters; query: string }) {
  return (
    <p className="mt-4 text-ink-soft">
      {filters.kind === 'must move' && query === ''
        ? say`Nothing must move today: no lot is going.`
        : filters.kind === 'trials' && query === ''
          ? say`No trial pieces. A small end of something unknown is a cheap way to try it.`
          : say`Nothing on the counter is called that. Clear the words and filters above to see all.`}
    </p>
  );
}

/** What can be done with the whole counter. */
function CounterHead({
  setSheet,
  navigate,
  edits,
}: {
  setSheet: (sheet: 'new' | 'trial' | 'export' | null) => void;
  navigate: ReturnType<typeof useNavigate>;
  edits: ReturnType<typeof useCounterEdits>;
}) {
  return (
    <div className="mb-2 flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
      <h1 className="text-[2.1rem]">{say`The counter`}</h1>
      <div className="flex flex-wrap items-center gap-1">
        <Button onClick={() => setSheet('new')}>
          <Plus size={18} /> {say`New good`}
        </Button>
        <Button onClick={() => setSheet('trial')}>
          <FlaskConical size={18} /> {say`Trial piece`}
        </Button>
        <Button onClick={() => void navigate('/counter/intake')}>
          <FileInput size={18} /> {say`Take in a file`}
        </Button>
        <IconButton label={say`Give out as CSV or JSON`} onClick={() => setSheet('export')}>
          <Download size={20} />
        </IconButton>
        <Stored queue={edits.queue} />
        <UndoRedo of={edits} />
      </div>
    </div>
  );
}
