import type { Layout, Thing } from '@rotula/core';
import type { ReactNode } from 'react';
import { middleOf } from '../drawing/BoardDrawing';
import { say } from '../language/say';

/** What is drawn over a board: nothing, what belongs together, or how high things stand. */
export const VIEWS = {
  laid: say`As laid`,
  pairs: say`Pairs`,
  heights: say`Heights`,
} as const;
export type View = keyof typeof VIEWS;

/** Three zones of height (trade, section 14). */
const LOW = 30;
const MIDDLE = 80;
const ZONES = ['#33607a', '#c9782b', '#a23b2a'] as const;
const zoneOf = (height: number): string => ZONES[height < LOW ? 0 : height <= MIDDLE ? 1 : 2];

/** A line from each good to what belongs beside it; the shorter, the better. */
function Pairs({ layout, things, wide }: { layout: Layout; things: readonly Thing[]; wide: number }) {
  const lies = (id: string) => layout.placed.some((place) => place.id === id);
  return things
    .filter(({ traits, id }) => traits.kind === 'companion' && lies(id))
    .flatMap((thing) =>
      thing.beside.filter(lies).map((main): ReactNode => {
        const [x1, y1] = middleOf(layout, thing.id);
        const [x2, y2] = middleOf(layout, main);
        return (
          <line
            key={`${thing.id} ${main}`}
            {...{ x1, y1, x2, y2 }}
            stroke="#2a2520"
            strokeWidth={wide / 160}
            strokeLinecap="round"
            strokeDasharray={`${wide / 60} ${wide / 80}`}
          />
        );
      }),
    );
}

/** How high each thing stands, in the three zones. */
function Heights({
  layout,
  things,
  wide,
  mm,
}: {
  layout: Layout;
  things: readonly Thing[];
  wide: number;
  mm: (height: number) => string;
}) {
  return things
    .filter(({ id }) => layout.placed.some((place) => place.id === id))
    .map((thing) => {
      const [x, y] = middleOf(layout, thing.id);
      return (
        <g key={thing.id} transform={`translate(${x} ${y})`}>
          <circle r={wide / 32} fill={zoneOf(thing.height)} stroke="#f7f1e4" strokeWidth={wide / 400} />
          <text y={wide / 150} textAnchor="middle" fontSize={wide / 52} fontWeight={700} fill="#ffffff">
            {mm(thing.height)}
          </text>
        </g>
      );
    });
}

export function Overlay(props: {
  view: View;
  layout: Layout;
  things: readonly Thing[];
  wide: number;
  mm: (height: number) => string;
}) {
  if (props.view === 'laid') return null;
  return (
    <g pointerEvents="none" data-view={props.view}>
      {props.view === 'pairs' ? <Pairs {...props} /> : <Heights {...props} />}
    </g>
  );
}
