import { isOuting, type Standing, type WaveTimes } from '@rotula/core';
import { useEffect, useMemo, useState } from 'react';
import { useWorkbench } from '../frame/context';
import { count } from '../ui/format';
import { say } from '../language/say';
import { plateLabel } from '../words';
import { GoodBar } from './GoodBar';
import { barsOf, rowsOf } from './lanes';
import { GOOD, HEAD, LANE, NAME, RIGHT, WIDTH } from './measures';
import { dayScale, type DayScale } from './scale';
import type { ClockDesk } from './useClock';
import { useBarDrag } from './useBarDrag';
import { WorkBar } from './WorkBar';

const rounded = (minute: number, step: number, up: boolean) =>
  (up ? Math.ceil(minute / step) : Math.floor(minute / step)) * step;

/** The wall clock's minute now, read every half minute; null while the day is another. */
function useNow(desk: ClockDesk, scale: DayScale): number | null {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 30_000);
    return () => clearInterval(timer);
  }, []);
  const minute = (now - desk.wall.instant(0).getTime()) / 60_000;
  return minute >= scale.from && minute <= scale.to ? minute : null;
}

/** From when to when the day is drawn. */
function useDayScale({ timing, shifts }: ClockDesk, servedAt: string) {
  const { ends } = useWorkbench().plan.timing.question.party;
  return useMemo(() => {
    const first = Math.min(
      -30,
      ...shifts.map(({ start }) => start),
      ...timing.standing.map(({ out }) => out),
    );
    const last = Math.max(ends, ...timing.standing.map(({ offBy }) => offBy));
    const [h, m] = servedAt.split(':').map(Number) as [number, number];
    return dayScale(rounded(first - 2, 5, false), rounded(last + 4, 5, true), h * 60 + m);
  }, [shifts, timing.standing, ends, servedAt]);
}

/** A row for each pair of hands, and one for each tray of the oven. */
function lanesOf({ shifts }: ClockDesk, hands: number) {
  const ovens = rowsOf(shifts.filter(({ task }) => task.job.oven > 0));
  return [
    ...Array.from({ length: hands }, (_, i) => ({
      name: hands === 1 ? say`Hands` : say`Hands ${i + 1}`,
      bars: barsOf(shifts.filter((shift) => shift.hands === i)),
    })),
    ...ovens.map((row, i) => ({
      name: ovens.length === 1 ? say`Oven` : say`Tray ${i + 1}`,
      bars: barsOf(row),
    })),
  ];
}

/** Lanes of hands and oven over the hours, and below them each good from cold to ready to gone, waves apart, the tight one first. */
export function DayPicture({ desk }: { desk: ClockDesk }) {
  const { document, plan } = useWorkbench();
  const { timing } = desk;
  const { room, party } = plan.timing.question;
  const servedAt = document.order.brief.servingAt.slice(11);
  const scale = useDayScale(desk, servedAt);
  const now = useNow(desk, scale);
  const lanes = lanesOf(desk, room.hands);
  const blocks = blocksOf(desk, party.waves, plan.ownPlates.map(plateLabel));
  const lanesHigh = HEAD + lanes.length * LANE;
  const blockHigh = (goods: readonly Standing[]) => 30 + goods.length * GOOD;
  const rows = blocks.map(({ title, goods }, i) => ({
    title,
    goods,
    top: blocks.slice(0, i).reduce((top, before) => top + blockHigh(before.goods), lanesHigh + 8),
  }));
  const height = blocks.reduce((sum, { goods }) => sum + blockHigh(goods), lanesHigh + 14);
  const x = (minute: number) => NAME + scale.at(minute) * (WIDTH - NAME - RIGHT);
  const drag = useBarDrag(desk, (clientX, box) =>
    scale.minute(((clientX - box.left) * (WIDTH / box.width) - NAME) / (WIDTH - NAME - RIGHT)),
  );
  return (
    <figure className="-mx-2 overflow-x-auto" aria-label={say`The day over the hours`}>
      <svg viewBox={`0 0 ${WIDTH} ${height}`} className="block w-full min-w-[640px] touch-pan-y" data-day>
        {scale.ticks.map((minute) => (
          <HourLine key={minute} minute={minute} x={x} height={height} desk={desk} />
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
        {now !== null && <NowLine x={x} now={now} height={height} />}
        {rows.map(({ title, goods, top }) => (
          <g key={title} transform={`translate(0 ${top})`}>
            <text x={4} y={20} fontSize={14} fill="var(--color-ink-soft)">
              {title}
            </text>
            {goods.map((one, i) => (
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

/** The minute that it is now. */
function NowLine({ x, now, height }: { x: (minute: number) => number; now: number; height: number }) {
  return (
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
  );
}

/** An hour, through all rows. */
function HourLine({
  minute,
  x,
  height,
  desk,
}: {
  minute: number;
  x: (minute: number) => number;
  height: number;
  desk: ClockDesk;
}) {
  return (
    <g>
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
  );
}

/** Goods that stand together: each wave, and each own plate; the tight one first. */
function blocksOf(desk: ClockDesk, waves: readonly WaveTimes[], plates: readonly string[]) {
  const { standing, tight } = desk.timing;
  const short = (one: Standing) => (isOuting(one) ? one.short : 0);
  const sorted = (own: readonly Standing[]) =>
    [...own].sort(
      (a, b) => Number(b === tight) - Number(a === tight) || short(b) - short(a) || a.offBy - b.offBy,
    );
  const onBoard = waves.map((wave) => ({
    title:
      waves.length > 1
        ? say`Wave ${wave.number}: on the table ${desk.time(wave.on)}, taken off ${desk.time(wave.off)}`
        : say`Out of the cold, and for how long`,
    goods: sorted(standing.filter((one) => one.plate === null && one.wave.number === wave.number)),
  }));
  const onPlates = plates.map((label, i) => ({
    title: say`Own plate, with its own clock: ${label}`,
    goods: sorted(standing.filter(({ plate }) => plate === i)),
  }));
  return [...onBoard, ...onPlates].filter((block) => block.goods.length > 0);
}

/** How sure the day is. */
function dayWords({ timing: { day, exact } }: ClockDesk): string {
  if (!exact) return say`Quick answer.`;
  return day.exact
    ? say`No other order of the work is better: every one was looked at.`
    : say`The best found in ${count(day.nodes, 'step')} of the search; no order of the work begins later than ${count(day.bound.first, 'minute')} before serving.`;
}
