import {
  heightZone,
  colourGap,
  handTo,
  REACH,
  SEEN_APART,
  type Board,
  type Layout,
  type Thing,
} from '@rotula/core';
import type { ReactNode } from 'react';
import { middleOf } from '../drawing/BoardDrawing';
import type { View } from './viewNames';

interface OverlayProps {
  readonly layout: Layout;
  /** Those that lie there. */
  readonly things: readonly Thing[];
  readonly board: Board;
  readonly sides: 1 | 2 | 4;
  readonly mm: (length: number) => string;
}

const INK = '#2a2520';
const CREAM = '#f7f1e4';

/** A broken line with a pale edge: it is seen on dark wood and on pale food alike. */
function Broken({
  points,
  colour,
  wide,
  dash,
}: {
  points: readonly (readonly [number, number])[];
  colour: string;
  wide: number;
  dash: string;
}) {
  const line = {
    points: points.map((at) => at.join(' ')).join(' '),
    fill: 'none',
    strokeLinejoin: 'round' as const,
    strokeLinecap: 'round' as const,
  };
  return (
    <>
      <polyline {...line} stroke={CREAM} strokeOpacity={0.85} strokeWidth={2.2 * wide} />
      <polyline {...line} stroke={colour} strokeWidth={wide} strokeDasharray={dash} />
    </>
  );
}

/** A line from each good to what belongs beside it; the shorter, the better. */
function Pairs({ layout, things, board }: OverlayProps) {
  const wide = board.length;
  return things
    .filter(({ traits }) => traits.kind === 'companion')
    .flatMap((thing) =>
      thing.beside
        .filter((id) => things.some((one) => one.id === id))
        .map((main): ReactNode => {
          return (
            <Broken
              key={`${thing.id} ${main}`}
              points={[middleOf(layout, thing.id), middleOf(layout, main)]}
              colour={INK}
              wide={wide / 160}
              dash={`${wide / 60} ${wide / 80}`}
            />
          );
        }),
    );
}

/** The walk from step to step, clockwise. */
function Walk({ layout, things, board }: OverlayProps) {
  const steps = things
    .filter(({ traits }) => traits.step !== null)
    .sort((a, b) => a.traits.step! - b.traits.step!)
    .map(({ id }) => middleOf(layout, id));
  const wide = board.length;
  return <Broken points={steps} colour="#8f4a0e" wide={wide / 110} dash={`${wide / 30} ${wide / 50}`} />;
}

const ZONE_COLOURS = { low: '#33607a', middle: '#8f4a0e', high: '#a23b2a' };

/** A figure in a disc at the middle of a thing. */
function Marked({
  layout,
  thing,
  board,
  fill,
  children,
}: Pick<OverlayProps, 'layout' | 'board'> & { thing: Thing; fill: string; children: ReactNode }) {
  const [x, y] = middleOf(layout, thing.id);
  const wide = board.length;
  return (
    <g transform={`translate(${x} ${y})`}>
      <circle r={wide / 30} fill={fill} stroke={CREAM} strokeWidth={wide / 400} />
      <text y={wide / 150} textAnchor="middle" fontSize={wide / 54} fontWeight={700} fill="#ffffff">
        {children}
      </text>
    </g>
  );
}

/** How high each thing stands, in the three zones. */
function Heights(props: OverlayProps) {
  return props.things.map((thing) => (
    <Marked key={thing.id} {...props} thing={thing} fill={ZONE_COLOURS[heightZone(thing.height)]}>
      {props.mm(thing.height)}
    </Marked>
  ));
}

/** How far each thing is from the nearest hand. */
function Reach(props: OverlayProps) {
  return props.things.map((thing) => {
    const [x, y] = middleOf(props.layout, thing.id);
    const far = handTo({ x, y }, props);
    return (
      <Marked key={thing.id} {...props} thing={thing} fill={far <= REACH ? '#3f6b35' : '#a23b2a'}>
        {props.mm(Math.max(0, Math.round(far)))}
      </Marked>
    );
  });
}

/** Neighbours whose colours the eye does not distinguish. */
function Colours({ layout, things, board }: OverlayProps) {
  const food = things.filter(({ traits }) => traits.kind !== 'tool');
  const near = board.length / 3;
  return (
    <>
      {food.flatMap((a, i) =>
        food.slice(i + 1).map((b): ReactNode => {
          const [[x1, y1], [x2, y2]] = [middleOf(layout, a.id), middleOf(layout, b.id)];
          const alike = colourGap(a.traits.colour, b.traits.colour) < SEEN_APART;
          return alike && Math.hypot(x1 - x2, y1 - y2) < near ? (
            <line
              key={`${a.id} ${b.id}`}
              {...{ x1, y1, x2, y2 }}
              stroke="#a23b2a"
              strokeWidth={board.length / 130}
            />
          ) : null;
        }),
      )}
      {food.map((thing) => {
        const [x, y] = middleOf(layout, thing.id);
        return (
          <circle
            key={thing.id}
            cx={x}
            cy={y}
            r={board.length / 24}
            fill={thing.traits.colour}
            stroke={INK}
            strokeWidth={board.length / 300}
          />
        );
      })}
    </>
  );
}

const OVERLAYS: Readonly<Record<View, ((props: OverlayProps) => ReactNode) | null>> = {
  laid: null,
  pairs: Pairs,
  walk: Walk,
  heights: Heights,
  reach: Reach,
  colours: Colours,
  'half eaten': Walk,
};

export default function Overlay({ view, things, ...rest }: OverlayProps & { view: View }) {
  const Drawn = OVERLAYS[view];
  if (!Drawn) return null;
  const lies = things.filter(({ id }) => rest.layout.placed.some((place) => place.id === id));
  return (
    <g pointerEvents="none" data-view={view}>
      <Drawn {...rest} things={lies} />
    </g>
  );
}
