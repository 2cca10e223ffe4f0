import type { IntakeRow } from '@rotula/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import clsx from 'clsx';
import { useRef, useState } from 'react';
import type { ShownIntake, ShownRow } from './intake.worker';
import { allergenLabel } from '../../words';
import { basisWords } from '../../words/basis';
import { say } from '../../language/say';

const OUTCOMES: readonly IntakeRow['outcome'][] = ['refused', 'new', 'changed', 'same'];
const WORDS: Record<IntakeRow['outcome'], string> = {
  refused: 'refused',
  new: 'new',
  changed: 'changed',
  same: say`as it is`,
};
const LOOKS: Record<IntakeRow['outcome'], string> = {
  refused: 'text-wax font-bold',
  new: 'text-leaf-text font-bold',
  changed: 'text-annatto-text font-bold',
  same: 'text-ink-soft',
};

/** Every row of a file and what would become of it, the refused ones first. */
export function IntakeRows({
  intake,
  shown,
  onShow,
}: {
  intake: ShownIntake;
  /** The row whose values stand side by side on the slate. */
  shown: ShownRow | null;
  onShow: (row: ShownRow) => void;
}) {
  const [only, setOnly] = useState<IntakeRow['outcome'] | null>(intake.counts.refused > 0 ? 'refused' : null);
  const rows = intake.rows.filter((row) => only === null || row.outcome === only);
  const scroller = useRef<HTMLDivElement>(null);
  const list = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => 56,
    overscan: 8,
  });
  return (
    <>
      <div role="group" aria-label={say`Show`} className="mb-2 flex flex-wrap gap-1">
        {[null, ...OUTCOMES].map((outcome) => (
          <button
            key={outcome ?? 'all'}
            type="button"
            aria-pressed={only === outcome}
            className={clsx(
              'min-h-11 rounded-full px-3.5',
              only === outcome ? 'bg-ink text-paper' : 'hover:bg-shade',
            )}
            onClick={() => setOnly(outcome)}
          >
            {outcome === null
              ? say`all ${intake.rows.length}`
              : say`${WORDS[outcome]} ${intake.counts[outcome]}`}
          </button>
        ))}
      </div>
      <div
        ref={scroller}
        tabIndex={0}
        role="list"
        aria-label={say`Rows of the file`}
        className="min-h-0 flex-1 overflow-y-auto max-[999px]:max-h-[70dvh]"
      >
        <div role="presentation" className="relative" style={{ height: list.getTotalSize() }}>
          {list.getVirtualItems().map((item) => {
            const row = rows[item.index]!;
            return (
              <div
                key={item.key}
                role="listitem"
                className={clsx(
                  'absolute inset-x-0 top-0 grid grid-cols-[84px_110px_minmax(0,1fr)] items-center gap-3 border-b border-line',
                  row === shown && 'bg-paper-lit',
                )}
                style={{ height: item.size, transform: `translateY(${item.start}px)` }}
              >
                <span className="text-ink-soft">{say`line ${row.line}`}</span>
                <span className={LOOKS[row.outcome]}>{WORDS[row.outcome]}</span>
                <span className="min-w-0">
                  <button
                    type="button"
                    className="block min-h-6 max-w-full truncate text-left font-bold after:absolute after:inset-0"
                    onClick={() => onShow(row)}
                  >
                    {row.name || row.id || say`no name`}
                  </button>
                  <span className="block truncate text-sm text-ink-soft" title={row.says}>
                    {row.unsettled.length > 0 && (
                      <strong className="mr-2 text-annatto-text" data-unsettled={row.unsettled.length}>
                        {say`allergens: ${[...new Set(row.unsettled.map(({ id }) => allergenLabel(id)))].join(', ')}`}
                      </strong>
                    )}
                    {row.notKnown.length > 0 && (
                      <strong className="mr-2 text-annatto-text" data-not-known>
                        {say`missing: ${basisWords(row.notKnown)}`}
                      </strong>
                    )}
                    {row.guessed.length > 0 && (
                      <span className="mr-2">{say`told or usual by its name: ${basisWords(row.guessed)}`}</span>
                    )}
                    {row.says}
                  </span>
                </span>
              </div>
            );
          })}
        </div>
      </div>
    </>
  );
}
