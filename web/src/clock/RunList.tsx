import type { Shift } from '@rotula/core';
import { RotateCcw, X } from 'lucide-react';
import { useWorkbench } from '../frame/context';
import { IconButton } from '../ui/IconButton';
import { NumberField } from '../ui/NumberField';
import { say } from '../language/say';
import { workWords } from '../words/clock';
import type { ClockDesk } from './useClock';

/** The same day as a list: for the keyboard, for the ear, and to set how long each piece takes. */
export function RunList({ desk }: { desk: ClockDesk }) {
  const { document } = useWorkbench();
  const { dropped } = document.order.clock;
  return (
    <section className="mt-4" aria-label={say`Run of the day`}>
      <h2 className="mb-1 text-xl">{say`Run of the day`}</h2>
      <table className="w-full">
        <thead>
          <tr className="border-b-[1.5px] border-ink text-left text-sm text-ink-soft">
            <th className="w-24 py-1 font-normal">{say`time`}</th>
            <th className="py-1 font-normal">{say`what`}</th>
            <th className="w-24 py-1 font-normal">{say`who`}</th>
            <th className="w-24 py-1 text-right font-normal">{say`minutes`}</th>
            <th className="w-12" aria-label={say`leave it`} />
          </tr>
        </thead>
        <tbody>
          {desk.shifts.map((shift) => (
            <Row key={shift.task.id} shift={shift} desk={desk} />
          ))}
        </tbody>
      </table>
      {dropped.length > 0 && (
        <p className="mt-2 text-sm text-ink-soft">
          {say`${dropped.length} left out of the day.`}{' '}
          <button
            type="button"
            className="min-h-11 underline underline-offset-4 hover:text-ink"
            onClick={() => desk.change(say`all the work again`, { dropped: [] })}
          >{say`Take them in again`}</button>
        </p>
      )}
    </section>
  );
}

function Row({ shift: { task, start, end, hands }, desk }: { shift: Shift; desk: ClockDesk }) {
  const { document, plan } = useWorkbench();
  const { clock } = document.order;
  const what = workWords(task, desk.goodsOf);
  const chosen = desk.chosen === task.id;
  const byClock =
    task.kind === 'take out' ||
    task.kind === 'take away' ||
    task.kind === 'travel' ||
    task.kind === 'bring out';
  const moved = clock.moved[task.id] !== undefined;
  const own = clock.minutes[task.id] !== undefined;
  return (
    <tr className={`border-b border-line ${chosen ? 'bg-shade' : ''}`} data-run={task.id}>
      <td className="py-1 font-bold whitespace-nowrap">{desk.time(start)}</td>
      <td className="py-1">
        <button
          type="button"
          className="min-h-11 w-full text-left hover:underline"
          aria-pressed={chosen}
          onClick={() => desk.choose(chosen ? null : task.id)}
        >
          {what}
          {moved && <span className="ml-2 text-sm text-annatto-text">{say`set by hand`}</span>}
        </button>
      </td>
      <td className="py-1 text-ink-soft">
        {hands !== null
          ? plan.timing.question.room.hands === 1
            ? say`hands`
            : say`hands ${hands + 1}`
          : task.job.oven > 0
            ? say`oven`
            : ''}
      </td>
      <td className="py-1 text-right">
        {byClock ? (
          <span className="text-ink-soft">{end - start}</span>
        ) : (
          <NumberField
            label={say`Minutes: ${what}`}
            className={`field w-16 text-right ${own ? 'border-annatto font-bold' : ''}`}
            value={task.job.minutes}
            min={1}
            max={720}
            onCommit={(n) =>
              desk.change(say`how long it takes`, { minutes: { ...clock.minutes, [task.id]: Math.round(n) } })
            }
          />
        )}
      </td>
      <td className="py-1 text-right">
        {moved || own ? (
          <IconButton
            label={say`as Rotula would: ${what}`}
            onClick={() => {
              const { [task.id]: _moved, ...rest } = clock.moved;
              const { [task.id]: _own, ...minutes } = clock.minutes;
              desk.change(say`a piece of work as Rotula would`, { moved: rest, minutes });
            }}
          >
            <RotateCcw size={18} />
          </IconButton>
        ) : byClock ? null : (
          <IconButton
            label={say`leave out: ${what}`}
            onClick={() =>
              desk.change(say`leave out a piece of work`, { dropped: [...clock.dropped, task.id] })
            }
          >
            <X size={18} />
          </IconButton>
        )}
      </td>
    </tr>
  );
}
