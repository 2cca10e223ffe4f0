import { dayWays, type DayWay } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import { NumberField } from '../ui/NumberField';
import { SlateSection } from '../ui/Slate';
import { say } from '../language/say';
import type { ClockDesk } from './useClock';
import { workName } from './workName';

/** Whether the hands are enough, what helps where they are not, and how sure that is. */
export function Fits({ desk }: { desk: ClockDesk }) {
  const { plan, document, format } = useWorkbench();
  const name = workName(desk);
  const { clock } = document.order;
  const { question } = plan.timing;
  const { day } = desk.timing;
  const { tooEarly, out, first } = day.cost;
  const act = ({ id, task }: DayWay): (() => void) => {
    switch (id) {
      case 'one pair of hands more':
        return () => desk.change(say`one pair of hands more`, { hands: question.room.hands + 1 });
      case 'one place at the bench more':
        return () => desk.change(say`places at the bench`, { benches: question.room.benches + 1 });
      case 'one car more':
        return () => desk.change(say`one car more`, { cars: question.room.cars + 1 });
      case 'begin earlier':
        return () => desk.change(say`begin at any time`, { earliest: null });
      default:
        return () => desk.change(say`leave out a piece of work`, { dropped: [...clock.dropped, task!] });
    }
  };
  const words = ({ id, task }: DayWay): string =>
    ({
      'leave out': () => say`Leave out: ${name(task!)}`,
      'begin earlier': () => say`Begin earlier`,
      'one pair of hands more': () => say`One pair of hands more`,
      'one place at the bench more': () => say`One place at the bench more`,
      'one car more': () => say`One car more`,
    })[id]();
  const ways = tooEarly > 0 ? dayWays(question) : [];
  return (
    <SlateSection title={say`Does it fit?`}>
      <div className="mb-2">
        <span className="mb-1 block">{say`Nobody begins before`}</span>
        <NumberField
          label={say`Nobody begins more minutes before serving than`}
          className="field w-24"
          value={question.mostBefore ?? ''}
          min={10}
          max={2880}
          onCommit={(n) =>
            desk.change(say`when work may begin`, { earliest: desk.wall.wall(-Math.round(n)) })
          }
        />
        <span className="ml-2 text-sm text-chalk-soft">{say`minutes before serving`}</span>
        {question.mostBefore !== null && (
          <button
            type="button"
            className="ml-2 min-h-11 text-sm underline underline-offset-4"
            onClick={() => desk.change(say`begin at any time`, { earliest: null })}
          >{say`at any time`}</button>
        )}
      </div>
      <ul className="space-y-1" data-fits>
        <li>
          {tooEarly === 0
            ? say`Everything is done in its time.`
            : say`${format.minutes(tooEarly)} of the work would be begun too early.`}
        </li>
        <li>
          {out === 0
            ? say`Nothing is out of the cold longer than it needs.`
            : say`${format.minutes(out)} more out of the cold than the goods need, summed: it is laid sooner than that.`}
        </li>
        <li>
          {say`The first piece of work is ${format.minutes(first)} before serving.`}{' '}
          {!day.exact && say`By the bound it cannot be less than ${format.minutes(day.bound.first)}.`}
        </li>
      </ul>
      <ul className="mt-2 space-y-2" data-day-ways>
        {ways.map((way) => (
          <li key={`${way.id} ${way.task}`} className="flex items-center gap-3">
            <Button look="slate" className="min-w-0 text-left whitespace-normal" onClick={act(way)}>
              {words(way)}
            </Button>
            <span className={`text-sm ${way.tooEarly > 0 ? 'text-chalk-soft' : 'text-leaf-lit'}`}>
              {way.tooEarly > 0 ? say`${format.minutes(way.tooEarly)} still` : say`fits`}
            </span>
          </li>
        ))}
      </ul>
    </SlateSection>
  );
}
