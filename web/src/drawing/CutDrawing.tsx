import { viewsOf, type Answer, type Cut, type Main, type Reason, type View } from '@rotula/core';
import { useId } from 'react';
import type { Format } from '../ui/format';
import { say } from '../language/say';
import { box, inkOf, path, type Ink, type Place } from './ink';
import { WHEEL, WheelDrawing, wheelHigh } from './WheelDrawing';

/** As wide as the panel, and as half a sheet of paper: the letters stay readable. */
const WIDE = { screen: 540, print: 430 };
const VIEW_GAP = 26;
const HIGH = { screen: 244, print: 170 };
/** Room for the measures beside and below a view. */
const VIEW_LABEL = { right: 96, below: 30 };

/** Top and side of what is cut, to one scale, with the strokes, what comes off hatched, and the measures to lay a knife by. */
export function CutDrawing({
  main,
  cut,
  answer,
  steps,
  format,
  print = false,
}: {
  main: Main;
  cut: Cut;
  answer: Answer;
  /** What hands do, in order: the cuts of the wheel are numbered by it. */
  steps: readonly Reason[];
  format: Format;
  print?: boolean;
}) {
  const hatch = useId();
  const ink = inkOf(main, print);
  const W = print ? WIDE.print : WIDE.screen;
  const views = viewsOf(answer.stock, answer.division);
  const left = cut.wheel ? WHEEL + VIEW_GAP : 2;
  const boxes = views.map(({ outline }) => box(outline));
  const wide = Math.max(...boxes.map(({ w }) => w));
  const high = boxes.reduce((sum, { h }) => sum + h, 0);
  const room = HIGH[print ? 'print' : 'screen'] - (views.length - 1) * VIEW_LABEL.below;
  const scale = Math.min((W - left - VIEW_LABEL.right) / wide, room / high, 3.2);
  const drawn = 6 + high * scale + views.length * VIEW_LABEL.below;
  const tops = boxes.map((_, i) =>
    boxes.slice(0, i).reduce((sum, { h }) => sum + h * scale + VIEW_LABEL.below, 6),
  );
  return (
    <svg
      viewBox={`0 0 ${W} ${Math.max(drawn, wheelHigh(main, cut)) + 4}`}
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
      {cut.wheel && (
        <WheelDrawing main={main} cut={cut} ink={ink} hatch={hatch} steps={steps} format={format} />
      )}
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
