import { dayWays, shiftsOf, type DayWay } from '@rotula/core';
import { Button } from '../ui/Button';
import { NumberField } from '../ui/NumberField';
import { SlateSection } from '../ui/Slate';
import { useWorkbench } from '../frame/context';
import { TASK_WORDS } from '../words/clock';
import { say } from '../language/say';
import type { ClockDesk } from './useClock';

/** What is added in the last minutes. */
const LATE = 10;
const STEP = 5;
const SHOWN = 6;

/** The piece of work in hand: when, why then, and what would move with it. */
export function WorkPanel({ desk }: { desk: ClockDesk }) {
  return (
    <>
      <Chosen desk={desk} />
      <Proposal desk={desk} />
      <Late desk={desk} />
      <Fits desk={desk} />
    </>
  );
}

function useName(desk: ClockDesk) {
  return (id: string): string => {
    const shift = desk.shifts.find(({ task }) => task.id === id);
    return shift ? TASK_WORDS[shift.task.kind](desk.goodsOf(shift.task.goods)) : id;
  };
}

function Chosen({ desk }: { desk: ClockDesk }) {
  const { format } = useWorkbench();
  const name = useName(desk);
  const shift = desk.shifts.find(({ task }) => task.id === desk.chosen);
  if (!shift)
    return (
      <SlateSection title={say`Work`}>
        <p className="text-chalk-soft">{say`Touch a piece of work in the picture or on the list; drag it, or move it here.`}</p>
      </SlateSection>
    );
  const { task, start, end } = shift;
  const { after, within, fixed } = task.job;
  return (
    <SlateSection title={name(task.id)} aside={say`${desk.time(start)} to ${desk.time(end)}`}>
      <ul className="space-y-1">
        {after.length > 0 && (
          <li>{say`After: ${format.list(after.filter((id) => desk.shifts.some((one) => one.task.id === id)).map(name))}`}</li>
        )}
        {within !== null && (
          <li>{say`It suffers when it is begun more than ${format.minutes(within)} before serving.`}</li>
        )}
        {fixed !== null && <li>{say`Its time is set.`}</li>}
      </ul>
      <div className="mt-2 flex gap-3">
        <Button
          look="slate"
          onClick={() =>
            desk.propose(task.id, (desk.proposed?.id === task.id ? desk.proposed.to : start) - STEP)
          }
        >
          {say`${STEP} min earlier`}
        </Button>
        <Button
          look="slate"
          onClick={() =>
            desk.propose(task.id, (desk.proposed?.id === task.id ? desk.proposed.to : start) + STEP)
          }
        >
          {say`${STEP} min later`}
        </Button>
      </div>
    </SlateSection>
  );
}

/** What a move would move, before it is kept. */
function Proposal({ desk }: { desk: ClockDesk }) {
  const { plan, format } = useWorkbench();
  const name = useName(desk);
  const { proposed } = desk;
  if (!proposed) return null;
  const { moves, timing } = proposed;
  const others = moves.filter(({ id }) => id !== proposed.id);
  const at = new Map(shiftsOf(timing, plan.timing.asked.room.hands).map((shift) => [shift.task.id, shift]));
  const worse = timing.day.cost.tooEarly - desk.timing.day.cost.tooEarly;
  return (
    <SlateSection title={say`If it is moved`} aside={say`not kept yet`}>
      <p>{say`${name(proposed.id)}: ${desk.time(proposed.to)}`}</p>
      <ul className="mt-1 space-y-1 text-sm" data-moves>
        {others.slice(0, SHOWN).map(({ id, by }) => (
          <li key={id}>
            {say`${name(id)}: ${desk.time(at.get(id)!.start)}, ${format.minutes(Math.abs(by))} ${by < 0 ? say`earlier` : say`later`}`}
          </li>
        ))}
        {others.length > SHOWN && <li>{say`and ${others.length - SHOWN} more`}</li>}
        {others.length === 0 && <li>{say`Nothing else moves.`}</li>}
        {worse > 0 && (
          <li className="text-wax-lit">{say`${format.minutes(worse)} of the work would be begun too early.`}</li>
        )}
      </ul>
      <div className="mt-2 flex gap-3">
        <Button look="slate" onClick={desk.keep}>{say`Keep the move`}</Button>
        <Button look="slate" onClick={desk.leave}>{say`Leave it`}</Button>
      </div>
    </SlateSection>
  );
}

function Late({ desk }: { desk: ClockDesk }) {
  const late = desk.shifts.filter(
    ({ start, task }) => start >= -LATE && start < 0 && task.kind !== 'take out',
  );
  if (late.length === 0) return null;
  return (
    <SlateSection title={say`In the last ten minutes`}>
      <ul className="space-y-1" data-late>
        {late.map(({ task, start }) => (
          <li key={task.id} className="flex gap-3">
            <span className="w-16 shrink-0 font-bold">{desk.time(start)}</span>
            <span>{TASK_WORDS[task.kind](desk.goodsOf(task.goods))}</span>
          </li>
        ))}
      </ul>
    </SlateSection>
  );
}

/** Whether the hands are enough, what helps where they are not, and how sure that is. */
function Fits({ desk }: { desk: ClockDesk }) {
  const { plan, document, format } = useWorkbench();
  const name = useName(desk);
  const { clock } = document.order;
  const { asked } = plan.timing;
  const { day } = desk.timing;
  const { tooEarly, out, first } = day.cost;
  const act = ({ id, task }: DayWay): (() => void) => {
    switch (id) {
      case 'one pair of hands more':
        return () => desk.change(say`one pair of hands more`, { hands: asked.room.hands + 1 });
      case 'begin earlier':
        return () => desk.change(say`begin at any time`, { earliest: null });
      default:
        return () => desk.change(say`leave out a piece of work`, { dropped: [...clock.dropped, task!] });
    }
  };
  const words = ({ id, task }: DayWay): string =>
    id === 'leave out'
      ? say`Leave out: ${name(task!)}`
      : id === 'begin earlier'
        ? say`Begin earlier`
        : say`One pair of hands more`;
  const ways = tooEarly > 0 ? dayWays(asked) : [];
  return (
    <SlateSection title={say`Does it fit?`}>
      <div className="mb-2">
        <span className="mb-1 block">{say`Nobody begins before`}</span>
        <NumberField
          label={say`Nobody begins more minutes before serving than`}
          className="field w-24"
          value={asked.mostBefore ?? ''}
          min={10}
          max={2880}
          onCommit={(n) =>
            desk.change(say`when work may begin`, { earliest: desk.wall.wall(-Math.round(n)) })
          }
        />
        <span className="ml-2 text-sm text-chalk-soft">{say`minutes before serving`}</span>
        {asked.mostBefore !== null && (
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
