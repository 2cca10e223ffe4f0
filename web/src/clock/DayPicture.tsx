import type { Outing, WaveTimes } from '@rotula/core';
import { useEffect, useMemo, useState } from 'react';
import { useWorkbench } from '../frame/context';
import { count } from '../ui/format';
import { say } from '../language/say';
import { plateLabel } from '../words';
import { TASK_SHORT, TASK_WORDS } from '../words/clock';
import { barsOf, type Bar } from './lanes';
import { dayScale, type DayScale } from './scale';
import type { ClockDesk } from './useClock';
import { useBarDrag } from './useBarDrag';

const NAME = 132;
const WIDTH = 820;
const LANE = 36;
const GOOD = 30;
const HEAD = 44;
const RIGHT = 86;

const rounded = (minute: number, step: number, up: boolean) =>
  (up ? Math.ceil(minute / step) : Math.floor(minute / step)) * step;

/** The wall clock's minute now, told every half minute; null while the day is another. */
function useNow(desk: ClockDesk, scale: DayScale): number | null {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 30_000);
    return () => clearInterval(timer);
  }, []);
  const minute = (now - desk.wall.instant(0).getTime()) / 60_000;
  return minute >= scale.from && minute <= scale.to ? minute : null;
}

/** Lanes of hands and oven over the hours, and below them each good from cold to ready to gone, waves apart, the tight one first. */
export function DayPicture({ desk }: { desk: ClockDesk }) {
  const { document, plan } = useWorkbench();
  const { timing, shifts } = desk;
  const { room, party } = plan.timing.asked;
  const servedAt = document.order.brief.servingAt.slice(11);
  const scale = useMemo(() => {
    const first = Math.min(-30, ...shifts.map(({ start }) => start), ...timing.outings.map(({ out }) => out));
    const last = Math.max(party.ends, ...timing.outings.map(({ offBy }) => offBy));
    const [h, m] = servedAt.split(':').map(Number) as [number, number];
    return dayScale(rounded(first - 2, 5, false), rounded(last + 4, 5, true), h * 60 + m);
  }, [shifts, timing.outings, party.ends, servedAt]);
  const now = useNow(desk, scale);
  const lanes = [
    ...Array.from({ length: room.hands }, (_, i) => ({
      name: room.hands === 1 ? say`Hands` : say`Hands ${i + 1}`,
      bars: barsOf(shifts.filter(({ hands }) => hands === i)),
    })),
    ...(shifts.some(({ task }) => task.job.oven > 0)
      ? [{ name: say`Oven`, bars: barsOf(shifts.filter(({ task }) => task.job.oven > 0)) }]
      : []),
  ];
  const blocks = blocksOf(desk, party.waves, plan.ownPlates.map(plateLabel));
  const lanesHigh = HEAD + lanes.length * LANE;
  const blockHigh = (outings: readonly Outing[]) => 30 + outings.length * GOOD;
  const rows = blocks.map(({ title, outings }, i) => ({
    title,
    outings,
    top: blocks.slice(0, i).reduce((top, before) => top + blockHigh(before.outings), lanesHigh + 8),
  }));
  const height = blocks.reduce((sum, { outings }) => sum + blockHigh(outings), lanesHigh + 14);
  const x = (minute: number) => NAME + scale.at(minute) * (WIDTH - NAME - RIGHT);
  const drag = useBarDrag(desk, (clientX, box) =>
    scale.minute(((clientX - box.left) * (WIDTH / box.width) - NAME) / (WIDTH - NAME - RIGHT)),
  );
  return (
    <figure className="-mx-2 overflow-x-auto" aria-label={say`The day over the hours`}>
      <svg viewBox={`0 0 ${WIDTH} ${height}`} className="block w-full min-w-[640px] touch-pan-y" data-day>
        {scale.ticks.map((minute) => (
          <g key={minute}>
            <line
              x1={x(minute)}
              x2={x(minute)}
              y1={HEAD - 4}
              y2={height}
              stroke="var(--color-shade)"
              strokeWidth={1.5}
            />
            <text x={x(minute)} y={HEAD - 10} textAnchor="middle" fontSize={14} fill="var(--color-ink-soft)">
              {desk.time(minute)}
            </text>
          </g>
        ))}
        {lanes.map(({ name, bars }, i) => (
          <g key={name} transform={`translate(0 ${HEAD + i * LANE})`}>
            <text x={4} y={22} fontSize={16} fontWeight={700} fill="var(--color-ink)">
              {name}
            </text>
            {bars.map((bar) => (
              <WorkBar key={bar.shifts[0]!.task.id} bar={bar} desk={desk} x={x} drag={drag} />
            ))}
          </g>
        ))}
        <line x1={x(0)} x2={x(0)} y1={18} y2={height} stroke="var(--color-annatto)" strokeWidth={2.5} />
        <text
          x={x(0)}
          y={13}
          textAnchor="middle"
          fontSize={15}
          fontWeight={700}
          fill="var(--color-annatto-text)"
        >
          {say`served ${desk.time(0)}`}
        </text>
        {now !== null && (
          <g>
            <line
              x1={x(now)}
              x2={x(now)}
              y1={HEAD}
              y2={height}
              stroke="var(--color-vein)"
              strokeWidth={2.5}
              strokeDasharray="5 4"
            />
            <text
              x={x(now)}
              y={height - 2}
              textAnchor="middle"
              fontSize={14}
              fontWeight={700}
              fill="var(--color-vein)"
            >{say`now`}</text>
          </g>
        )}
        {rows.map(({ title, outings, top }) => (
          <g key={title} transform={`translate(0 ${top})`}>
            <text x={4} y={20} fontSize={14} fill="var(--color-ink-soft)">
              {title}
            </text>
            {outings.map((one, i) => (
              <GoodBar
                key={one.key}
                one={one}
                y={28 + i * GOOD}
                x={x}
                desk={desk}
                tight={one === timing.tight}
              />
            ))}
          </g>
        ))}
      </svg>
      <figcaption className="px-2 text-sm text-ink-soft">
        {say`Blue is cold, gold is ready; the dot is where it tastes of itself. The red edge is the end of what is safe.`}{' '}
        {desk.working
          ? say`Quick answer; the exact one is being worked out …`
          : (desk.fault ?? dayWords(desk))}
      </figcaption>
    </figure>
  );
}

