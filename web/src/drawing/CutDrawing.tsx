import {
  viewsOf,
  wheelView,
  type Answer,
  type Cut,
  type Main,
  type Point,
  type Polygon,
  type View,
} from '@rotula/core';
import { useId } from 'react';
import type { Format } from '../ui/format';
import { say } from '../language/say';

/** What a cut is drawn with: on the screen in the colours of the good, on a sheet in black on white. */
interface Ink {
  readonly fill: string;
  readonly rind: string;
  readonly stroke: string;
  readonly line: string;
  readonly gone: string;
  /** What is taken now. */
  readonly take: string;
}
const inkOf = (main: Main, print: boolean): Ink =>
  print
    ? {
        fill: '#ffffff',
        rind: '#000000',
        stroke: '#000000',
        line: '#000000',
        gone: '#d9d9d9',
        take: '#000000',
      }
    : {
        fill: main.colours[0]!,
        rind: '#6d5a41',
        stroke: '#8f4a0e',
        line: 'var(--color-ink)',
        gone: 'var(--color-line)',
        take: 'var(--color-butter)',
      };

/** As wide as the panel, and as half a sheet of paper: the letters stay readable. */
const WIDE = { screen: 540, print: 430 };
const WHEEL = 168;
const GAP = 26;
const HIGH = { screen: 244, print: 170 };
/** Room for the measures beside and below a view. */
const LABEL = { right: 96, below: 30 };

const box = (polygon: Polygon) => {
  const xs = polygon.map(([x]) => x);
  const ys = polygon.map(([, y]) => y);
  return {
    x: Math.min(...xs),
    y: Math.min(...ys),
    w: Math.max(...xs) - Math.min(...xs),
    h: Math.max(...ys) - Math.min(...ys),
  };
};

/** From mm, y upwards, to pixels, y downwards. */
type Place = (point: Point) => string;
const path = (polygon: Polygon, at: Place) => `M${polygon.map(at).join('L')}Z`;

/** Top and side of what is cut, to one scale, with the strokes, what comes off hatched, and the measures to lay a knife by. */
export function CutDrawing({
  main,
  cut,
  answer,
  format,
  print = false,
}: {
  main: Main;
  cut: Cut;
  answer: Answer;
  format: Format;
  print?: boolean;
}) {
  const hatch = useId();
  const ink = inkOf(main, print);
  const W = print ? WIDE.print : WIDE.screen;
  const views = viewsOf(answer.stock, answer.division);
  const left = cut.wheel ? WHEEL + GAP : 0;
  const boxes = views.map(({ outline }) => box(outline));
  const wide = Math.max(...boxes.map(({ w }) => w));
  const high = boxes.reduce((sum, { h }) => sum + h, 0);
  const room = HIGH[print ? 'print' : 'screen'] - (views.length - 1) * LABEL.below;
  const scale = Math.min((W - left - LABEL.right) / wide, room / high, 3.2);
  const drawn = 6 + high * scale + views.length * LABEL.below;
  const tops = boxes.map((_, i) =>
    boxes.slice(0, i).reduce((sum, { h }) => sum + h * scale + LABEL.below, 6),
  );
  return (
    <svg
      viewBox={`0 0 ${W} ${Math.max(drawn, cut.wheel ? WHEEL + 46 : 0) + 4}`}
      className="w-full"
      role="img"
      aria-label={say`${main.name} as it is cut, to scale`}
      fontFamily="inherit"
      fontSize={15}
    >
      <defs>
        <pattern id={hatch} width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="6" stroke={ink.rind} strokeWidth="1.6" />
        </pattern>
      </defs>
      {cut.wheel && <Wheel main={main} cut={cut} ink={ink} format={format} />}
      {views.map((view, i) => {
        const { x, y, w, h } = boxes[i]!;
        const [ox, oy] = [left, tops[i]!];
        const at: Place = ([px, py]) =>
          `${(ox + (px - x) * scale).toFixed(1)} ${(oy + (h - (py - y)) * scale).toFixed(1)}`;
        const bottom = oy + h * scale;
        return (
          <g key={view.from}>
            <Solid view={view} at={at} ink={ink} hatch={hatch} guides={cut.whole} />
            <text
              x={ox + w * scale + 10}
              y={oy + Math.max(14, (h * scale) / 2 + 5)}
              fontWeight="700"
              fill={ink.line}
            >
              {format.mm(h)}
            </text>
            <text
              x={ox + w * scale + 10}
              y={oy + Math.max(30, (h * scale) / 2 + 22)}
              fontSize={14}
              fill={ink.line}
            >
              {VIEW_WORDS[view.from]}
            </text>
            {i === views.length - 1 && (
              <g stroke={ink.line} strokeWidth="1.2" fill={ink.line}>
                <path d={`M${ox} ${bottom + 9}h${w * scale}m0 -4v8m${-w * scale} 0v-8`} fill="none" />
                <text
                  x={ox + (w * scale) / 2}
                  y={bottom + 26}
                  textAnchor="middle"
                  fontWeight="700"
                  stroke="none"
                >
                  {format.mm(w)}
                </text>
              </g>
            )}
          </g>
        );
      })}
    </svg>
  );
}

