import { wheelView, type Cut, type Main, type Point, type Reason } from '@rotula/core';
import type { Format } from '../ui/format';
import { say } from '../language/say';
import { path, type Ink, type Place } from './ink';

/** As wide as the wheel is drawn. */
export const WHEEL = 168;

/**
 * The wheel from above: what was sold before, its dry face, what is taken now with the measure to mark on the rim, and how far
 * the second cut may be off. Below it the side, where its height is taken in parts; the cuts are numbered in their order.
 */
export function WheelDrawing({
  main,
  cut,
  ink,
  hatch,
  steps,
  format,
}: {
  main: Main;
  cut: Cut;
  ink: Ink;
  hatch: string;
  steps: readonly Reason[];
  format: Format;
}) {
  const wheel = cut.wheel!;
  const diameter = main.form.diameter ?? 100;
  const height = main.form.height ?? 40;
  const scale = (WHEEL - 12) / diameter;
  const at: Place = ([x, y]) => `${(WHEEL / 2 + x * scale).toFixed(1)} ${(WHEEL / 2 - y * scale).toFixed(1)}`;
  const seen = wheelView(diameter, height, wheel);
  const [a, b] = seen.chord;
  const below = WHEEL + 50;
  const sideAt: Place = ([x, y]) =>
    `${(WHEEL / 2 + x * scale).toFixed(1)} ${(below + (height - y) * scale).toFixed(1)}`;
  const parted = seen.side?.part[0];
  const numberOf = (...rules: Reason['rule'][]) => steps.findIndex(({ rule }) => rules.includes(rule)) + 1;
  return (
    <g>
      {seen.sold && (
        <path d={path(seen.sold, at)} fill="none" stroke={ink.gone} strokeWidth="1.6" strokeDasharray="4 4" />
      )}
      {seen.left && <path d={path(seen.left, at)} fill={ink.fill} stroke={ink.line} strokeWidth="1.6" />}
      <path
        d={path(seen.taken, at)}
        fill={ink.take}
        fillOpacity={ink.fill === '#ffffff' ? 0.25 : 0.85}
        stroke={ink.stroke}
        strokeWidth="2.4"
        strokeLinejoin="round"
      />
      <path
        d={path(seen.target, at)}
        fill={ink.stroke}
        fillOpacity="0.28"
        stroke={ink.stroke}
        strokeWidth="0.8"
        strokeDasharray="2 3"
        data-tolerance={wheel.tolerance.angle.toFixed(1)}
      />
      {seen.facing && (
        <path d={path(seen.facing, at)} fill={`url(#${hatch})`} stroke={ink.line} strokeWidth="0.8" />
      )}
      {seen.ordered && (
        <path
          d={`M${at([0, 0])}L${at(seen.ordered)}`}
          stroke={ink.line}
          strokeWidth="1.6"
          strokeDasharray="6 4"
        />
      )}
      <path d={`M${at(a)}L${at(b)}`} stroke={ink.line} strokeWidth="1.6" strokeDasharray="3 3" />
      <text x={WHEEL / 2} y={WHEEL + 18} textAnchor="middle" fontWeight="700" fill={ink.line}>
        {say`${format.mm(wheel.chordMm)} across the rim`}
      </text>
      <text x={WHEEL / 2} y={WHEEL + 37} textAnchor="middle" fontSize={14} fill={ink.line}>
        {wheel.isCounted
          ? say`${wheel.angle.toFixed(0)}° ± ${wheel.tolerance.angle.toFixed(0)}°; ${format.grams(wheel.left.grams)} stay`
          : say`${wheel.angle.toFixed(0)}° ± ${wheel.tolerance.angle.toFixed(0)}°; none is counted`}
      </text>
      {seen.side && parted && (
        <g data-way={wheel.way}>
          <path d={path(seen.side.whole, sideAt)} fill={ink.fill} stroke={ink.line} strokeWidth="1.6" />
          <path
            d={path(seen.side.part, sideAt)}
            fill={ink.take}
            fillOpacity={ink.fill === '#ffffff' ? 0.25 : 0.85}
            stroke={ink.stroke}
            strokeWidth="2"
          />
          <Order
            n={numberOf('disc-by-wire', 'halve-the-height')}
            at={[WHEEL / 2 + parted[0] * scale + 14, below + (height - parted[1]) * scale]}
            ink={ink}
          />
          <Order n={numberOf('mark-the-rim')} at={[WHEEL / 2, WHEEL / 2]} ink={ink} />
        </g>
      )}
    </g>
  );
}

/** Which cut comes first. */
function Order({ n, at: [x, y], ink }: { n: number; at: Point; ink: Ink }) {
  return (
    <g>
      <circle cx={x} cy={y} r="10" fill="var(--color-paper-lit, #fff)" stroke={ink.line} strokeWidth="1.6" />
      <text x={x} y={y + 5} textAnchor="middle" fontSize={14} fontWeight="700" fill={ink.line}>
        {n}
      </text>
    </g>
  );
}

/** How high the wheel stands in the drawing, with its words and, where it is parted, its side. */
export function wheelHigh(main: Main, cut: Cut): number {
  if (!cut.wheel) return 0;
  const side =
    cut.wheel.parts > 1 ? ((main.form.height ?? 40) * (WHEEL - 12)) / (main.form.diameter ?? 100) + 6 : 0;
  return WHEEL + 46 + side;
}
