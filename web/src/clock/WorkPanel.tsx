import { shiftsOf } from '@rotula/core';
import { Button } from '../ui/Button';
import { SlateSection } from '../ui/Slate';
import { useWorkbench } from '../frame/context';
import { workWords } from '../words/clock';
import { say } from '../language/say';
import { Fits } from './Fits';
import { Places } from './Places';
import type { ClockDesk } from './useClock';
import { workName } from './workName';

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
      <Places desk={desk} />
    </>
  );
}

function Chosen({ desk }: { desk: ClockDesk }) {
  const { format } = useWorkbench();
  const name = workName(desk);
  const shift = desk.shifts.find(({ task }) => task.id === desk.chosen);
  if (!shift)
    return (
      <SlateSection title={say`Work`}>
        <p className="text-chalk-soft">{say`Touch a piece of work in the picture or on the list; drag it, or move it here.`}</p>
      </SlateSection>
    );
  const { task, start, end } = shift;
  const { after, within, fixed } = task.job;
  const now = desk.proposed?.to[task.id] ?? start;
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
        <Button look="slate" onClick={() => desk.propose({ [task.id]: now - STEP })}>
          {say`${STEP} min earlier`}
        </Button>
        <Button look="slate" onClick={() => desk.propose({ [task.id]: now + STEP })}>
          {say`${STEP} min later`}
        </Button>
      </div>
    </SlateSection>
  );
}

/** What a move would move, before it is kept. */
function Proposal({ desk }: { desk: ClockDesk }) {
  const { plan, format } = useWorkbench();
  const name = workName(desk);
  const { proposed } = desk;
  if (!proposed) return null;
  const { moves, timing } = proposed;
  const others = moves.filter(({ id }) => proposed.to[id] === undefined);
  const at = new Map(
    shiftsOf(timing, plan.timing.question.room.hands).map((shift) => [shift.task.id, shift]),
  );
  const worse = timing.day.cost.tooEarly - desk.timing.day.cost.tooEarly;
  return (
    <SlateSection title={say`If it is moved`} aside={say`not kept yet`}>
      {Object.entries(proposed.to).map(([id, to]) => (
        <p key={id}>{say`${name(id)}: ${desk.time(to)}`}</p>
      ))}
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
            <span>{workWords(task, desk.goodsOf)}</span>
          </li>
        ))}
      </ul>
    </SlateSection>
  );
}