const VIEW_WORDS: Record<View['from'], string> = {
  above: say`from above`,
  side: say`from the side`,
  end: say`from the end`,
};

/** More strokes than this are drawn thin. */
const MANY = 24;

function Solid({
  view,
  at,
  ink,
  hatch,
  guides,
}: {
  view: View;
  at: Place;
  ink: Ink;
  hatch: string;
  /** It stays whole: the strokes are where guests cut. */
  guides: boolean;
}) {
  const { outline, inner, strokes } = view;
  return (
    <>
      <path d={path(outline, at)} fill={ink.fill} />
      {inner && (
        <path
          d={`${path(outline, at)}${path([...inner].reverse(), at)}`}
          fillRule="evenodd"
          fill={`url(#${hatch})`}
        />
      )}
      <g
        stroke={ink.stroke}
        strokeWidth={strokes.length > MANY ? 0.9 : 1.6}
        strokeLinecap="round"
        strokeDasharray={guides ? '2 5' : undefined}
      >
        {strokes.map(({ from, to }, i) => (
          <path key={i} d={`M${at(from)}L${at(to)}`} />
        ))}
      </g>
      <path d={path(outline, at)} fill="none" stroke={ink.line} strokeWidth="1.8" strokeLinejoin="round" />
    </>
  );
}

/** The wheel from above: what was sold before, what is taken now, the straight measure to mark on the rim. */
function Wheel({ main, cut, ink, format }: { main: Main; cut: Cut; ink: Ink; format: Format }) {
  const wheel = cut.wheel!;
  const radius = (main.form.diameter ?? 100) / 2;
  const scale = (WHEEL - 12) / (2 * radius);
  const at: Place = ([x, y]) => `${(WHEEL / 2 + x * scale).toFixed(1)} ${(WHEEL / 2 - y * scale).toFixed(1)}`;
  const seen = wheelView(radius, Math.max(wheel.there.angle, wheel.angle), wheel.angle);
  const [a, b] = seen.chord;
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
      <path d={`M${at(a)}L${at(b)}`} stroke={ink.line} strokeWidth="1.6" strokeDasharray="3 3" />
      <text x={WHEEL / 2} y={WHEEL + 18} textAnchor="middle" fontWeight="700" fill={ink.line}>
        {say`${format.mm(wheel.chordMm)} across the rim`}
      </text>
      <text x={WHEEL / 2} y={WHEEL + 37} textAnchor="middle" fontSize={14} fill={ink.line}>
        {say`${wheel.angle.toFixed(0)}°; ${format.grams(wheel.left.grams)} stay`}
      </text>
    </g>
  );
}

/** One piece as it lies, standing up from the board, at a scale that fits. */
export function PieceDrawing({ main, cut, print = false }: { main: Main; cut: Cut; print?: boolean }) {
  const ink = inkOf(main, print);
  if (cut.look === 'pearl')
    return (
      <svg viewBox="0 0 200 110" className="w-full max-w-[220px]" aria-hidden>
        <circle cx="100" cy="56" r="46" fill={ink.fill} stroke={ink.line} strokeWidth="1.8" />
        <path d="M72 46q8-20 28-22" fill="none" stroke={ink.line} strokeWidth="1.4" strokeLinecap="round" />
      </svg>
    );
  const { x, y, w, h } = box(cut.outline);
  const lift: Point = [0.18 * cut.height, 0.62 * cut.height];
  const scale = Math.min(3.4, 190 / (w + lift[0]), 96 / (h * 0.6 + lift[1]));
  // What is farther off is drawn first.
  const sides = cut.outline
    .map((p, i): [Point, Point] => [p, cut.outline[(i + 1) % cut.outline.length]!])
    .sort(([a, b], [c, d]) => c[1] + d[1] - a[1] - b[1]);
  // Looked at from the front: the plan is foreshortened, the height stands up.
  const at =
    (up: number): Place =>
    ([px, py]) =>
      `${(4 + (px - x + lift[0] * up) * scale).toFixed(1)} ${(104 - ((py - y) * 0.6 + lift[1] * up) * scale).toFixed(1)}`;
  return (
    <svg viewBox="0 0 200 110" className="w-full max-w-[220px]" aria-hidden strokeLinejoin="round">
      <path d={path(cut.outline, at(0))} fill={ink.fill} stroke={ink.line} strokeWidth="1.8" />
      <g style={{ filter: print ? undefined : 'brightness(.84)' }}>
        {sides.map(([p, q], i) => {
          const round = cut.outline.length > 12;
          return (
            <path
              key={i}
              d={`M${at(0)(p)}L${at(0)(q)}L${at(1)(q)}L${at(1)(p)}Z`}
              fill={ink.fill}
              stroke={round ? ink.fill : ink.line}
              strokeWidth="1.2"
            />
          );
        })}
      </g>
      <path d={path(cut.outline, at(1))} fill={ink.fill} stroke={ink.line} strokeWidth="1.8" />
    </svg>
  );
}
