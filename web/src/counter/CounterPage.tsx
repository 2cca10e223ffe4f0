import { GOOD_KINDS, type GoodKind } from '@rotula/core';
import clsx from 'clsx';
import { lightFormat } from 'date-fns';
import { useEffect, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useCounter, useHouse } from '../api/shop';
import { Brand } from '../app/Brand';
import { useFindKey } from '../app/FindBox';
import { Trouble } from '../app/Trouble';
import { count, formatFor } from '../ui/format';
import { Slate } from '../ui/Slate';
import { CounterList } from './CounterList';
import { GoodSheet } from './GoodSheet';
import { mustMove, PLURALS, rowsOf, searchText } from './rows';

type Filter = GoodKind | 'all' | 'must move';
const FILTERS: readonly Filter[] = ['all', ...GOOD_KINDS, 'must move'];

/** All goods of the shop: filter and find. */
export default function CounterPage() {
  const counter = useCounter();
  const house = useHouse();
  const [params] = useSearchParams();
  const [filter, setFilter] = useState<Filter>('all');
  const [query, setQuery] = useState('');
  const [focusId, setFocusId] = useState<string | null>(params.get('good'));
  const today = lightFormat(new Date(), 'yyyy-MM-dd');
  useFindKey();
  useEffect(() => {
    document.title = 'Counter · Rotula';
  }, []);
  const asked = params.get('good');
  const [lastAsked, setLastAsked] = useState(asked);
  if (asked !== lastAsked) {
    setLastAsked(asked);
    setFocusId(asked);
  }
  const format = useMemo(() => house.data && formatFor(house.data), [house.data]);
  const rows = useMemo(() => {
    const words = query.toLowerCase().split(/\s+/).filter(Boolean);
    const inFilter = (counter.data ?? []).filter(
      (good) => filter === 'all' || (filter === 'must move' ? mustMove(good) : good.kind === filter),
    );
    return rowsOf(inFilter.filter((good) => words.every((word) => searchText(good).includes(word))));
  }, [counter.data, filter, query]);
  const error = counter.error ?? house.error;
  if (error && !counter.data) return <Trouble error={error} />;
  if (!counter.data || !format) return <main className="p-8" />;
  const found = rows.flatMap((row) => ('good' in row ? [row.good] : []));
  const focus = found.find((g) => g.id === focusId) ?? found[0] ?? null;
  return (
    <>
      <main className="flex min-w-0 flex-col px-6 pb-4 min-[1000px]:h-dvh min-[1200px]:px-8">
        <Brand />
        <h1 className="mb-2 text-[2.1rem]">The counter</h1>
        <div className="flex flex-wrap items-center gap-x-3 gap-y-2 pb-2">
          <input
            id="find-on-counter"
            className="field min-w-52 flex-1 placeholder:text-ink-soft"
            type="search"
            placeholder="Find by name, style, animal, family, maker"
            aria-label="Find on the counter"
            value={query}
            onChange={(e) => setQuery(e.target.value)}
          />
          <span className="text-ink-soft" role="status">
            {count(found.length, 'good')}
          </span>
          <div role="group" aria-label="Show" className="flex w-full flex-wrap gap-1">
            {FILTERS.map((f) => (
              <button
                key={f}
                type="button"
                aria-pressed={filter === f}
                className={clsx(
                  'min-h-11 rounded-full px-3.5',
                  filter === f ? 'bg-ink text-paper' : 'hover:bg-shade',
                )}
                onClick={() => setFilter(f)}
              >
                {f === 'all' || f === 'must move' ? f : PLURALS[f]}
              </button>
            ))}
          </div>
        </div>
        {found.length === 0 ? (
          <p className="mt-4 text-ink-soft">
            {filter === 'must move' && query === ''
              ? 'Nothing must move today: no lot was tasted as going.'
              : 'Nothing on the counter is called that. Clear the words above to see all.'}
          </p>
        ) : (
          <CounterList
            rows={rows}
            focusId={focus?.id ?? null}
            onFocus={setFocusId}
            format={format}
            today={today}
          />
        )}
      </main>
      <Slate label="The good in focus">
        {focus && <GoodSheet good={focus} format={format} today={today} />}
      </Slate>
    </>
  );
}
