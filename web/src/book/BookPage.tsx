import { Suspense, useEffect, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useBook, useHouse } from '../api/shop';
import { Brand } from '../frame/Brand';
import { useFindKey } from '../frame/FindBox';
import { Trouble } from '../frame/Trouble';
import { UnreadableList } from '../frame/Unreadable';
import { formatFor } from '../ui/format';
import { Slate } from '../ui/Slate';
import { late } from '../ui/late';
import { useKeys } from '../ui/useKeys';
import { ImportOrder } from './ImportOrder';
import { NewOrder } from './NewOrder';
import { OrderRow } from './OrderRow';
import { useGravity } from './useGravity';
import { say } from '../language/say';

const NONE: readonly never[] = [];

// The list needs none of it; a book that is opened by its address comes with it (app/ahead.ts).
export const Preview = late(() => import('./Preview'));

/** The book: all orders by date, and the one in focus shown in full. */
export function BookPage() {
  const book = useBook();
  const house = useHouse();
  const [focused, setFocused] = useState<string | null>(null);
  const [params] = useSearchParams();
  const format = useMemo(() => house.data && formatFor(house.data), [house.data]);
  const gravity = useGravity(book.data?.orders ?? NONE);
  useKeys({ n: () => document.getElementById('new-heads')?.focus() });
  useFindKey();
  useEffect(() => {
    document.title = say`Book · Rotula`;
    if (params.has('new')) document.getElementById('new-heads')?.focus();
  }, [params, book.data]);

  const error = book.error ?? house.error;
  if (error && !book.data) return <Trouble error={error} />;
  if (!book.data || !house.data || !format) return <main className="p-8" />;
  const { orders: list, unreadable } = book.data;
  const shown =
    list.find((o) => o.id === focused) ?? list.find((o) => o.state === 'finished') ?? list[0] ?? null;
  return (
    <>
      <main className="min-w-0 px-6 pb-8 min-[1000px]:h-dvh min-[1000px]:overflow-y-auto min-[1200px]:px-8">
        <Brand />
        <div className="mb-1 flex flex-wrap items-end justify-between gap-3">
          <h1 className="min-w-0 text-[2.1rem] [overflow-wrap:anywhere]">{house.data.name}</h1>
          <ImportOrder />
        </div>
        <NewOrder format={format} />
        <UnreadableList of="orders" list={unreadable} />
        {list.length === 0 && unreadable.length === 0 && (
          <p className="mt-6 text-ink-soft">{say`The book is empty. A head count and a time make the first order.`}</p>
        )}
        <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-6 min-[700px]:grid-cols-[minmax(300px,5fr)_6fr]">
          <ol
            aria-label={say`Orders by date`}
            className="divide-y divide-line border-y border-line self-start"
          >
            {list.map((order) => (
              <OrderRow
                key={order.id}
                order={order}
                format={format}
                gravity={gravity.get(order.id)}
                focused={order.id === shown?.id}
                onFocus={() => setFocused(order.id)}
              />
            ))}
          </ol>
          <Suspense fallback={null}>
            {shown && <Preview key={shown.id} order={shown} format={format} part="wheel" />}
          </Suspense>
        </div>
      </main>
      <Slate label={say`The order in focus`}>
        <Suspense fallback={null}>
          {shown && <Preview key={shown.id} order={shown} format={format} part="slate" />}
        </Suspense>
      </Slate>
    </>
  );
}
