import {
  ageOn,
  isDivisive,
  verdictOf,
  verdictOn,
  type Main,
  type Verdict,
  leaveOut,
  takeLot,
  toggleLock,
} from '@rotula/core';
import clsx from 'clsx';
import { ArrowLeftRight, Lock, LockOpen, X } from 'lucide-react';
import type { ReactNode } from 'react';
import { ShortMark } from '../frame/ShortMark';
import { useWorkbench } from '../frame/context';
import { Select } from '../ui/Select';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { ageWords, lineOf } from '../words';
import { say } from '../language/say';

/** Put the hands on the first swap of the good in focus. */
export const focusSwaps = () => document.querySelector<HTMLElement>('[data-swap]')?.focus();

/** The picked goods in the order of tasting; the one in focus can be locked, left out and swapped. */
export function SelectionList() {
  const { plan, document, focus, setFocus } = useWorkbench();
  const { order } = document;
  return (
    <ol
      className="divide-y divide-line border-b border-line"
      aria-label={say`Picked goods in the order of tasting`}
    >
      {plan.walk.steps.map(({ number, main }) => {
        const locked = order.selection.locked.includes(main.id);
        const focused = focus?.id === main.id;
        return (
          <li key={main.id} className={clsx('relative', focused && 'bg-paper-lit')} data-good={main.id}>
            {focused && <span className="absolute inset-y-0 -left-3 w-1 bg-annatto" />}
            <button
              type="button"
              className="flex w-full items-center gap-2.5 py-1.5 text-left"
              aria-pressed={focused}
              onClick={() => setFocus(main.id)}
              onFocus={() => setFocus(main.id)}
            >
              <GoodPicture good={main} size={46} />
              <span className="min-w-0 flex-1">
                <span className="block text-lg leading-6 font-bold">
                  <span className="font-normal text-ink-soft">{number}</span> {main.name}
                  <ShortMark good={main.id} />
                  {isDivisive(main) && (
                    <span
                      className="ml-2 text-sm font-normal text-ink-soft"
                      title={say`It divides people: the board is whole without it`}
                    >{say`optional`}</span>
                  )}
                </span>
                <span className="block text-sm text-ink-soft">
                  {lineOf(main, order.brief.servingAt)}
                  <LotWord main={main} on={order.brief.servingAt} />
                </span>
              </span>
              {locked && <Lock size={18} className="mr-2 shrink-0 text-wax" aria-label={say`locked`} />}
            </button>
            {focused && <Moves main={main} locked={locked} />}
            {focused && <WhichLot main={main} />}
          </li>
        );
      })}
    </ol>
  );
}

/** What can be done with the good in focus. */
function Moves({ main, locked }: { main: Main; locked: boolean }) {
  const { change } = useWorkbench().document;
  return (
    <div className="flex gap-1 pb-1.5 pl-12">
      <Move
        name={locked ? say`Unlock ${main.name}` : say`Lock ${main.name}`}
        title={locked ? say`Let a new proposal change it (l)` : say`A new proposal keeps it (l)`}
        onClick={() =>
          change(`${locked ? say`unlock` : say`lock`} ${main.name}`, (o) => toggleLock(o, main.id))
        }
      >
        {locked ? <LockOpen size={17} /> : <Lock size={17} />} {locked ? say`unlock` : say`lock`}
      </Move>
      <Move
        name={say`Leave out ${main.name}`}
        title={say`Leave it out (x)`}
        onClick={() => change(say`leave out ${main.name}`, (o) => leaveOut(o, main.id))}
      >
        <X size={17} /> {say`leave out`}
      </Move>
      <Move name={say`See swaps for ${main.name}`} title={say`To its swaps (s)`} onClick={focusSwaps}>
        <ArrowLeftRight size={17} /> {say`swaps`}
      </Move>
    </div>
  );
}

function Move({
  name,
  title,
  onClick,
  children,
}: {
  name: string;
  title: string;
  onClick: () => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={name}
      title={title}
      onClick={onClick}
      className="inline-flex min-h-11 items-center gap-1.5 rounded-lg px-2 text-ink-soft hover:bg-shade hover:text-ink"
    >
      {children}
    </button>
  );
}

const LOT_WORDS: Record<Verdict, string> = {
  young: say`young`,
  ready: '',
  'at its peak': say`peak`,
  going: say`must move`,
  past: say`past`,
};

/** The counter's verdict on the lot that will be cut, carried to the serving day, in a word. */
function LotWord({ main, on }: { main: Main; on: string }) {
  const says = verdictOf(main, on);
  if (!says || !LOT_WORDS[says]) return null;
  return (
    <span className={`whitespace-nowrap ${says === 'at its peak' ? 'text-leaf-text' : 'text-annatto-text'}`}>
      {' '}
      · {LOT_WORDS[says]}
    </span>
  );
}

/** The same cheese at several ages: which lot this order takes. Nothing where there is but one. */
function WhichLot({ main }: { main: Main }) {
  const { shelf, document, format } = useWorkbench();
  const { servingAt } = document.order.brief;
  const lots = shelf.find((good) => good.id === main.id)?.lots ?? [];
  if (lots.length < 2) return null;
  const options = lots.map((lot) => {
    const says = verdictOn(main, lot, servingAt)?.says ?? say`not tasted`;
    const age = ageWords(ageOn({ ...main, lots: [lot] }, servingAt));
    return {
      value: lot.id,
      label: `${age}, ${says}`,
      hint: [
        format.grams(lot.grams),
        lot.opened ? 'opened' : 'whole',
        lot.price !== null && format.money(lot.price),
      ]
        .filter(Boolean)
        .join(', '),
    };
  });
  return (
    <div className="pr-2 pb-2 pl-12">
      <Select
        label={say`Lot of ${main.name}`}
        className="w-full"
        value={document.order.selection.lots[main.id] ?? ''}
        options={[{ value: '', label: say`the lot that goes first` }, ...options]}
        onChange={(lot) =>
          document.change(say`another lot of ${main.name}`, (o) =>
            takeLot(o, main.id, lot === '' ? null : lot),
          )
        }
      />
    </div>
  );
}
