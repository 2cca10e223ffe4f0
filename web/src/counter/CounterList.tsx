import { gramsOnHand, priceOn, type Good } from '@rotula/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import clsx from 'clsx';
import { useEffect, useRef } from 'react';
import type { Format } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { lineOf } from '../words';
import { Ripeness } from './Ripeness';
import type { Row } from './rows';
import { say } from '../language/say';

const ROW_PX = 64;
const HEADING_PX = 46;

/** Hundreds of goods in families; only the rows in sight are drawn. Arrow keys walk it. */
export function CounterList({
  rows,
  focusId,
  onFocus,
  onOpen,
  format,
  today,
}: {
  rows: readonly Row[];
  focusId: string | null;
  onFocus: (id: string) => void;
  /** Open a good for editing: Enter, or a second press on its row. */
  onOpen: (id: string) => void;
  format: Format;
  today: string;
}) {
  const scroller = useRef<HTMLDivElement>(null);
  const list = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: (i) => ('heading' in rows[i]! ? HEADING_PX : ROW_PX),
    getItemKey: (i) => rows[i]!.key,
    overscan: 6,
  });
  const wanted = useRef(focusId);
  useEffect(() => {
    // A good that was asked for by address is brought into sight once.
    const i = rows.findIndex((row) => row.key === wanted.current);
    if (i >= 0) list.scrollToIndex(i, { align: 'center' });
    wanted.current = null;
  }, [rows, list]);

  const step = (by: number) => {
    const goods = rows.flatMap((row) => ('good' in row ? [row.good.id] : []));
    const next = goods[Math.max(0, Math.min(goods.length - 1, goods.indexOf(focusId ?? '') + by))];
    if (!next) return;
    onFocus(next);
    list.scrollToIndex(rows.findIndex((row) => row.key === next));
  };
  return (
    <div
      ref={scroller}
      className="min-h-0 flex-1 overflow-y-auto max-[999px]:max-h-[70dvh]"
      role="listbox"
      aria-label={say`Goods on the counter`}
      aria-activedescendant={focusId ? `good-${focusId}` : undefined}
      tabIndex={0}
      onKeyDown={(e) => {
        const by = { ArrowDown: 1, ArrowUp: -1, PageDown: 8, PageUp: -8 }[e.key];
        if (e.key === 'Enter' && focusId) onOpen(focusId);
        if (!by) return;
        e.preventDefault();
        step(by);
      }}
    >
      <div className="relative" style={{ height: list.getTotalSize() }}>
        {list.getVirtualItems().map((item) => {
          const row = rows[item.index]!;
          return (
            <div
              key={item.key}
              className="absolute inset-x-0 top-0"
              style={{ height: item.size, transform: `translateY(${item.start}px)` }}
              role="presentation"
            >
              {'heading' in row ? (
                <div className="flex h-full items-end justify-between border-b-[1.5px] border-ink pb-1">
                  <span className="font-serif text-xl font-semibold">{row.heading}</span>
                  <span className="text-sm text-ink-soft">{row.count}</span>
                </div>
              ) : (
                <GoodRow
                  good={row.good}
                  focused={row.good.id === focusId}
                  onFocus={row.good.id === focusId ? onOpen : onFocus}
                  format={format}
                  today={today}
                />
              )}
            </div>
          );
        })}
      </div>
    </div>
  );
}

function GoodRow({
  good,
  focused,
  onFocus,
  format,
  today,
}: {
  good: Good;
  focused: boolean;
  onFocus: (id: string) => void;
  format: Format;
  today: string;
}) {
  const onHand = gramsOnHand(good, today);
  return (
    <div
      id={`good-${good.id}`}
      role="option"
      aria-selected={focused}
      className={clsx(
        'grid h-full cursor-pointer grid-cols-[52px_minmax(0,1fr)_104px_120px] items-center gap-3 border-b border-line px-1',
        focused ? 'bg-shade' : 'hover:bg-paper-lit',
      )}
      onClick={() => onFocus(good.id)}
    >
      <GoodPicture good={good} size={46} />
      <span className="min-w-0">
        <span className="block truncate text-lg leading-6 font-bold">{good.name}</span>
        <span className="block truncate text-sm text-ink-soft">{lineOf(good, today)}</span>
      </span>
      <Ripeness good={good} format={format} today={today} />
      <span className="text-right">
        <span className="block leading-5 whitespace-nowrap">
          {format.price(priceOn(good, today), good.price.per)[0]}
          <span className="text-sm text-ink-soft">
            {' '}
            /{format.price(priceOn(good, today), good.price.per)[1]}
          </span>
        </span>
        <span className="block text-sm text-ink-soft">
          {onHand !== null && onHand > 0 ? format.grams(onHand) : ''}
        </span>
      </span>
    </div>
  );
}
