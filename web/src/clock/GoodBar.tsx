import type { Outing } from '@rotula/core';
import { say } from '../language/say';
import { GOOD, WIDTH } from './measures';
import { Touch } from './Touch';
import type { ClockDesk } from './useClock';

/** One good from cold to ready to gone. */
export function GoodBar({
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
  const id = `warm-${one.key.replace(/[^a-z0-9]+/g, '-')}`;
  const shown = desk.focus === one.key;
  const share = dot === null ? 1 : Math.max(0.02, Math.min(1, (dot - from) / Math.max(1, to - from)));
  const off = say`off ${desk.time(one.offBy)}`;
  const ready = one.readyAt === null ? say`not ready while it stands` : say`ready ${desk.time(one.readyAt)}`;
  const told = say`${one.main.name} ${off}: out of the cold ${desk.time(one.out)}, ${ready}`;
  return (
    <Touch
      name={told}
      pressed={shown}
      onTouch={() => desk.look(one.key)}
      transform={`translate(0 ${y})`}
      data-outing={one.key}
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
    </Touch>
  );
}

/** As much of a name as the column holds. */
const clipped = (name: string): string => (name.length > 15 ? `${name.slice(0, 14)}…` : name);
