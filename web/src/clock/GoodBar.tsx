import { isOuting, shortOf, type Standing } from '@rotula/core';
import { useWorkbench } from '../frame/context';
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
  one: Standing;
  y: number;
  x: (minute: number) => number;
  desk: ClockDesk;
  tight: boolean;
}) {
  const { plan } = useWorkbench();
  const short = shortOf(plan, one.good.id).length > 0;
  const [from, to] = [x(one.out), x(one.offBy)];
  const readyAt = isOuting(one) ? one.readyAt : null;
  const dot = readyAt === null ? null : x(readyAt);
  const id = `warm-${one.key.replace(/[^a-z0-9]+/g, '-')}`;
  const shown = desk.focus === one.key;
  const share = dot === null ? 1 : Math.max(0.02, Math.min(1, (dot - from) / Math.max(1, to - from)));
  const off = say`off ${desk.time(one.offBy)}`;
  const ready = one.servedCold
    ? say`served cold`
    : !isOuting(one)
      ? say`soft when it is served`
      : readyAt === null
        ? say`not ready while it stands`
        : say`ready ${desk.time(readyAt)}`;
  const [mid, end] = one.servedCold
    ? ['#a9c4cf', '#c2cfc9']
    : isOuting(one) && dot === null
      ? ['#b9c0a8', '#c9c09a']
      : ['#e9c25a', '#dd9a3c'];
  const label = say`${one.good.name} ${off}: out of the cold ${desk.time(one.out)}, ${ready}${short ? say`, short` : ''}`;
  return (
    <Touch
      name={label}
      pressed={shown}
      onTouch={() => desk.look(one.key)}
      transform={`translate(0 ${y})`}
      data-outing={one.key}
    >
      <defs>
        <linearGradient id={id}>
          <stop offset="0%" stopColor="#8fb4c8" />
          <stop offset={`${Math.round(100 * share)}%`} stopColor={mid} />
          <stop offset="100%" stopColor={end} />
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
        {clipped(one.good.name)}
      </text>
      {short && (
        <rect x={-5} y={4} width={5} height={GOOD - 8} fill="var(--color-annatto)" data-short={one.good.id} />
      )}
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
