import { say } from '../language/say';
import { TASK_SHORT, TASK_WORDS } from '../words/clock';
import type { Bar } from './lanes';
import { LANE } from './measures';
import { Touch } from './Touch';
import type { useBarDrag } from './useBarDrag';
import type { ClockDesk } from './useClock';

/** A letter is so wide, px of the picture. */
const LETTER = 7.4;

/** One bar of work in its lane; it may be taken along the hours. */
export function WorkBar({
  bar,
  desk,
  x,
  drag,
}: {
  bar: Bar;
  desk: ClockDesk;
  x: (minute: number) => number;
  drag: ReturnType<typeof useBarDrag>;
}) {
  const first = bar.shifts[0]!.task;
  const by = drag.by(first.id);
  const [from, to] = [x(bar.start + by), x(bar.end + by)];
  const short = TASK_SHORT[bar.kind];
  const wide = Math.max(5, to - from - 1.5);
  const chosen = bar.shifts.some(({ task }) => task.id === desk.chosen);
  const names = desk.goodsOf([...new Set(bar.shifts.flatMap(({ task }) => task.goods))]);
  const label = say`${desk.time(bar.start)} to ${desk.time(bar.end)}: ${TASK_WORDS[bar.kind](names)}`;
  const warm = bar.kind === 'oven' || bar.kind === 'lay';
  return (
    <Touch
      name={label}
      pressed={chosen}
      onTouch={() => desk.choose(first.id)}
      data-work={first.id}
      {...drag.handlers(bar)}
    >
      <title>{label}</title>
      <rect x={from - 2} y={0} width={wide + 4} height={LANE} fill="transparent" />
      <rect
        x={from}
        y={5}
        width={wide}
        height={LANE - 10}
        rx={4}
        fill={chosen ? 'var(--color-ink)' : warm ? 'var(--color-butter)' : 'var(--color-shade)'}
        stroke={
          bar.shifts.some(({ task }) => task.job.fixed !== null && task.job.hands > 0)
            ? 'var(--color-annatto)'
            : 'var(--color-line)'
        }
        strokeWidth={1.5}
      />
      {wide > short.length * LETTER + 8 && (
        <text
          x={from + wide / 2}
          y={23}
          textAnchor="middle"
          fontSize={14}
          fill={chosen ? 'var(--color-paper)' : warm ? '#2a2520' : 'var(--color-ink)'}
        >
          {short}
        </text>
      )}
    </Touch>
  );
}
