import { nextLot, type Main } from '@rotula/core';
import clsx from 'clsx';
import { Lock, LockOpen, X } from 'lucide-react';
import { useWorkbench } from '../order/context';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { lineOf } from '../ui/words';
import { leaveOut, toggleLock } from './edits';

/** The picked goods in the order of tasting, each with lock and leave out. */
export function SelectionList() {
  const { plan, document, focus, setFocus } = useWorkbench();
  const { order, change } = document;
  return (
    <ol
      className="divide-y divide-line border-b border-line"
      aria-label="Picked goods in the order of tasting"
    >
      {plan.walk.steps.map(({ number, main }) => {
        const locked = order.selection.locked.includes(main.id);
        const focused = focus?.id === main.id;
        return (
          <li
            key={main.id}
            className={clsx('relative flex items-center gap-1', focused && 'bg-paper-lit')}
            data-good={main.id}
          >
            {focused && <span className="absolute inset-y-0 -left-3 w-1 bg-annatto" />}
            <button
              type="button"
              className="flex min-w-0 flex-1 items-center gap-2.5 py-2 text-left"
              aria-pressed={focused}
              onClick={() => setFocus(main.id)}
              onFocus={() => setFocus(main.id)}
            >
              <GoodPicture good={main} size={46} />
              <span className="min-w-0">
                <span className="block text-lg leading-5 font-bold">
                  <span className="font-normal text-ink-soft">{number}</span> {main.name}
                </span>
                <span className="block text-sm text-ink-soft">
                  {lineOf(main, order.brief.servingAt)} <LotWord main={main} />
                </span>
              </span>
            </button>
            <button
              type="button"
              className={clsx(
                'flex h-11 w-9 items-center justify-center rounded-full hover:bg-shade',
                locked ? 'text-wax' : 'text-ink-soft',
              )}
              aria-pressed={locked}
              aria-label={locked ? `Unlock ${main.name}` : `Lock ${main.name}`}
              title={locked ? 'Locked: a new proposal keeps it' : 'Lock it'}
              onClick={() =>
                change(`${locked ? 'unlock' : 'lock'} ${main.name}`, (o) => toggleLock(o, main.id))
              }
            >
              {locked ? <Lock size={18} /> : <LockOpen size={18} />}
            </button>
            <button
              type="button"
              className="flex h-11 w-9 items-center justify-center rounded-full text-ink-soft hover:bg-shade"
              aria-label={`Leave out ${main.name}`}
              title="Leave it out"
              onClick={() => change(`leave out ${main.name}`, (o) => leaveOut(o, main.id))}
            >
              <X size={18} />
            </button>
          </li>
        );
      })}
    </ol>
  );
}

/** The counter's verdict on the lot that would be cut. */
function LotWord({ main }: { main: Main }) {
  const verdict = nextLot(main)?.verdict;
  if (!verdict || verdict.says === 'ready') return null;
  return (
    <span className={clsx('block', verdict.says === 'at its peak' ? 'text-leaf-text' : 'text-annatto-text')}>
      {verdict.says === 'going' ? 'going: should move' : verdict.says}
    </span>
  );
}