/** Goods that stand together: each wave, and each own plate; the tight one first. */
function blocksOf(desk: ClockDesk, waves: readonly WaveTimes[], plates: readonly string[]) {
  const { outings, tight } = desk.timing;
  const sorted = (own: readonly Outing[]) =>
    [...own].sort(
      (a, b) => Number(b === tight) - Number(a === tight) || b.short - a.short || a.offBy - b.offBy,
    );
  const onBoard = waves.map((wave) => ({
    title:
      waves.length > 1
        ? say`Wave ${wave.number}: on the table ${desk.time(wave.on)}, taken off ${desk.time(wave.off)}`
        : say`Out of the cold, and for how long`,
    outings: sorted(outings.filter((one) => one.plate === null && one.wave.number === wave.number)),
  }));
  const onPlates = plates.map((label, i) => ({
    title: say`Own plate, with its own clock: ${label}`,
    outings: sorted(outings.filter(({ plate }) => plate === i)),
  }));
  return [...onBoard, ...onPlates].filter((block) => block.outings.length > 0);
}

/** How sure the day is. */
function dayWords({ timing: { day, exact } }: ClockDesk): string {
  if (!exact) return say`Quick answer.`;
  return day.exact
    ? say`No other order of the work is better: every one was looked at.`
    : say`The best of ${count(day.nodes, 'order')} that were looked at; none begins later than ${count(day.bound.first, 'minute')} before serving.`;
}

/** A letter is so wide, px of the picture. */
const LETTER = 7.4;

function WorkBar({
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
  const told = say`${desk.time(bar.start)} to ${desk.time(bar.end)}: ${TASK_WORDS[bar.kind](names)}`;
  const warm = bar.kind === 'oven' || bar.kind === 'lay';
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={told}
      aria-pressed={chosen}
      className="cursor-pointer"
      data-work={first.id}
      onClick={() => desk.choose(first.id)}
      onKeyDown={(e) => (e.key === 'Enter' || e.key === ' ') && (e.preventDefault(), desk.choose(first.id))}
      {...drag.handlers(first.id, bar.start)}
    >
      <title>{told}</title>
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
    </g>
  );
}

function GoodBar({
  one,
  y,
  x,
  desk,
  tight,
}: {
  one: Outing;
  y: number;
  x: (minute: number) => number;
  desk: ClockDesk;
  tight: boolean;
}) {
  const [from, to] = [x(one.out), x(one.offBy)];
  const dot = one.readyAt === null ? null : x(one.readyAt);
  const id = `warm-${one.key.replace('#', '-')}`;
  const shown = desk.focus === one.key;
  const share = dot === null ? 1 : Math.max(0.02, Math.min(1, (dot - from) / Math.max(1, to - from)));
  const off = say`off ${desk.time(one.offBy)}`;
  const ready = one.readyAt === null ? say`not ready while it stands` : say`ready ${desk.time(one.readyAt)}`;
  const told = say`${one.main.name} ${off}: out of the cold ${desk.time(one.out)}, ${ready}`;
  return (
    <g
      transform={`translate(0 ${y})`}
      role="button"
      tabIndex={0}
      aria-label={told}
      aria-pressed={shown}
      className="cursor-pointer"
      data-outing={one.key}
      onClick={() => desk.look(one.key)}
      onKeyDown={(e) => (e.key === 'Enter' || e.key === ' ') && (e.preventDefault(), desk.look(one.key))}
    >
      <defs>
        <linearGradient id={id}>
          <stop offset="0%" stopColor="#8fb4c8" />
          <stop offset={`${Math.round(100 * share)}%`} stopColor={dot === null ? '#b9c0a8' : '#e9c25a'} />
          <stop offset="100%" stopColor={dot === null ? '#c9c09a' : '#dd9a3c'} />
        </linearGradient>
      </defs>
      <rect
        x={0}
        y={0}
        width={WIDTH}
        height={GOOD}
        fill={shown ? 'var(--color-shade)' : 'transparent'}
        opacity={0.6}
        rx={4}
      />
      <text x={4} y={20} fontSize={16} fontWeight={tight ? 700 : 400} fill="var(--color-ink)">
        {clipped(one.main.name)}
      </text>
      {/* A gap for the ear. */ ' '}
      <rect x={from} y={6} width={Math.max(3, to - from)} height={GOOD - 12} rx={3} fill={`url(#${id})`} />
      <rect
        x={to - 3}
        y={3}
        width={3.5}
        height={GOOD - 6}
        fill={one.safeUntil <= one.off ? 'var(--color-wax)' : 'var(--color-ink-soft)'}
      />
      {dot !== null && dot <= to && <circle cx={dot} cy={GOOD / 2} r={5} fill="#2a2520" />}
      <text
        x={to + 6}
        y={20}
        fontSize={14}
        fill={one.safeUntil <= one.off ? 'var(--color-wax)' : 'var(--color-ink-soft)'}
      >
        {off}
      </text>
    </g>
  );
}

/** As much of a name as the column holds. */
const clipped = (name: string): string => (name.length > 15 ? `${name.slice(0, 14)}…` : name);
